import { lazy, Suspense, useState } from 'react';
import { Chip } from './ledger-controls.tsx';
import type { Lines } from './line-numbers.tsx';

/** Fields for numbers know all ways to write them: they come when they are wanted. */
const LineNumbers = lazy(() => import('./line-numbers.tsx'));

interface LineRangeProps {
  readonly lines: Lines | undefined;
  /** The number of lines of the source. */
  readonly most: number;
  readonly onChange: (lines: Lines | undefined) => void;
}

/** The whole piece, or some lines of its source alone. */
export function LineRange({ lines, most, onChange }: LineRangeProps) {
  const [kept, setKept] = useState<Lines>({ first: 1, last: most });
  const change = (next: Lines) => {
    const ordered = { first: Math.min(next.first, next.last), last: Math.max(next.first, next.last) };
    setKept(ordered);
    onChange(ordered);
  };
  return (
    <>
      <Chip isSelected={lines !== undefined} onChange={(on) => onChange(on ? kept : undefined)}>
        Only some lines
      </Chip>
      {lines && (
        <Suspense>
          <LineNumbers lines={lines} most={most} onChange={change} />
        </Suspense>
      )}
    </>
  );
}
