/** Quantiles of many values are read off an even sample of them. */
const LARGEST_SAMPLE = 4000;

export type Values = readonly number[] | Uint32Array;

/** The value that a share of all are no greater than; 0 where there is none. */
export function quantile(values: Values, share: number): number {
  return quantileOf(sortedSample(values), share);
}

export function quantileOf(sorted: Float64Array, share: number): number {
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
}

export function sortedSample(values: Values): Float64Array {
  const stride = Math.max(1, Math.ceil(values.length / LARGEST_SAMPLE));
  const sample = new Float64Array(Math.ceil(values.length / stride));
  for (let at = 0; at < sample.length; at++) sample[at] = values[at * stride]!;
  return sample.sort();
}
