/** A pass, or an own rule, that failed on a text, and what it failed with. */
export interface FailedPass {
  readonly pass: string;
  readonly message: string;
}

/** What the work of a pass, or of an own rule, threw: the text can be cleaned without it. */
export class PassFault extends Error {
  readonly pass: string;

  constructor(pass: string, cause: unknown) {
    super(cause instanceof Error ? cause.message : String(cause), { cause });
    this.name = 'PassFault';
    this.pass = pass;
  }
}

/** Does the work of a pass; what it throws is told with its id. */
export function workOf<T>(pass: string, work: () => T): T {
  try {
    return work();
  } catch (error) {
    throw new PassFault(pass, error);
  }
}
