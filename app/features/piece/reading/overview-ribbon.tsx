import { memo, useEffect, useRef } from 'react';
import { styled } from 'styled-components';
import { rowAt, RowKind, type RowPlan } from '../../../../core/index.ts';

interface OverviewRibbonProps {
  readonly plan: RowPlan;
  /** The rows in sight. */
  readonly first: number;
  readonly last: number;
  readonly onGoTo: (row: number) => void;
}

const WIDTH = 26;
const LEFT = 7;
const BAR = 12;

/** The whole piece in one strip: blocks, what was removed, doubts, and the part in sight. A click goes there. */
export const OverviewRibbon = memo(function OverviewRibbon({ plan, first, last, onGoTo }: OverviewRibbonProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const element = canvas.current;
    if (!element) return undefined;
    // Drawn in a frame of its own, so that the rows are there first; frames asked for twice are drawn once.
    let frame = 0;
    const draw = () => {
      cancelAnimationFrame(frame);
      frame = requestAnimationFrame(() => drawOverview(element, plan, first, last));
    };
    draw();
    const resized = new ResizeObserver(draw);
    resized.observe(element);
    const recoloured = new MutationObserver(draw);
    recoloured.observe(document.documentElement, { attributeFilter: ['data-theme'] });
    return () => {
      cancelAnimationFrame(frame);
      resized.disconnect();
      recoloured.disconnect();
    };
  }, [plan, first, last]);
  const rowUnder = (event: React.PointerEvent<HTMLCanvasElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const share = Math.min(0.9999, Math.max(0, (event.clientY - box.top) / box.height));
    return rowAt(plan, Math.floor(share * lengthOf(plan)));
  };
  const goTo = (event: React.PointerEvent<HTMLCanvasElement>) => onGoTo(rowUnder(event));
  return (
    <Strip
      ref={canvas}
      role="slider"
      tabIndex={0}
      aria-label="Overview of the piece"
      aria-orientation="vertical"
      aria-valuemin={1}
      aria-valuemax={Math.max(1, plan.count)}
      aria-valuenow={Math.min(plan.count, first + 1)}
      aria-valuetext={plan.count > 0 ? rowWords(plan, Math.min(first, plan.count - 1)) : 'Nothing'}
      onKeyDown={(event) => {
        const to = rowByKey(event.key, plan.count, first, last);
        if (to === undefined) return;
        event.preventDefault();
        onGoTo(to);
      }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        goTo(event);
      }}
      onPointerMove={(event) => {
        if (event.buttons === 1) goTo(event);
        event.currentTarget.title = rowWords(plan, rowUnder(event));
      }}
    />
  );
});

/** Where a key leads, from the rows first..last in sight; undefined for keys that lead nowhere. */
function rowByKey(key: string, count: number, first: number, last: number): number | undefined {
  const page = Math.max(1, last - first);
  const middle = Math.floor((first + last) / 2);
  const to = {
    ArrowUp: middle - 1,
    ArrowDown: middle + 1,
    PageUp: middle - page,
    PageDown: middle + page,
    Home: 0,
    End: count - 1,
  }[key];
  return to === undefined ? undefined : Math.min(count - 1, Math.max(0, to));
}

const KIND_NAMES: Readonly<Record<number, string>> = {
  [RowKind.heading]: 'heading',
  [RowKind.listItem]: 'list item',
  [RowKind.verse]: 'lines that are kept',
  [RowKind.dropped]: 'lines that left',
  [RowKind.footnote]: 'footnote',
  [RowKind.quote]: 'quotation',
  [RowKind.table]: 'table',
  [RowKind.code]: 'code',
  [RowKind.contents]: 'table of contents',
  [RowKind.caption]: 'caption',
  [RowKind.sectionBreak]: 'section break',
};

/** Rows whose lines stay lines. */
const IS_STRIPED: ReadonlySet<number> = new Set([RowKind.verse, RowKind.table, RowKind.code, RowKind.contents]);
/** How far the bar of a list item is set in, px. */
const SET_IN = 4;

/** What a row is, in words. */
function rowWords(plan: RowPlan, row: number): string {
  const first = plan.firstLine[row]! + 1;
  const last = Math.max(first, plan.firstLine[row]! + plan.lineCount[row]!);
  const counted = (count: number, one: string, many: string) =>
    count === 0 ? [] : [`${count} ${count === 1 ? one : many}`];
  return [
    `${first === last ? `Line ${first}` : `Lines ${first} to ${last}`}: ${KIND_NAMES[plan.kind[row]!] ?? 'paragraph'}`,
    ...counted(plan.doubts[row]!, 'doubt', 'doubts'),
    ...counted(plan.settled[row]!, 'line end settled', 'line ends settled'),
    ...counted(plan.byHand[row]!, 'change by hand', 'changes by hand'),
  ].join(', ');
}

function lengthOf(plan: RowPlan): number {
  return plan.count === 0 ? 1 : Math.max(1, plan.to[plan.count - 1]!);
}

function drawOverview(element: HTMLCanvasElement, plan: RowPlan, first: number, last: number): void {
  const pen = element.getContext('2d');
  if (!pen) return;
  const scale = window.devicePixelRatio || 1;
  const height = element.clientHeight;
  element.width = WIDTH * scale;
  element.height = height * scale;
  pen.scale(scale, scale);
  const colours = getComputedStyle(element);
  const colour = (name: string) => colours.getPropertyValue(name).trim();
  const yOf = (position: number) => (position / lengthOf(plan)) * height;
  drawRows(pen, plan, yOf, [colour('--strand'), colour('--line')], colour('--gone'));
  drawDiamonds(pen, plan, yOf, plan.settled, colour('--go'), false);
  drawDiamonds(pen, plan, yOf, plan.doubts, colour('--doubt'), true);
  drawHands(pen, plan, yOf, colour('--go'));
  if (last < first || plan.count === 0) return;
  const top = yOf(plan.from[first]!);
  pen.strokeStyle = colour('--ink');
  pen.lineWidth = 1.2;
  pen.strokeRect(LEFT - 2.5, top + 1, BAR + 5, Math.max(8, yOf(plan.to[last]!) - top - 2));
}

/** Rows thinner than a pixel share one, so the cost of drawing is that of the strip, not of the piece. */
function drawRows(
  pen: CanvasRenderingContext2D,
  plan: RowPlan,
  yOf: (position: number) => number,
  tints: readonly [string, string],
  gone: string,
): void {
  let drawnTo = -1;
  for (let row = 0; row < plan.count; row++) {
    const top = yOf(plan.from[row]!);
    const bottom = yOf(plan.to[row]!);
    if (bottom < drawnTo + 1) continue;
    const isGone = plan.kind[row] === RowKind.dropped;
    pen.fillStyle = isGone ? gone : tints[row % 2]!;
    const height = Math.max(isGone ? 2 : 1, bottom - top - 1);
    // What left is narrow, list items are set in, lines that stay lines are striped: told apart without their colours.
    const left = plan.kind[row] === RowKind.listItem ? LEFT + SET_IN : LEFT;
    const width = LEFT + BAR - left;
    if (isGone) pen.fillRect(LEFT + BAR / 4, top, BAR / 2, height);
    else if (!IS_STRIPED.has(plan.kind[row]!) || height < 5) pen.fillRect(left, top, width, height);
    else for (let y = top; y < top + height - 1; y += 4) pen.fillRect(LEFT, y, BAR, 2);
    drawnTo = bottom;
  }
}

/** What a person did to words and lines: a wedge at the edge of the strip. */
function drawHands(
  pen: CanvasRenderingContext2D,
  plan: RowPlan,
  yOf: (position: number) => number,
  colour: string,
): void {
  pen.fillStyle = colour;
  let drawnTo = -9;
  for (let row = 0; row < plan.count; row++) {
    if (plan.byHand[row] === 0) continue;
    const y = (yOf(plan.from[row]!) + yOf(plan.to[row]!)) / 2;
    if (y < drawnTo + 4) continue;
    drawnTo = y;
    pen.beginPath();
    pen.moveTo(1, y - 3.5);
    pen.lineTo(LEFT - 1, y);
    pen.lineTo(1, y + 3.5);
    pen.fill();
  }
}

/** Doubts are full diamonds, line ends that were settled hollow ones. */
function drawDiamonds(
  pen: CanvasRenderingContext2D,
  plan: RowPlan,
  yOf: (position: number) => number,
  counts: Uint16Array,
  colour: string,
  isFull: boolean,
): void {
  pen.fillStyle = colour;
  pen.strokeStyle = colour;
  pen.lineWidth = 1.3;
  let drawnTo = -9;
  for (let row = 0; row < plan.count; row++) {
    if (counts[row] === 0) continue;
    const y = yOf(plan.from[row]!);
    if (y < drawnTo + 5) continue;
    drawnTo = y;
    pen.beginPath();
    pen.moveTo(LEFT + BAR / 2, y - 4.5);
    pen.lineTo(LEFT + BAR / 2 + 4.5, y);
    pen.lineTo(LEFT + BAR / 2, y + 4.5);
    pen.lineTo(LEFT + BAR / 2 - 4.5, y);
    pen.closePath();
    if (isFull) pen.fill();
    else pen.stroke();
  }
}

const Strip = styled.canvas`
  grid-area: 1 / 2 / 3 / 3;
  width: ${WIDTH}px;
  height: 100%;
  border-left: 1px solid var(--line);
  background: var(--paper);
  cursor: pointer;
  touch-action: none;
`;
