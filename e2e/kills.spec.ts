import { chromium, test as plain, type Browser, type Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { seededRandom, type Random } from '../core/testing/random.ts';
import { BROWSER, PORT } from './setup.ts';
import { cleanTexts, expect, pasteParts, pieceIsReady, WRAPPED } from './test.ts';

/**
 * The browser is killed while somebody works, as by a flat battery: no piece is lost, and of what was typed no more than the last
 * moment. KILLS says how often: npm run kills.
 */
const KILLS = Number(process.env.KILLS ?? 3);
/** What was typed so long before the kill is there again, ms. */
const MOST_LOST = 200;
/** Keys and their times take so long from the test to the page, ms; on a busy machine as long as the slowest piece of the work. */
const ON_THE_WAY = 100;

const LETTER = readFileSync('samples/texts/ferry-festival.txt', 'utf8');

/** More is asked of it than is answered before the kill. */
const DOUBTFUL = Array.from(
  { length: 40 },
  (_, at) =>
    [
      `The keeper of parish ${at} left.${(at % 9) + 1} Then he slept in the mill.`,
      `It fell... and rose.. Then the boats of parish ${at} went out.`,
      'The tide stood ... and the miller , as ever , went home  .',
    ][at % 3],
).join('\n\n');

/** A browser that can be killed, with all that it keeps in a folder. */
class Killable {
  private process: ChildProcess | undefined;
  private browser: Browser | undefined;
  private readonly folder = mkdtempSync(join(tmpdir(), 'kills-'));

  /** A browser that was killed before may not take a connection at first. */
  async start(): Promise<Page> {
    try {
      return await this.open();
    } catch {
      await this.kill();
      return this.open();
    }
  }

  private async open(): Promise<Page> {
    const args = [
      ...BROWSER.launchOptions.args,
      '--headless=new',
      '--window-size=1280,800',
      '--remote-debugging-port=0',
      `--user-data-dir=${this.folder}`,
      'about:blank',
    ];
    this.process = spawn(BROWSER.launchOptions.executablePath, args, {
      detached: true,
      stdio: ['ignore', 'ignore', 'pipe'],
    });
    const address = await new Promise<string>((done) => {
      let said = '';
      this.process!.stderr!.on('data', (chunk: Buffer) => {
        const found = /ws:\/\/\S+/.exec((said += chunk.toString()));
        if (found) done(found[0]);
      });
    });
    this.browser = await chromium.connectOverCDP(address, { timeout: 20_000 });
    const [context] = this.browser.contexts();
    return context!.newPage();
  }

  async kill(): Promise<void> {
    const gone = once(this.process!, 'exit');
    process.kill(-this.process!.pid!, 'SIGKILL');
    await gone;
    await this.browser?.close().catch(() => undefined);
  }

  async end(): Promise<void> {
    await this.kill().catch(() => undefined);
    rmSync(this.folder, { recursive: true, force: true, maxRetries: 5 });
  }
}

interface Work {
  readonly name: string;
  /** Works until the browser is gone; notes what was done and when. */
  readonly begin: (page: Page, note: (done: string) => void) => Promise<void>;
  /** What is to be there again: what was done long enough before. */
  readonly check: (page: Page, done: readonly string[]) => Promise<void>;
}

const titles = (page: Page) => page.getByRole('region', { name: 'Your pieces' }).getByRole('listitem');

async function toDesk(page: Page): Promise<void> {
  await page.goto(`http://127.0.0.1:${PORT}/`);
  await expect(page.getByRole('heading', { name: 'Or try a sample' })).toBeVisible();
}

/** Opens the piece that was begun with. */
async function openFirst(page: Page): Promise<void> {
  await toDesk(page);
  await titles(page)
    .getByRole('link', { name: /^A tide mill/ })
    .click();
  await pieceIsReady(page);
}

async function questionsLeft(page: Page): Promise<number> {
  const said = await page.getByRole('region', { name: 'Questions' }).innerText();
  return Number(/(\d+) questions?/.exec(said)?.[1] ?? 0);
}

const WORKS: readonly Work[] = [
  {
    name: 'typing',
    begin: async (page, note) => {
      await page
        .locator('[data-words]')
        .nth(1)
        .click({ position: { x: 4, y: 10 } });
      await page.keyboard.press('Home');
      for (let letter = 0; ; letter++) {
        await page.keyboard.type(String.fromCharCode(97 + (letter % 26)));
        note(String.fromCharCode(97 + (letter % 26)));
      }
    },
    check: async (page, done) => {
      await openFirst(page);
      await expect.poll(async () => (await cleanTexts(page))[1]).toContain(done.join(''));
    },
  },
  {
    name: 'pasting',
    begin: async (page, note) => {
      for (let text = 0; ; text++) {
        await toDesk(page);
        await pasteParts(page, { 'text/plain': `Text ${text}.\n\n${LETTER}` });
        await pieceIsReady(page);
        note(`Text ${text}`);
      }
    },
    check: async (page, done) => {
      await toDesk(page);
      await expect.poll(() => titles(page).count()).toBeGreaterThanOrEqual(1 + done.length);
    },
  },
  {
    name: 'answering',
    begin: async (page, note) => {
      await toDesk(page);
      await pasteParts(page, { 'text/plain': DOUBTFUL });
      await pieceIsReady(page);
      await expect.poll(() => questionsLeft(page)).toBeGreaterThan(1);
      for (let left = await questionsLeft(page); left > 0; left--) {
        await page.keyboard.press('j');
        await expect.poll(() => questionsLeft(page)).toBeLessThan(left);
        note(String(left - 1));
      }
    },
    check: async (page, done) => {
      await toDesk(page);
      await titles(page).getByRole('link').first().click();
      await pieceIsReady(page);
      if (done.length > 0) await expect.poll(() => questionsLeft(page)).toBeLessThanOrEqual(Number(done.at(-1)));
    },
  },
  {
    name: 'importing',
    begin: async (page, note) => {
      for (let file = 0; ; file++) {
        await toDesk(page);
        const [chooser] = await Promise.all([
          page.waitForEvent('filechooser'),
          page.getByRole('button', { name: 'Open files' }).click(),
        ]);
        await chooser.setFiles({ name: `file-${file}.txt`, mimeType: 'text/plain', buffer: Buffer.from(LETTER) });
        await pieceIsReady(page);
        note(`file-${file}`);
      }
    },
    check: async (page, done) => {
      await toDesk(page);
      for (const name of done) await expect(titles(page).getByRole('link', { name, exact: true })).toBeVisible();
    },
  },
];

async function killWhile(work: Work, random: Random): Promise<void> {
  const browser = new Killable();
  try {
    const page = await browser.start();
    await toDesk(page);
    await pasteParts(page, { 'text/plain': WRAPPED });
    await pieceIsReady(page);
    const done: { readonly what: string; readonly at: number }[] = [];
    const working = work.begin(page, (what) => done.push({ what, at: performance.now() })).catch(() => undefined);
    // There is something to lose.
    await expect.poll(() => done.length).toBeGreaterThan(0);
    const wait = 400 + random() * 4000;
    await new Promise((resolve) => setTimeout(resolve, wait));
    const killed = performance.now();
    await browser.kill();
    await working;
    const again = await browser.start();
    await toDesk(again);
    await expect(titles(again).getByRole('link', { name: /^A tide mill/ })).toBeVisible();
    const slowest = Math.max(ON_THE_WAY, ...done.slice(1).map(({ at }, before) => at - done[before]!.at));
    const kept = done.filter(({ at }) => at < killed - MOST_LOST - slowest).map(({ what }) => what);
    await work.check(again, kept);
  } finally {
    await browser.end();
  }
}

for (let run = 0; run < KILLS; run++) {
  const work = WORKS[run % WORKS.length]!;
  plain(`kill ${run + 1}, while ${work.name}: no piece is lost, and no more than a moment's work`, async () => {
    await killWhile(work, seededRandom(run));
  });
}
