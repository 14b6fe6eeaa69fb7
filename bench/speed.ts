import {
  applyStep,
  clean,
  cleanText,
  DEFAULT_STYLE,
  findFindings,
  historyChange,
  NO_HISTORY,
  openLedger,
  PASSES,
  type Step,
  USUAL_SHAPE,
  writeOutput,
} from '../core/index.ts';
import { readHtml } from '../core/formats/html/read-html.ts';
import { rangeOfSeam } from '../core/decided/seams-in-force.ts';
import { createServices } from '../worker/services.ts';
import { timePasses } from './passes.ts';
import { HOSTILE, KINDS, makeText, repeated } from './texts.ts';
import { least, middle } from './time.ts';

/**
 * Prints CPU times, all in one run, beside a chain of ten replacements over the same text: the default cleaning and all passes on
 * each kind of text; how they grow to 20 MB; what a change comes to, with all that the page waits for; hostile texts; each pass.
 */
const ROUNDS = 7;
const SIZES = [0.1, 1, 5, 20];
const ALL_ON = { ...DEFAULT_STYLE, passes: Object.fromEntries(PASSES.map((pass) => [pass.id, true])) };

function chainOfReplacements(text: string): string {
  return text
    .replace(/\r\n?/g, '\n')
    .replace(/[ \t]+$/gm, '')
    .replace(/^[ \t]+/gm, '')
    .replace(/(\p{L})-\n(?=\p{Ll})/gu, '$1')
    .replace(/\n{2,}/g, '\u2029')
    .replace(/\n/g, ' ')
    .replace(/\u2029/g, '\n')
    .replace(/\[\d+\]/g, '')
    .replace(/ {2,}/g, ' ')
    .replace(/ +([,.;:!?])/g, '$1');
}

const print = (first: string, cells: readonly (string | number)[]) =>
  process.stdout.write(`${first.padEnd(26)}${cells.map((cell) => String(cell).padStart(12)).join('')}\n`);
const times = (time: number, than: number) => `${(time / than).toFixed(1)} x`;

function byKind(): void {
  print('1 MB, ms', ['chain', 'usual', 'to chain', 'all passes', 'to chain']);
  for (const kind of KINDS) {
    const text = makeText(kind, 1);
    const [chain, usual, all] = least(ROUNDS, [
      () => chainOfReplacements(text),
      () => cleanText(clean(text, DEFAULT_STYLE)),
      () => cleanText(clean(text, ALL_ON)),
    ]) as [number, number, number];
    print(kind, [chain.toFixed(0), usual.toFixed(0), times(usual, chain), all.toFixed(0), times(all, chain)]);
  }
}

/** Bytes that the process holds for a text of this many, the text itself left out, once all that can go has gone. */
function bytesHeld(text: string): number {
  const held = () => {
    globalThis.gc?.();
    const { heapUsed, arrayBuffers } = process.memoryUsage();
    return heapUsed + arrayBuffers;
  };
  const before = held();
  const cleaning = clean(text, DEFAULT_STYLE);
  const after = held();
  return cleaning.blocks.length > 0 ? (after - before) / text.length : 0;
}

async function bySize(): Promise<void> {
  print('\npdfColumns, ms', ['clean', 'a MB', 'change', 'bytes held', 'peak MB']);
  for (const size of SIZES) {
    const text = makeText('pdfColumns', size);
    const [cleaned] = least(size > 5 ? 2 : 5, [() => cleanText(clean(text, DEFAULT_STYLE))]) as [number];
    const held = bytesHeld(text);
    const change = await timeOfChange(text);
    const peak = process.resourceUsage().maxRSS / 1000;
    print(
      `${size} MB`,
      [cleaned, cleaned / size, change, held, peak].map((value) => value.toFixed(1)),
    );
  }
}

/** A line end that is settled: rows, counts, doubts and the next question included, as the worker answers. */
async function timeOfChange(text: string): Promise<number> {
  const services = createServices({
    fetchWords: () => Promise.resolve(undefined),
    nameCharacters: () => Promise.resolve({}),
  });
  const slowRules: string[] = [];
  await services.cleaning.open(
    { source: text },
    { history: historyChange(NO_HISTORY, NO_HISTORY), slowRules },
    () => undefined,
  );
  services.doubts.ask('reading', []);
  const before = clean(text, DEFAULT_STYLE);
  const seam = before.decided.seams.count >> 1;
  let history = NO_HISTORY;
  return middle(21, (round) => {
    const choice = { kind: 'seam', ...rangeOfSeam(before, seam + round), decision: 2 } as const;
    const step: Step = { kind: 'choose', choice };
    const after = applyStep(history, step);
    services.cleaning.change({ history: historyChange(history, after), slowRules }, () => undefined);
    services.doubts.ask('reading', []);
    history = after;
  });
}

function hostile(): void {
  print('\nhostile, ms', ['100 kB', '400 kB', 'growth']);
  for (const piece of HOSTILE) {
    const [small, large] = least(
      3,
      [100_000, 400_000].map((length) => {
        const text = repeated(piece, length);
        return () => cleanText(clean(text, DEFAULT_STYLE));
      }),
    ) as [number, number];
    print(JSON.stringify(piece).slice(0, 24), [small.toFixed(0), large.toFixed(0), times(large, 4 * small)]);
  }
}

/** Web pages whose words are cut again and again: read and put out as Markdown. */
function hostilePages(): void {
  print('\npages, ms', ['100 kB', '400 kB', 'growth']);
  for (const piece of ['<b>a</b> b ', 'a<br>', '<p>a</p>', '<li>a', '<a href=x>a</a>']) {
    const [small, large] = least(
      3,
      [100_000, 400_000].map((length) => {
        const page = `<!doctype html>${repeated(piece, length)}`;
        return () => {
          const { text, layout } = readHtml(page);
          writeOutput(clean(text, DEFAULT_STYLE, [], { layout }), 'markdown', USUAL_SHAPE);
        };
      }),
    ) as [number, number];
    print(piece, [small.toFixed(0), large.toFixed(0), times(large, 4 * small)]);
  }
}

byKind();
await bySize();
hostile();
hostilePages();
const cleaning = clean(makeText('pdfColumns', 1), DEFAULT_STYLE);
const [ledger, findings] = least(3, [() => openLedger(cleaning), () => findFindings(cleaning)]) as [number, number];
print('\n1 MB, ms', ['ledger', 'findings']);
print('', [ledger.toFixed(0), findings.toFixed(0)]);
print('\npass, 1 MB', ['ms', 'at first']);
for (const { pass, milliseconds } of timePasses(cleaning)) {
  print(pass.id, [milliseconds.toFixed(1), pass.onByDefault ? 'on' : 'off']);
}
