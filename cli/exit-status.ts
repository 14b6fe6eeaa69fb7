/** What the command ends with. Documented in docs/automating.md and in its help. */
export const ExitStatus = {
  done: 0,
  /** --check found a text that cleaning would change, or --fail-on-doubt one that is in doubt. */
  found: 1,
  /** Something kept the command from its work, or from some of it. */
  failed: 2,
  /** A fault of this program: a text was cleaned without a pass that failed, or not at all. */
  faulty: 3,
  /** 128 and the number of the signal, as shells count. */
  interrupted: 130,
  ended: 143,
  closedPipe: 141,
} as const;
