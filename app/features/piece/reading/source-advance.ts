import { useEffect, useState } from 'react';
import { faces } from '../../../ui/theme.ts';

const SHARE_OF_SIZE = 0.6;
const SAMPLE = 'm'.repeat(10);

/** The advance of a character in the source face at a size, both in px, as the face was designed. */
export function designedAdvance(size: number): number {
  return size * SHARE_OF_SIZE;
}

/** What was measured, by size: a measurement stays true. Kept with the pen that it was measured with. */
const measured = new Map<number, number>();
const kept: { pen?: CanvasRenderingContext2D | null } = {};

/** As the browser sets it: some round the advance to whole px. As designed where it cannot be measured, or the face is not there yet. */
export function sourceAdvance(size: number): number {
  const known = measured.get(size);
  if (known !== undefined) return known;
  const font = `${size}px ${faces.source}`;
  // Not there while the page is built on the server, and in tests.
  if (typeof document === 'undefined' || !('fonts' in document) || !document.fonts.check(font))
    return designedAdvance(size);
  kept.pen ??= document.createElement('canvas').getContext('2d');
  if (!kept.pen) return designedAdvance(size);
  kept.pen.font = font;
  const advance = kept.pen.measureText(SAMPLE).width / SAMPLE.length;
  measured.set(size, advance);
  return advance;
}

/**
 * Measures the face at some sizes before columns need it, while the text is still being cleaned: the first measurement of a page takes
 * it some 30 ms.
 */
export function useMeasuredAhead(sizes: readonly number[]): void {
  useEffect(() => {
    const timer = setTimeout(() => sizes.forEach(sourceAdvance));
    return () => clearTimeout(timer);
  }, [sizes]);
}

/** Draws anew once the source face is there to be measured. */
export function useSourceFace(): void {
  const [, setThere] = useState(false);
  useEffect(() => {
    if ('fonts' in document) void document.fonts.ready.then(() => setThere(true));
  }, []);
}
