import type { ReadProblem } from '../core/index.ts';

/** What can be wrong with a request, and its status. The codes are part of the addresses in answers: never renamed. */
export const PROBLEMS = {
  off: [404, 'The API is off', 'Start the server with script/start --api, or with LUCID_RIBBON_API=1.'],
  'no-such-address': [404, 'There is nothing at this address', 'GET /api/openapi.json lists the addresses.'],
  'no-such-method': [
    405,
    'This address does not take this method',
    'The Allow header names the methods that it takes.',
  ],
  'unsupported-type': [
    415,
    'The body is of a type that is not taken',
    'Send application/json, text/plain, multipart/form-data with a file, application/octet-stream or another type of file, or application/jsonl.',
  ],
  'no-json': [
    400,
    'The body is not the JSON that is asked for',
    'Send an object with "text" and, if wanted, "options".',
  ],
  'wrong-options': [
    422,
    'An option is wrong',
    'The field "place" says which one; GET /api/passes and /api/styles list what there is.',
  ],
  unreadable: [422, 'The file cannot be read', 'The field "reason" says why.'],
  'too-large': [
    413,
    'The body is too large',
    'The field "limit" says how many bytes are taken; JSON Lines have that limit for each line.',
  ],
  'too-slow': [
    503,
    'Cleaning took too long',
    'The text was not cleaned. Send it in parts, or raise the limit of the server.',
  ],
  busy: [
    503,
    'The server is busy',
    'As many requests wait as may. Try again after the time in the Retry-After header.',
  ],
  // Nobody reads this answer.
  gone: [499, 'Whoever asked went away', 'The text was not cleaned.'],
  failed: [
    500,
    'Something went wrong here',
    'The text was not cleaned. This is a fault of the server, not of the request.',
  ],
} as const satisfies Record<string, readonly [status: number, title: string, advice: string]>;

export type ProblemCode = keyof typeof PROBLEMS;

/** What is told of a problem beside its kind. */
export interface ProblemDetails {
  readonly detail?: string;
  /** Where in the options. */
  readonly place?: string;
  /** Why a file cannot be read. */
  readonly reason?: ReadProblem;
  /** How many bytes are taken. */
  readonly limit?: number;
}

/** Thrown where a request cannot be answered. */
export class RequestProblem extends Error {
  readonly code: ProblemCode;
  readonly details: ProblemDetails;

  constructor(code: ProblemCode, details: ProblemDetails = {}) {
    super(code);
    this.code = code;
    this.details = details;
  }
}

/** Seconds after which a busy server is worth another try. */
const RETRY_AFTER = 1;

/** An answer that says what is wrong, as RFC 9457 has it. `type` leads to what the problem is. */
export function problemAnswer(code: ProblemCode, details: ProblemDetails = {}, headers: HeadersInit = {}): Response {
  const [status, title, advice] = PROBLEMS[code];
  const body = { type: `/api/problems/${code}`, title, status, detail: advice, ...details };
  return Response.json(body, {
    status,
    headers: {
      ...headers,
      'Content-Type': 'application/problem+json',
      'Cache-Control': 'no-store',
      ...(code === 'busy' && { 'Retry-After': String(RETRY_AFTER) }),
    },
  });
}
