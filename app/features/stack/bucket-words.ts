import type { Bucket } from './stack-view.ts';

/** “2 to 4 questions”. */
export function bucketWords({ from, to }: Pick<Bucket, 'from' | 'to'>): string {
  if (to === 0) return 'no questions';
  return `${bucketRange({ from, to })} ${to === 1 ? 'question' : 'questions'}`;
}

/** “2 to 4”, “20 or more”. */
export function bucketRange({ from, to }: Pick<Bucket, 'from' | 'to'>): string {
  if (to === Infinity) return `${from} or more`;
  return from === to ? String(from) : `${from} to ${to}`;
}
