import { useEffect, useMemo, useState } from 'react';
import { styled } from 'styled-components';
import {
  isRuleId,
  isShapeId,
  PASSES,
  type LedgerAction,
  type LedgerFilter,
  type LedgerFormat,
  type LedgerLine,
} from '../../../../core/index.ts';
import type { LedgerCount } from '../../../../worker/protocol.ts';
import { Button, QuietButton } from '../../../ui/buttons.tsx';
import PickList from '../../../ui/pick-list.tsx';
import { toast } from '../../../ui/toasts.tsx';
import type { Drawer, PieceView } from '../state/piece-context.ts';
import { passTitle } from '../words/rule-words.ts';
import { After, Before, Changed, ConcordanceList, LineNumber, Note, Tick } from './concordance-list.tsx';
import { contextWords, keyWords } from './concordance-words.ts';
import { download } from '../../../ui/download.ts';
import { Chip, Controls } from './ledger-controls.tsx';
import { reasonOf } from './reason-words.ts';
import { useLines } from './use-lines.ts';

type Only = NonNullable<LedgerFilter['only']>;

const ONLY: readonly { readonly id: Only; readonly title: string; readonly count: keyof LedgerCount }[] = [
  { id: 'doubts', title: 'In doubt', count: 'doubts' },
  { id: 'by-hand', title: 'By hand', count: 'byHand' },
  { id: 'removed', title: 'Removed words', count: 'removed' },
];

/** Every edit, of all passes or of one, each with a stet. */
export default function EditList({ piece, drawer }: { readonly piece: PieceView; readonly drawer: Drawer }) {
  const { ready, decisions } = piece;
  const { client, version } = ready;
  const [only, setOnly] = useState<Only>();
  const [pass, setPass] = useState(drawer.pass);
  const [ticked, setTicked] = useState<ReadonlySet<number>>(new Set());
  const [counts, setCounts] = useState<LedgerCount>();
  useEffect(() => setPass(drawer.pass), [drawer]);
  const filter = useMemo<LedgerFilter>(() => ({ pass, only }), [pass, only]);
  const key = useMemo(() => ({ filter, version }), [filter, version]);
  useEffect(() => {
    let isCurrent = true;
    setTicked(new Set());
    client.ledger.count(filter).then(
      (found) => isCurrent && setCounts(found),
      () => undefined,
    );
    return () => {
      isCurrent = false;
    };
  }, [client, filter, version]);
  const { lineAt, onSight } = useLines<LedgerLine>(key, (from, to) => client.ledger.lines(filter, from, to));

  const act = async (action: LedgerAction, entries?: readonly number[]) => {
    const step = await client.ledger.step(filter, action, entries);
    if (step) decisions.take(step);
  };
  const save = async (format: LedgerFormat) => {
    download(
      await client.ledger.export(filter, format),
      `ledger.${format}`,
      format === 'csv' ? 'text/csv' : 'application/json',
    );
    toast({ text: `The ledger was saved as ledger.${format}` });
  };
  const tick = (at: number) => {
    const line = lineAt(at);
    if (!line) return;
    setTicked((now) => {
      const next = new Set(now);
      if (!next.delete(line.entry)) next.add(line.entry);
      return next;
    });
  };
  const toggleStet = (line: LedgerLine) => void act(line.state === 'stet' ? 'withdraw' : 'stet', [line.entry]);
  const go = (at: number) => {
    const line = lineAt(at);
    if (line) piece.show({ title: titleOf(line, decisions.style), places: [line], at: 0 });
  };
  const onKey = (pressed: string, at: number, next: () => void) => {
    const line = lineAt(at);
    if (!line || (pressed !== 's' && pressed !== 'a')) return false;
    if (pressed === 's') toggleStet(line);
    else if (line.doubt) void act('approve', [line.entry]);
    next();
    return true;
  };

  const count = counts?.count ?? 0;
  return (
    <>
      <Controls>
        <PickList
          label="Edits of"
          chosen={pass ?? 'all'}
          options={[{ value: 'all', title: 'All passes' }, ...passOptions(ready.summary.counts, piece)]}
          onChoose={(value) => setPass(value === 'all' ? undefined : value)}
        />
        {ONLY.map(({ id, title, count: of }) => (
          <Chip key={id} isSelected={only === id} onChange={(on) => setOnly(on ? id : undefined)}>
            {title} {(id === 'removed' ? ready.summary.tally.removed : (counts?.[of] ?? 0)).toLocaleString('en')}
          </Chip>
        ))}
        <Status role="status">
          {count.toLocaleString('en')} {count === 1 ? 'edit' : 'edits'}
        </Status>
        {ticked.size > 0 ? (
          <>
            <Button onPress={() => void act('stet', [...ticked])}>Keep {ticked.size} originals</Button>
            <Button onPress={() => void act('approve', [...ticked])}>Approve them</Button>
          </>
        ) : (
          count > 0 && (
            <>
              <Button onPress={() => void act('stet')}>Keep all {count.toLocaleString('en')} originals</Button>
              {only === 'doubts' && <Button onPress={() => void act('approve')}>Approve all</Button>}
            </>
          )
        )}
        <QuietButton onPress={() => void save('csv')}>Save as CSV</QuietButton>
        <QuietButton onPress={() => void save('json')}>as JSON</QuietButton>
      </Controls>
      <ConcordanceList
        label="Edits: arrows move, Space ticks, S keeps the original, A approves, Enter shows it in the text"
        count={count}
        empty={emptyWords(counts, only)}
        isTicked={(at) => ticked.has(lineAt(at)?.entry ?? -1)}
        onTick={tick}
        onGo={go}
        onKey={onKey}
        onSight={onSight}
        renderLine={(at) => (
          <EditCells
            line={lineAt(at)}
            isTicked={ticked.has(lineAt(at)?.entry ?? -1)}
            onTick={() => tick(at)}
            onStet={toggleStet}
            onApprove={(line) => void act('approve', [line.entry])}
            titleOf={(line) => titleOf(line, decisions.style)}
          />
        )}
      />
    </>
  );
}

function titleOf(line: LedgerLine, style: PieceView['decisions']['style']): string {
  return line.passes.map((id) => passTitle(id, style)).join(', ');
}

/** The passes and rules that did something here. */
function passOptions(counts: Readonly<Record<string, number>>, { decisions }: PieceView) {
  const ids = [
    ...PASSES.map(({ id }) => id as string),
    ...Object.keys(counts).filter((id) => isRuleId(id) || isShapeId(id)),
  ];
  return ids
    .filter((id) => (counts[id] ?? 0) > 0)
    .map((id) => ({ value: id, title: `${passTitle(id, decisions.style)} (${counts[id]!.toLocaleString('en')})` }));
}

function emptyWords(counts: LedgerCount | undefined, only: Only | undefined): string {
  if (!counts) return '';
  if (counts.all === 0) return 'The source needed no cleaning: the clean text is the source, character for character.';
  if (only === 'doubts') return 'No questions here.';
  if (only === 'by-hand')
    return 'You have changed nothing by hand yet. Originals you kept, your own rules and your decisions at line ends are listed here.';
  return 'No changes of this kind.';
}

interface EditCellsProps {
  readonly line: LedgerLine | undefined;
  readonly isTicked: boolean;
  readonly onTick: () => void;
  readonly onStet: (line: LedgerLine) => void;
  readonly onApprove: (line: LedgerLine) => void;
  readonly titleOf: (line: LedgerLine) => string;
}

function EditCells({ line, isTicked, onTick, onStet, onApprove, titleOf: title }: EditCellsProps) {
  if (!line) return null;
  const reason = reasonOf(line);
  return (
    <>
      <Tick label={`Line ${line.line}`} isOn={isTicked} onChange={onTick} />
      <LineNumber role="gridcell">{line.line}</LineNumber>
      <Before role="gridcell">
        <span>{contextWords(line.before)}</span>
      </Before>
      <After role="gridcell">
        {line.state === 'stet' ? (
          <i>{keyWords(line.source)}</i>
        ) : (
          <>
            {line.source !== '' && <Changed as="del" text={line.source} />}
            {line.becomes !== '' && <Changed as="ins" text={line.becomes} />}
          </>
        )}
        {contextWords(line.after)}
      </After>
      <Note role="gridcell" title={reason}>
        {line.doubt && <Doubt aria-label="In doubt">◇ </Doubt>}
        {line.byHand && <span title="By hand">✎ </span>}
        {title(line)}
      </Note>
      <Actions role="gridcell">
        {line.doubt && <RowButton onClick={() => onApprove(line)}>Approve</RowButton>}
        <RowButton onClick={() => onStet(line)}>{line.state === 'stet' ? 'Undo' : 'Keep original'}</RowButton>
      </Actions>
    </>
  );
}

const Status = styled.span`
  margin-left: auto;
  color: var(--soft);
  white-space: nowrap;
  font-variant-numeric: tabular-nums;
`;

const Doubt = styled.span`
  color: var(--doubt);
  font-weight: 700;
`;

const Actions = styled.span`
  display: flex;
  justify-content: flex-end;
  gap: 2px;
  padding-right: 8px;
`;

/** Plain, since there are very many; the keys of the list do the same, so Tab passes by. */
const RowButton = styled.button.attrs({ type: 'button', tabIndex: -1 })`
  font: inherit;
  font-size: 12.5px;
  color: var(--go);
  background: none;
  border: 0;
  border-radius: 8px;
  padding: 2px 8px;
  cursor: pointer;
  &:hover {
    background: var(--chosen);
  }
`;
