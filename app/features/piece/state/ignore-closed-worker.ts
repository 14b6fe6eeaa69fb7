/** A worker that was closed or stopped answers nothing any more; the cleaning itself tells of it. */
export function ignoreClosedWorker(): undefined {
  return undefined;
}
