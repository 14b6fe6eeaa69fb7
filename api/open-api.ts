import { BUILT_IN_STYLES, FORMATS, OUTPUTS, PASSES, REPORT_DETAILS, SOURCE_KINDS } from '../core/index.ts';
import { PROBLEMS, type ProblemCode } from './problems.ts';

const ids = (list: readonly { readonly id: string }[]) => list.map(({ id }) => id);
const ref = (name: string) => ({ $ref: `#/components/schemas/${name}` });
const json = (schema: object) => ({ 'application/json': { schema } });

/** The API for programs, as OpenAPI 3.1 has it; made of the same lists as everything else. */
export function openApiDocument(): object {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Lucid Ribbon',
      version: '1.0.0',
      summary: 'Turns prose copied out of PDFs, scans, web pages, e-books and captions into clean paragraphs.',
    },
    servers: [{ url: '/' }],
    paths: {
      '/api/clean': { post: cleanOperation() },
      '/api/passes': { get: listOperation('passes', 'The passes that can be switched on and off', ref('Pass')) },
      '/api/styles': { get: listOperation('styles', 'The house styles that come with the program', ref('Style')) },
      '/api/health': { get: operation('health', 'That the server answers, and how busy it is', json(ref('Health'))) },
      '/api/openapi.json': { get: operation('openapi', 'This document', json({ type: 'object' })) },
      '/api/problems/{code}': {
        get: {
          ...operation('problem', 'What a problem is, and what helps', json(ref('Problem')), ['no-such-address']),
          parameters: [{ name: 'code', in: 'path', required: true, schema: { enum: Object.keys(PROBLEMS) } }],
        },
      },
    },
    components: { schemas: SCHEMAS },
  };
}

function operation(operationId: string, summary: string, content: object, problems: readonly ProblemCode[] = []) {
  return { operationId, summary, responses: { 200: { description: summary, content }, ...problemResponses(problems) } };
}

function listOperation(operationId: string, summary: string, items: object) {
  return operation(operationId, summary, json({ type: 'array', items }));
}

/** The problems that an address may answer with, by status. */
function problemResponses(codes: readonly ProblemCode[]): object {
  const byStatus = new Map<number, string[]>();
  for (const code of ['off', ...codes] as const) {
    const [status, title] = PROBLEMS[code];
    byStatus.set(status, [...(byStatus.get(status) ?? []), title]);
  }
  return Object.fromEntries(
    Array.from(byStatus, ([status, titles]) => [
      status,
      { description: titles.join('; '), content: { 'application/problem+json': { schema: ref('Problem') } } },
    ]),
  );
}

function cleanOperation(): object {
  const outputs = Object.fromEntries(
    OUTPUTS.map(({ id, type }) => [
      type,
      { schema: id === 'docx' || id === 'odt' || id === 'epub' ? {} : { type: 'string' } },
    ]),
  );
  return {
    ...operation(
      'clean',
      'Cleans a text, a file, or a stream of JSON Lines',
      {
        ...json(ref('Cleaned')),
        'application/jsonl': {
          schema: { type: 'string', description: 'A CleanedLine a line, in the order of the lines sent' },
        },
        ...outputs,
      },
      [
        'no-json',
        'wrong-options',
        'unreadable',
        'unsupported-type',
        'too-large',
        'too-slow',
        'busy',
        'failed',
        'no-such-method',
      ],
    ),
    description:
      'JSON is answered with JSON, all else with the clean text alone; the Accept header may ask for the other. Options of a body that is no JSON stand in the address.',
    parameters: [
      ...Object.entries(OPTIONS).flatMap(([name, schema]) => (name === 'shapes' ? [] : [inAddress(name, schema)])),
      { name: 'name', in: 'query', description: 'The name of the file in the body', schema: { type: 'string' } },
    ],
    requestBody: {
      required: true,
      content: {
        ...json(ref('Text')),
        'text/plain': { schema: { type: 'string' } },
        'multipart/form-data': { schema: { type: 'object', properties: { file: {} }, required: ['file'] } },
        'application/octet-stream': { schema: {} },
        'application/jsonl': { schema: { type: 'string', description: 'A TextLine a line' } },
      },
    },
  };
}

function inAddress(name: string, schema: object): object {
  const isList = name === 'on' || name === 'off';
  return {
    name,
    in: 'query',
    ...(isList && { style: 'form', explode: false }),
    ...(name === 'style' && { style: 'form', explode: true }),
    schema: name === 'style' ? { type: 'array', items: { enum: ids(BUILT_IN_STYLES) } } : schema,
  };
}

const OPTIONS = {
  style: {
    description: 'A built-in style, a house style as its file has it, or several: each text takes the one meant for it',
    anyOf: [ref('StyleName'), { type: 'array', items: ref('StyleName'), minItems: 1 }],
  },
  kind: { description: 'What kind of text it is, where a style is meant for a kind', enum: SOURCE_KINDS },
  from: { description: 'What a file is; else it is told by its bytes and name', enum: ids(FORMATS) },
  to: { enum: ids(OUTPUTS), default: 'text' },
  encoding: { description: 'A name of the Encoding Standard; else it is told by the bytes', type: 'string' },
  on: { description: 'Passes to switch on', type: 'array', items: { enum: ids(PASSES) } },
  off: { description: 'Passes to switch off', type: 'array', items: { enum: ids(PASSES) } },
  apart: { description: 'What stands between paragraphs', enum: ['blank', 'line'] },
  columns: { description: 'Put columns that stand side by side one under the other', type: 'boolean', default: false },
  shapes: { description: 'Line shapes', type: 'array', items: { type: 'object' } },
  report: { description: 'How much is told beside the text', enum: REPORT_DETAILS, default: 'short' },
};

const WORDS = Object.fromEntries(
  ['wordsIn', 'wordsOut', 'removed', 'inserted', 'mended'].map((name) => [name, { type: 'integer', minimum: 0 }]),
);

const SCHEMAS = {
  Options: { type: 'object', properties: OPTIONS, additionalProperties: false },
  StyleName: {
    anyOf: [{ enum: ids(BUILT_IN_STYLES) }, { type: 'object', required: ['format', 'version', 'name', 'style'] }],
  },
  Text: { type: 'object', properties: { text: { type: 'string' }, options: ref('Options') }, required: ['text'] },
  TextLine: { allOf: [ref('Text')], properties: { id: {} } },
  Report: {
    type: 'object',
    properties: {
      words: { type: 'object', properties: WORDS, required: Object.keys(WORDS) },
      counts: { type: 'object', additionalProperties: { type: 'integer', minimum: 0 } },
      questions: { description: 'How many decisions are in doubt', type: 'integer', minimum: 0 },
      failed: {
        description: 'Passes that failed on this text by a fault of the program; it was cleaned without them',
        type: 'array',
        items: {
          type: 'object',
          properties: { pass: { type: 'string' }, message: { type: 'string' } },
          required: ['pass', 'message'],
        },
      },
    },
    required: ['words', 'counts', 'questions'],
  },
  Cleaned: { type: 'object', properties: { text: { type: 'string' }, report: ref('Report') }, required: ['text'] },
  CleanedLine: {
    type: 'object',
    properties: {
      id: {},
      text: { type: 'string' },
      report: ref('Report'),
      error: {
        type: 'object',
        properties: { place: { type: 'string' }, message: { type: 'string' } },
        required: ['place', 'message'],
      },
    },
    oneOf: [{ required: ['text'] }, { required: ['error'] }],
  },
  Pass: {
    type: 'object',
    properties: {
      id: { enum: ids(PASSES) },
      title: { type: 'string' },
      summary: { type: 'string' },
      group: { type: 'string' },
      onByDefault: { type: 'boolean' },
      settings: { type: 'array', items: { type: 'object' } },
    },
    required: ['id', 'title', 'summary', 'group', 'onByDefault', 'settings'],
  },
  Style: {
    type: 'object',
    properties: {
      id: { enum: ids(BUILT_IN_STYLES) },
      about: { type: 'string' },
      name: { type: 'string' },
      style: { type: 'object' },
    },
    required: ['id', 'about', 'format', 'version', 'name', 'style'],
  },
  Health: {
    type: 'object',
    properties: {
      status: { const: 'ok' },
      threads: { type: 'integer', minimum: 1 },
      running: { type: 'integer', minimum: 0 },
      waiting: { type: 'integer', minimum: 0 },
    },
    required: ['status', 'threads', 'running', 'waiting'],
  },
  Problem: {
    description: 'RFC 9457',
    type: 'object',
    properties: {
      type: { enum: Object.keys(PROBLEMS).map((code) => `/api/problems/${code}`) },
      title: { type: 'string' },
      status: { type: 'integer' },
      detail: { type: 'string' },
      place: { type: 'string' },
      reason: { type: 'string' },
      limit: { type: 'integer' },
    },
    required: ['type', 'title', 'status', 'detail'],
  },
};
