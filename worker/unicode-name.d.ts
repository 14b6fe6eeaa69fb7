declare module 'unicode-name' {
  /** The name of a character as Unicode has it, in capitals; its label where it has no name. */
  export function unicodeName(char: string): string | undefined;
}
