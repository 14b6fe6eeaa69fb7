import { useEffect } from 'react';
import { Input, Label, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { writeCsv, type LineShape } from '../../../../core/index.ts';
import { Button, PrimaryButton, QuietButton } from '../../../ui/buttons.tsx';
import { download } from '../../../ui/download.ts';
import { home } from '../../../ui/focus-home.tsx';
import { faces } from '../../../ui/theme.ts';
import { toast } from '../../../ui/toasts.tsx';
import { usePiece, type PieceView } from '../state/piece-context.ts';
import { copyTable, copyText } from '../state/use-copy.ts';
import { ExampleLine } from './example-line.tsx';
import { ExpressionBox } from './expression-box.tsx';
import { GroupList, isTeachable } from './group-list.tsx';
import { partsOf } from './line-bits.ts';
import { MisfitList } from './misfit-list.tsx';
import { ShapePreview } from './shape-preview.tsx';
import { PROBLEM_WORDS } from './shape-words.ts';
import { TaughtList } from './taught-list.tsx';
import { useGroups, useOtherReading, useShapePreview } from './use-shape-preview.ts';
import { useTeaching, type Teaching } from './use-teaching.ts';
import { WriteForm } from './write-form.tsx';

/** Lines that look alike, and what is made of all of them by showing on one what to keep. */
export function ShapesScreen() {
  const piece = usePiece();
  const { ready, decisions } = piece;
  const groups = useGroups(ready);
  const teaching = useTeaching(decisions);
  const shown = useShapePreview(ready, teaching.shape);
  const first = groups?.find((group) => isTeachable(group) && (group.count > 1 || group.within !== undefined));
  const { form, begin } = teaching;
  useEffect(() => {
    if (first && form === undefined) begin(first);
  }, [first, form, begin]);
  const apply = async () => {
    if (!teaching.shape || !shown) return;
    decisions.take(await ready.client.shapes.step(teaching.shape));
    toast({
      text: `Applied to ${linesOf(shown.preview.fits)}`,
      detail: 'Each line is in the ledger, and Undo takes all of it back.',
    });
  };
  return (
    <Screen {...home}>
      <Side>
        {groups && <GroupList groups={groups} chosen={form} onChoose={begin} />}
        <TaughtList decisions={decisions} ready={ready} />
      </Side>
      {!groups && <Waiting role="status">Looking for lines that look alike…</Waiting>}
      {groups && !first && (
        <Waiting>
          <b>No two lines of this text look alike.</b>
          <p>
            Line shapes are for indexes, timetables, contents and logs: lines with times, dates, links or signs in the
            same places.
          </p>
        </Waiting>
      )}
      {first && form !== undefined && (
        <Work>
          <Teach teaching={teaching} />
          <Actions>
            <NameField value={teaching.name} onChange={teaching.rename}>
              <Label>Name</Label>
              <Input />
            </NameField>
            <Ways>
              <QuietButton isDisabled={!shown} onPress={() => copyLines(piece, shown!.shape)}>
                Copy the lines
              </QuietButton>
              {teaching.writing.as === 'columns' && (
                <QuietButton isDisabled={!shown} onPress={() => void saveTable(piece, shown!.shape)}>
                  Save as .csv
                </QuietButton>
              )}
            </Ways>
            <PrimaryButton isDisabled={!shown || shown.preview.fits === 0} onPress={() => void apply()}>
              {shown ? `Apply to ${linesOf(shown.preview.fits)}` : 'Apply'}
            </PrimaryButton>
          </Actions>
          {shown && (
            <>
              <MisfitList preview={shown.preview} onAlike={teaching.add} />
              <ShapePreview {...shown} />
              <ExpressionBox shape={shown.shape} />
            </>
          )}
        </Work>
      )}
    </Screen>
  );
}

/** What the shape makes of all lines, with the heads of columns. */
async function rowsOf({ ready }: PieceView, shape: LineShape): Promise<string[][]> {
  const rows = (await ready.client.shapes.written(shape)).map((line) => line.split(shape.between));
  return shape.parts.some((name) => name !== '') ? [[...shape.parts], ...rows] : rows;
}

function copyLines(piece: PieceView, shape: LineShape): void {
  if (shape.as === 'columns') copyTable('Columns copied', rowsOf(piece, shape));
  else
    copyText(
      'Lines copied',
      piece.ready.client.shapes.written(shape).then((lines) => lines.join('\n')),
    );
}

async function saveTable(piece: PieceView, shape: LineShape): Promise<void> {
  download(writeCsv(await rowsOf(piece, shape)), `${shape.name}.csv`, 'text/csv');
}

function linesOf(count: number): string {
  return `${count.toLocaleString('en')} ${count === 1 ? 'line' : 'lines'}`;
}

/** The examples, what is asked about them, and how they are written. */
function Teach({ teaching }: { readonly teaching: Teaching }) {
  const { ready } = usePiece();
  const { examples, learned, within } = teaching;
  const other = useOtherReading(ready, teaching);
  const [first] = examples;
  return (
    <Top>
      <h1>{within === undefined ? 'Show on one line what to keep' : 'Show on one entry what to keep'}</h1>
      {examples.map((example, at) => (
        <Example key={`${at} ${example.text}`}>
          <ExampleLine
            label={at === 0 ? 'Words to keep' : `Words to keep, example ${at + 1}`}
            line={example.text}
            bits={example.bits}
            marked={example.marked}
            isGuess={example.isGuess}
            onMark={(marked) => teaching.mark(at, marked)}
          />
          {at > 0 && <QuietButton onPress={() => teaching.remove(at)}>Remove the example</QuietButton>}
        </Example>
      ))}
      <Hint role={learned.ok ? undefined : 'alert'} data-bad={!learned.ok || undefined}>
        {learned.ok
          ? 'Draw over the words to keep, several parts if you like. With the keyboard: arrows, Space to mark, Shift with an arrow to mark on.'
          : PROBLEM_WORDS[learned.problem]}
      </Hint>
      {other && (
        <Ask role="group" aria-label="Which reading is meant">
          <p>
            Line {other.line + 1} can be read in two ways: <code>{other.text.trim()}</code>
          </p>
          <Button data-chosen="" isDisabled>
            {other.one}
          </Button>
          <Button onPress={() => teaching.read(other.reading)}>{other.other}</Button>
        </Ask>
      )}
      {first && (
        <WriteForm
          writing={teaching.writing}
          parts={Math.max(1, partsOf(first.bits, first.marked).length)}
          onChange={teaching.write}
        />
      )}
    </Top>
  );
}

const Screen = styled.main`
  display: grid;
  grid-template-columns: 248px minmax(0, 1fr);
  min-height: 0;
  background: var(--sheet);
  @media (max-width: 820px) {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: 30% minmax(0, 1fr);
  }
`;

const Side = styled.div`
  overflow: auto;
  scrollbar-width: thin;
  padding: 14px 0 20px;
  background: var(--paper);
  border-right: 1px solid var(--line);
`;

const Work = styled.div`
  position: relative;
  display: flex;
  flex-direction: column;
  min-height: 0;
  min-width: 0;
`;

const Top = styled.div`
  flex: none;
  display: grid;
  gap: 8px;
  padding: 16px 20px 12px;
  padding-right: 250px;
  max-height: 52%;
  overflow: auto;
  border-bottom: 1px solid var(--line);
  h1 {
    font: 600 20px/1.3 ${faces.reading};
  }
  @media (max-width: 1100px) {
    padding-right: 20px;
  }
`;

const Example = styled.div`
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
`;

const Hint = styled.p`
  color: var(--soft);
  font-size: 13px;
  &[data-bad] {
    color: var(--doubt);
    font-weight: 600;
  }
`;

const Ask = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  padding: 8px 12px;
  border-radius: 8px;
  background: var(--doubt-back);
  p {
    flex: 1 1 100%;
  }
  code {
    font: 13.5px/1.4 ${faces.source};
  }
  [data-chosen] {
    opacity: 1;
    color: var(--ink);
    background: var(--chosen);
    border-color: var(--ribbon);
  }
`;

const Actions = styled.div`
  position: absolute;
  top: 14px;
  right: 20px;
  width: 214px;
  display: grid;
  gap: 6px;
  justify-items: stretch;
  @media (max-width: 1100px) {
    position: static;
    width: auto;
    display: flex;
    flex-wrap: wrap;
    padding: 8px 20px;
    border-bottom: 1px solid var(--line);
  }
`;

const Ways = styled.div`
  display: flex;
  justify-content: center;
`;

const NameField = styled(TextField)`
  display: flex;
  gap: 8px;
  align-items: center;
  label {
    color: var(--soft);
  }
  input {
    flex: 1;
    min-width: 0;
    font: inherit;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--line);
    border-radius: 7px;
    padding: 4px 8px;
  }
`;

const Waiting = styled.div`
  padding: 22vh 40px 0;
  text-align: center;
  color: var(--soft);
  b {
    color: var(--ink);
    font-size: 16px;
  }
  p {
    max-width: 52ch;
    margin: 8px auto 0;
  }
`;
