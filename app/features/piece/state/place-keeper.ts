/** Remembers where in the text the person is, to come back to from other screens: an offset of the source. */
export interface PlaceKeeper {
  get(): number | undefined;
  note(offset: number): void;
}

export function keepPlace(): PlaceKeeper {
  let at: number | undefined;
  return {
    get: () => at,
    note(offset) {
      at = offset;
    },
  };
}
