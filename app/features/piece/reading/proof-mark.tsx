import { Decision } from '../../../../core/index.ts';

/**
 * The proof-correction signs of ISO 5776 for the decisions at a line end, in our own drawing: a winding line runs the text on,
 * two arcs close it up, an open bracket begins a paragraph, a short stroke between ticks keeps the line.
 */
export function ProofMark({ decision }: { readonly decision: Decision }) {
  return (
    <svg
      width="20"
      height="18"
      viewBox="-10 -9 20 18"
      aria-hidden="true"
      fill="none"
      stroke="currentColor"
      strokeLinecap="round"
    >
      {PATHS[decision]}
    </svg>
  );
}

const PATHS: Readonly<Record<Decision, React.ReactNode>> = {
  [Decision.join]: <path d="M-6 -5.5q7.5 1 6 5.5t6 5.5" strokeWidth="1.6" />,
  [Decision.mend]: (
    <g strokeWidth="1.8">
      <path d="M-6 -2.2q6 -5 12 0" />
      <path d="M-6 2.2q6 5 12 0" />
    </g>
  ),
  [Decision.break]: <path d="M5 -5.5h-8v11" strokeWidth="1.6" strokeLinejoin="round" />,
  [Decision.keep]: (
    <g strokeWidth="1.5">
      <path d="M-5 0h10" />
      <path d="M-5 -2.5v5M5 -2.5v5" />
    </g>
  ),
};

/** The loop of a deletion as a small sign. */
export function DropMark() {
  return (
    <svg width="20" height="18" viewBox="-10 -9 20 18" aria-hidden="true" fill="none" stroke="currentColor">
      <path d="M-8 0C2 0 6 -5 8 0S1 8 -1 3" strokeWidth="1.5" strokeLinecap="round" />
    </svg>
  );
}

/** The sign for what was taken out: the loop of a deletion, filled where a person did it. */
export function DeletionMark({ y, isByHand }: { readonly y: number; readonly isByHand: boolean }) {
  return (
    <g stroke={isByHand ? 'var(--go)' : 'var(--gone)'} strokeWidth={isByHand ? 2 : 1.5}>
      <path
        d={`M0 ${y}C16 ${y} 24 ${y - 6} 28 ${y + 1}S18 ${y + 14} 15 ${y + 6}`}
        fill={isByHand ? 'var(--chosen)' : 'none'}
        opacity={isByHand ? 1 : 0.8}
      />
    </g>
  );
}

const MARGIN = 54;

/** The sign for words put in by hand: the caret of an insertion. */
export function InsertionMark({ y }: { readonly y: number }) {
  return (
    <path
      d={`M${MARGIN - 5} ${y + 5}L${MARGIN} ${y - 5}L${MARGIN + 5} ${y + 5}`}
      stroke="var(--go)"
      strokeWidth="2"
      fill="none"
      strokeLinejoin="round"
    />
  );
}

/** The sign for what stands as it is: the dots of a stet, down along the lines. */
export function StetMark({ from, to }: { readonly from: number; readonly to: number }) {
  return (
    <path
      d={`M${MARGIN} ${from}V${to}`}
      stroke="var(--go)"
      strokeWidth="3.2"
      strokeDasharray="0.1 5.6"
      strokeLinecap="round"
      fill="none"
    />
  );
}
