/**
 * A certainty from 0 to 1 as "84 %". Rounded down, so that what is asked for being under a limit never reads as if it
 * reached it; what the program decided is never quite sure.
 */
export function certaintyPercent(certainty: number): string {
  return `${Math.min(99, Math.floor(certainty * 100))} %`;
}

/** The same as "84 % certain". */
export function certaintyWords(certainty: number): string {
  return `${certaintyPercent(certainty)} certain`;
}
