import { useEffect, useRef } from 'react';
import { styled } from 'styled-components';
import { rowAt, RowKind, type RowPlan } from '../../../core/index.ts';

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
export function OverviewRibbon({ plan, first, last, onGoTo }: OverviewRibbonProps) {
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
  const goTo = (event: React.PointerEvent<HTMLCanvasElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const share = Math.min(0.9999, Math.max(0, (event.clientY - box.top) / box.height));
    onGoTo(rowAt(plan, Math.floor(share * lengthOf(plan))));
  };
  return (
    <Strip
      ref={canvas}
      aria-hidden="true"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        goTo(event);
      }}
      onPointerMove={(event) => event.buttons === 1 && goTo(event)}
    />
  );
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
  drawDoubts(pen, plan, yOf, colour('--doubt'));
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
    pen.fillRect(LEFT, top, BAR, isGone ? Math.max(2, bottom - top - 1) : Math.max(1, bottom - top - 1));
    drawnTo = bottom;
  }
}

function drawDoubts(
  pen: CanvasRenderingContext2D,
  plan: RowPlan,
  yOf: (position: number) => number,
  colour: string,
): void {
  pen.fillStyle = colour;
  let drawnTo = -9;
  for (let row = 0; row < plan.count; row++) {
    if (plan.doubts[row] === 0) continue;
    const y = yOf(plan.from[row]!);
    if (y < drawnTo + 5) continue;
    drawnTo = y;
    pen.beginPath();
    pen.moveTo(LEFT + BAR / 2, y - 4.5);
    pen.lineTo(LEFT + BAR / 2 + 4.5, y);
    pen.lineTo(LEFT + BAR / 2, y + 4.5);
    pen.lineTo(LEFT + BAR / 2 - 4.5, y);
    pen.fill();
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
