import { useEffect, useMemo, useState } from 'react';
import { styled } from 'styled-components';
import {
  oneStep,
  newRuleId,
  readHidden,
  showHidden,
  type ConcordanceLine,
  type OwnRule,
  type Place,
  type Query,
  type Step,
} from '../../../../core/index.ts';
import { Button } from '../../../ui/buttons.tsx';
import { toast } from '../../../ui/toasts.tsx';
import type { PieceView } from '../state/piece-context.ts';
import { ruleTitle } from '../words/rule-words.ts';
import { After, Before, Changed, ConcordanceList, LineNumber, Note, Tick } from './concordance-list.tsx';
import { contextWords, keyWords } from './concordance-words.ts';
import { FindField } from './find-field.tsx';
import { SlowExpression, WrongExpression } from './hit-problem.tsx';
import type { Lines } from './line-numbers.tsx';
import { LineRange } from './line-range.tsx';
import { Controls } from './ledger-controls.tsx';
import { useLines } from './use-lines.ts';
import { useSearch, type SearchState } from './use-search.ts';

type Found = Extract<SearchState, { status: 'found' }>;

interface HitListProps {
  readonly piece: PieceView;
  readonly query: Query;
  /** What stands in the field for the replacement at first. */
  readonly insert: string;
}

/** The hits of a search, each in its surroundings; those that are ticked can be replaced, by a rule that is kept. */
export default function HitList({ piece, query, insert }: HitListProps) {
  const state = useSearch(piece.ready, piece.source, query);
  const [lines, setLines] = useState<Lines>();
  const [last, setLast] = useState<Found>();
  // What was found stays in sight until the next answer is there.
  if (state.status === 'found' && state !== last) setLast(state);
  const range = useRangeOfLines(piece, lines);
  const hits = useMemo(() => (last ? hitsWithin(last, range) : []), [last, range]);
  if (state.status === 'wrong') return <WrongExpression problem={state} query={query} />;
  if (state.status === 'too-slow') return <SlowExpression />;
  if (!last) return <Controls>{state.status === 'looking' && <span role="status">Looking…</span>}</Controls>;
  return (
    <Hits
      piece={piece}
      found={last}
      hits={hits}
      insert={insert}
      range={range}
      isLooking={state.status === 'looking'}
      where={<LineRange lines={lines} most={piece.ready.summary.lines} onChange={setLines} />}
    />
  );
}

function useRangeOfLines({ ready }: PieceView, lines: Lines | undefined): Place | undefined {
  const [range, setRange] = useState<Place>();
  useEffect(() => {
    let isCurrent = true;
    if (!lines) setRange(undefined);
    else {
      void ready.client.rangeOfLines(lines.first, lines.last).then(
        (found) => isCurrent && setRange(found),
        () => undefined,
      );
    }
    return () => {
      isCurrent = false;
    };
  }, [ready.client, lines]);
  return range;
}

/** The hits that lie in a range of the source, by their places in the list of all. */
function hitsWithin({ sourceFrom, sourceTo }: Found, range: Place | undefined): number[] {
  const all = Array.from(sourceFrom, (_, at) => at);
  return range ? all.filter((at) => sourceFrom[at]! >= range.from && sourceTo[at]! <= range.to) : all;
}

interface HitsProps {
  readonly piece: PieceView;
  readonly found: Found;
  readonly hits: readonly number[];
  readonly insert: string;
  readonly range: Place | undefined;
  readonly isLooking: boolean;
  readonly where: React.ReactNode;
}

function Hits({ piece, found, hits, insert: firstInsert, range, isLooking, where }: HitsProps) {
  const { decisions } = piece;
  const [insertShown, setInsert] = useState(() => showHidden(firstInsert));
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  useEffect(() => setLeft(new Set()), [found]);
  const insert = readHidden(insertShown);
  const key = useMemo(() => ({ found, hits, insert }), [found, hits, insert]);
  const { lineAt, onSight } = useLines<ConcordanceLine>(key, (from, to) => {
    const wanted = hits.slice(from, to);
    const start = wanted.map((hit) => found.from[hit]!);
    return found.search.lines(
      found.query,
      insert,
      start,
      wanted.map((hit) => found.to[hit]!),
    );
  });
  const count = hits.length;
  const ticked = count - hits.filter((hit) => left.has(hit)).length;
  const setTick = (at: number, on: boolean) =>
    setLeft((now) => {
      const next = new Set(now);
      if (on) next.delete(hits[at]!);
      else next.add(hits[at]!);
      return next;
    });
  const placeOf = (hit: number): Place => ({ from: found.sourceFrom[hit]!, to: found.sourceTo[hit]! });
  const replace = () => {
    const rule: OwnRule = { id: newRuleId(decisions.style, decisions.choices), query: found.query, insert };
    decisions.take(stepFor(rule, hits.filter((hit) => left.has(hit)).map(placeOf), range));
    toast({
      text: `${ticked.toLocaleString('en')} replaced`,
      detail: `${ruleTitle(rule)} is now one of your rules; it runs after all passes. Undo removes it.`,
    });
  };
  const onKey = (pressed: string, at: number, next: () => void) => {
    if (pressed !== 'y' && pressed !== 'n') return false;
    setTick(at, pressed === 'y');
    next();
    return true;
  };
  return (
    <>
      <Controls>
        <FindField
          label="Replace with"
          placeholder="nothing"
          shown={insertShown}
          onChange={setInsert}
          onEnter={replace}
        />
        {where}
        <Button isDisabled={ticked === 0 || isLooking} onPress={replace}>
          {insert === '' ? 'Take out' : 'Replace'} the {ticked.toLocaleString('en')} ticked
        </Button>
        <Status role="status">
          {isLooking
            ? 'Looking…'
            : `${found.capped ? 'More than ' : ''}${count.toLocaleString('en')} ${count === 1 ? 'hit' : 'hits'}`}
        </Status>
      </Controls>
      <ConcordanceList
        label="Hits: arrows move, Y ticks and goes on, N leaves and goes on, Enter shows one in the text"
        count={count}
        empty={nothingWords(found, range !== undefined)}
        isTicked={(at) => !left.has(hits[at]!)}
        onTick={(at) => setTick(at, left.has(hits[at]!))}
        onGo={(at) => piece.show({ title: keyWords(lineAt(at)?.hit ?? ''), places: hits.map(placeOf), at })}
        onKey={onKey}
        onSight={onSight}
        renderLine={(at) => (
          <HitCells
            number={at + 1}
            line={lineAt(at)}
            isTicked={!left.has(hits[at]!)}
            onTick={() => setTick(at, left.has(hits[at]!))}
            isReplaced={insert !== '' || found.query.expression}
          />
        )}
      />
    </>
  );
}

/** The one step of a replacement: the rule, where it may work, and the hits that it leaves. */
function stepFor(rule: OwnRule, left: readonly Place[], range: Place | undefined): Step {
  const pass = rule.id;
  const steps: Step[] = [{ kind: 'set-rule', rule }];
  if (range) steps.push({ kind: 'choose', choice: { kind: 'limit', ...range, pass } });
  for (const place of left) steps.push({ kind: 'choose', choice: { kind: 'stet', ...place, pass } });
  return oneStep(steps)!;
}

function nothingWords({ inSource }: Found, isLimited: boolean): string {
  if (isLimited) return 'There is none in these lines of the clean text.';
  if (inSource === 0) return 'There is none in the clean text, and none in the source.';
  return `There is none in the clean text. The source has ${inSource.toLocaleString('en')}, which passes or your decisions have dealt with already.`;
}

interface HitCellsProps {
  readonly number: number;
  readonly line: ConcordanceLine | undefined;
  readonly isTicked: boolean;
  readonly onTick: () => void;
  readonly isReplaced: boolean;
}

function HitCells({ number, line, isTicked, onTick, isReplaced }: HitCellsProps) {
  if (!line) return null;
  return (
    <>
      <Tick label={`Hit ${number}`} isOn={isTicked} onChange={onTick} />
      <LineNumber role="gridcell">{number}</LineNumber>
      <Before role="gridcell">
        <span>{contextWords(line.before)}</span>
      </Before>
      <After role="gridcell">
        {isTicked && isReplaced ? (
          <>
            <Changed as="del" text={line.hit} />
            {line.becomes !== '' && <Changed as="ins" text={line.becomes} />}
          </>
        ) : (
          <mark>{keyWords(line.hit)}</mark>
        )}
        {contextWords(line.after)}
      </After>
      <Note role="gridcell">{isTicked ? '' : 'left as it is'}</Note>
      <span role="gridcell" />
    </>
  );
}

const Status = styled.span`
  color: var(--soft);
  white-space: nowrap;
  min-width: 64px;
  text-align: right;
  font-variant-numeric: tabular-nums;
`;
