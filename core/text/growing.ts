/** The values in an array twice as long. */
export function grown(values: Uint32Array<ArrayBuffer>): Uint32Array<ArrayBuffer> {
  const larger = new Uint32Array(values.length * 2);
  larger.set(values);
  return larger;
}
