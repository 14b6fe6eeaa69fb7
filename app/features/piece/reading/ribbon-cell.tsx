import { memo } from 'react';
import { styled } from 'styled-components';
import { Decision, type RowView, type SeamView } from '../../../../core/index.ts';
import { DeletionMark, InsertionMark, ProofMark, StetMark } from './proof-mark.tsx';
import { DECISION_WORDS } from '../words/seam-words.ts';
import { certaintyWords } from '../words/certainty-words.ts';

interface Extent {
  readonly top: number;
  readonly bottom: number;
}

/** Where things stand in a row, in px from its top. */
export interface RowGeometry {
  readonly lines: readonly Extent[];
  readonly clean: Extent;
}

interface RibbonCellProps {
  readonly view: RowView;
  readonly geometry: RowGeometry | undefined;
  readonly tint: number;
  readonly onAskSeam: (seam: SeamView, anchor: Element) => void;
}

const WIDTH = 68;
const MIDDLE = WIDTH / 2;

/** How the source lines of a block run together into its paragraph, with the proof-correction sign of each line end. */
export const RibbonCell = memo(function RibbonCell({ view, geometry, tint, onAskSeam }: RibbonCellProps) {
  const height = geometry ? Math.max(geometry.clean.bottom, geometry.lines.at(-1)?.bottom ?? 0) : 0;
  return (
    <Cell data-column="ribbon">
      {geometry && (
        <svg width={WIDTH} height={height} aria-hidden="true">
          <Band view={view} geometry={geometry} tint={tint} />
        </svg>
      )}
      {geometry &&
        view.seams.map((seam) => (
          <SeamMark
            key={seam.seam}
            type="button"
            tabIndex={-1}
            data-seam=""
            data-at={seam.from}
            style={{ top: markTop(seam, geometry) }}
            data-doubt={seam.doubt || undefined}
            data-settled={seam.settled || undefined}
            data-quiet={seam.decision === Decision.break || undefined}
            aria-label={seamLabel(seam)}
            aria-haspopup="dialog"
            title={seamLabel(seam)}
            onClick={(event) => onAskSeam(seam, event.currentTarget)}
          >
            {seam.doubt && (
              <svg width="24" height="24" viewBox="-12 -12 24 24" aria-hidden="true">
                <path d="M0 -11L11 0L0 11L-11 0Z" fill="var(--doubt-back)" stroke="var(--doubt)" strokeWidth="1.8" />
              </svg>
            )}
            <ProofMark decision={seam.decision} />
          </SeamMark>
        ))}
    </Cell>
  );
});

function seamLabel(seam: SeamView): string {
  const certainty = seam.settled ? 'your decision' : certaintyWords(seam.certainty);
  return `Lines ${seam.lines[0]} and ${seam.lines[1]}: ${DECISION_WORDS[seam.decision].done}, ${certainty}${seam.doubt ? ', in doubt' : ''}`;
}

/** The mark of a seam stands on the border above the line after it. */
function markTop(seam: SeamView, { lines }: RowGeometry): number {
  const below = lines[seam.below];
  if (!below) return 0;
  return seam.above < 0 ? below.top + 2 : below.top;
}

interface BandProps {
  readonly view: RowView;
  readonly geometry: RowGeometry;
  readonly tint: number;
}

function Band({ view, geometry, tint }: BandProps) {
  const kept = geometry.lines.filter((_, at) => isKept(view, at));
  const deletions = geometry.lines.map((line, at) => {
    const isGone = view.lines[at]?.dropped === true && line.top < line.bottom && line !== geometry.lines[at - 1];
    return isGone && <DeletionMark key={line.top} y={middle(line)} isByHand={view.lines[at]!.byHand === 'left-out'} />;
  });
  if (kept.length === 0 || geometry.clean.bottom <= geometry.clean.top) return <>{deletions}</>;
  const fill = tint === 0 ? 'var(--ribbon-a)' : 'var(--ribbon-b)';
  const left = { top: kept[0]!.top + 1, bottom: kept.at(-1)!.bottom - 1 };
  const at = (share: number) => geometry.clean.top + (geometry.clean.bottom - geometry.clean.top) * share;
  return (
    <>
      <path d={flow(left, geometry.clean)} fill={fill} />
      {kept.slice(1).map((line, index) => {
        const y = at((index + 1) / kept.length);
        return (
          <path
            key={line.top}
            d={`M0 ${line.top}C${MIDDLE} ${line.top} ${MIDDLE} ${y} ${WIDTH} ${y}`}
            stroke="var(--strand)"
            fill="none"
          />
        );
      })}
      {deletions}
      <HandMarks>
        {geometry.lines.map((line, at) => {
          const hand = view.lines[at]?.byHand;
          if (hand === 'held') return <StetMark key={line.top} from={line.top + 3} to={line.bottom - 3} />;
          return hand === 'rewritten' && <InsertionMark key={line.top} y={middle(line)} />;
        })}
      </HandMarks>
    </>
  );
}

function middle({ top, bottom }: Extent): number {
  return (top + bottom) / 2;
}

function isKept(view: RowView, at: number): boolean {
  const line = view.lines[at];
  return line !== undefined && !line.dropped && line.runs.some((run) => run.fate !== 'gone' && run.text.trim() !== '');
}

function flow(left: Extent, right: Extent): string {
  return `M0 ${left.top}C${MIDDLE} ${left.top} ${MIDDLE} ${right.top} ${WIDTH} ${right.top}L${WIDTH} ${right.bottom}C${MIDDLE} ${right.bottom} ${MIDDLE} ${left.bottom} 0 ${left.bottom}Z`;
}

/** Where the ribbon is narrow its marks stand nearer. */
const HandMarks = styled.g`
  [data-stacked] & {
    transform: translateX(-16px);
  }
`;

const Cell = styled.div`
  position: relative;
  > svg {
    display: block;
    overflow: visible;
  }
`;

const SeamMark = styled.button`
  position: absolute;
  left: 3px;
  width: 26px;
  height: 20px;
  margin-top: -10px;
  padding: 0;
  display: grid;
  place-items: center;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--ribbon);
  cursor: pointer;
  > svg {
    grid-area: 1 / 1;
    overflow: visible;
  }
  &:hover {
    background: var(--sheet);
    box-shadow: 0 0 0 1px var(--ribbon);
    z-index: 1;
  }
  &[data-quiet] {
    color: var(--soft);
  }
  &[data-doubt] {
    color: var(--doubt);
    z-index: 1;
  }
  &[data-doubt] > svg:last-child {
    transform: scale(0.72);
  }
  &[data-settled] {
    color: var(--go-ink);
    background: var(--go);
    width: 22px;
    margin-left: 2px;
  }
`;
