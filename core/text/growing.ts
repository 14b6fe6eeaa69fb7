/** The values in an array twice as long. */
export function grown<T extends Uint8Array<ArrayBuffer> | Uint16Array<ArrayBuffer> | Uint32Array<ArrayBuffer>>(
  values: T,
): T {
  const larger = new (values.constructor as new (length: number) => T)(values.length * 2);
  larger.set(values);
  return larger;
}
