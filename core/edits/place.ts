/** A range of the source where something was found. */
export interface Place {
  readonly from: number;
  readonly to: number;
}

/** So many places are told of each finding: enough to look at, few enough to send. */
export const MOST_PLACES = 500;

/** Adds a place to those that are told, if there is room. */
export function addPlace(places: Place[], from: number, to: number): void {
  if (places.length < MOST_PLACES) places.push({ from, to });
}
