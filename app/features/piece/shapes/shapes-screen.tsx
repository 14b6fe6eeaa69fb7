import { useEffect } from 'react';
import { Input, Label, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { fieldStyle } from '../../../ui/field-style.ts';
import { writeCsv, type LineShape } from '../../../../core/index.ts';
import { PrimaryButton, QuietButton } from '../../../ui/buttons.tsx';
import { download } from '../../../ui/download.ts';
import { home } from '../../../ui/focus-home.tsx';
import { toast } from '../../../ui/toasts.tsx';
import { usePiece, type PieceView } from '../state/piece-context.ts';
import { copyTable, copyText } from '../state/copying.ts';
import { ExpressionBox } from './expression-box.tsx';
import { GroupList, isTeachable } from './group-list.tsx';
import { MisfitList } from './misfit-list.tsx';
import { ShapePreview } from './shape-preview.tsx';
import { TaughtList } from './taught-list.tsx';
import { useGroups, useShapePreview } from './use-shape-preview.ts';
import { Teach } from './teach.tsx';
import { useTeaching } from './use-teaching.ts';

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
    ${fieldStyle}
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
