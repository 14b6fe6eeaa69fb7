import { Fragment } from 'react';
import { styled } from 'styled-components';
import {
  partCount,
  shapedText,
  type LineShape,
  type ShapePreview as Preview,
  type ShapedRow,
} from '../../../../core/index.ts';
import { faces, WORD_SPACING } from '../../../ui/theme.ts';

interface ShapePreviewProps {
  readonly shape: LineShape;
  readonly preview: Preview;
}

/** Every line that the shape fits, with what goes struck out, beside what it becomes. */
export function ShapePreview({ shape, preview: { rows, fits } }: ShapePreviewProps) {
  const isTable = shape.as === 'columns';
  // What goes and what stays in turn, one below another; of several entries in a line that cannot be.
  const segments = shape.within === undefined ? 2 * partCount(shape.patterns[0]!) + 1 : 1;
  const heads = isTable && shape.parts.some((name) => name !== '') ? shape.parts : undefined;
  return (
    <Scroller tabIndex={0} role="region" aria-label="Lines that fit, and what they become">
      <Table>
        <thead>
          <tr>
            <th data-source="" data-number="" scope="col">
              Line
            </th>
            <th data-source="" scope="col" colSpan={segments}>
              Source
            </th>
            {heads ? (
              heads.map((head, at) => (
                <th key={at} scope="col">
                  {head}
                </th>
              ))
            ) : (
              <th scope="col">Becomes</th>
            )}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <Row key={row.line} row={row} segments={segments} isTable={isTable} />
          ))}
        </tbody>
      </Table>
      {fits > rows.length && (
        <More>And {(fits - rows.length).toLocaleString('en')} more lines, which are treated alike.</More>
      )}
    </Scroller>
  );
}

interface RowProps {
  readonly row: ShapedRow;
  readonly segments: number;
  readonly isTable: boolean;
}

function Row({ row, segments, isTable }: RowProps) {
  const becomes = shapedText(row.text, row.edits).trimStart();
  const cut = segments > 1 ? segmentsOf(row) : [];
  return (
    <tr>
      <td data-source="" data-number="">
        {row.line + 1}
      </td>
      {cut.length === segments ? (
        cut.map((words, at) => (
          <td key={at} data-source="" data-goes={at % 2 === 0 || undefined}>
            {at % 2 === 0 ? words !== '' && <del>{words}</del> : <mark>{words}</mark>}
          </td>
        ))
      ) : (
        <td data-source="" colSpan={segments}>
          <SourceLine row={row} />
        </td>
      )}
      {isTable ? becomes.split('\t').map((cell, at) => <td key={at}>{cell}</td>) : <td>{becomes}</td>}
    </tr>
  );
}

/** What goes, what is kept, what goes … of a line; what goes may be nothing. */
function segmentsOf({ text, edits, parts }: ShapedRow): string[] {
  const cut: string[] = [];
  let at = text.length - text.trimStart().length;
  for (const { from, to } of parts) {
    cut.push(text.slice(at, from), text.slice(from, to));
    at = to;
  }
  return edits.length === 0 ? [] : [...cut, text.slice(at).trimEnd()];
}

function SourceLine({ row: { text, edits } }: { readonly row: ShapedRow }) {
  const end = edits.at(-1)?.to ?? 0;
  return (
    <>
      {edits.map(({ from, to }, at) => {
        const kept = text.slice(edits[at - 1]?.to ?? 0, from);
        return (
          <Fragment key={from}>
            {kept !== '' && <mark>{kept}</mark>}
            {from < to && <del>{text.slice(from, to)}</del>}
          </Fragment>
        );
      })}
      {end < text.length && <mark>{text.slice(end)}</mark>}
    </>
  );
}

const Scroller = styled.div`
  flex: 1;
  min-height: 0;
  overflow: auto;
  scrollbar-width: thin;
`;

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  th {
    position: sticky;
    top: 0;
    z-index: 1;
    padding: 8px 14px 6px;
    text-align: left;
    font-size: 13px;
    font-weight: 500;
    color: var(--soft);
    background: var(--sheet);
    border-bottom: 1px solid var(--line);
  }
  td {
    padding: 3px 14px;
    vertical-align: top;
    font: 16px/1.5 ${faces.reading};
    word-spacing: ${WORD_SPACING};
    white-space: pre-wrap;
    overflow-wrap: break-word;
    min-width: 90px;
  }
  [data-source] {
    background: var(--raw);
  }
  td[data-source] {
    padding: 3px 4px;
    min-width: 0;
    font: 13px/24px ${faces.source};
    color: var(--soft);
  }
  td[data-goes] {
    white-space: pre;
  }
  td[data-number] {
    width: 48px;
    padding-right: 12px;
    text-align: right;
    font-size: 12px;
  }
  tr > td:nth-last-child(2)[data-source] {
    padding-right: 14px;
  }
  mark {
    background: var(--chosen);
    color: var(--ink);
    border-radius: 3px;
  }
  del {
    color: var(--gone);
    text-decoration-thickness: 1px;
  }
  tbody {
    content-visibility: auto;
  }
`;

const More = styled.p`
  padding: 14px 20px;
  color: var(--soft);
`;
