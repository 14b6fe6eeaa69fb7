import { chromium, type CDPSession, type Page } from '@playwright/test';
import { spawn } from 'node:child_process';
import { BROWSER } from '../e2e/setup.ts';
import { makeText } from './texts.ts';

/**
 * Drives the built app in the browser and prints what the page's own thread works for each thing that a person does on 1 MB, in ms of
 * CPU, beside what the same key costs on a page with nothing on it; and the longest task that blocked the page.
 */
const PORT = 4392;
const ROUNDS = 7;
/** What has not changed after so long, ms, does not change. */
const LONGEST = 30_000;
const QUIET = 300;
const REGION = '[role="region"][aria-label="Source and clean text"]';

const print = (first: string, cells: readonly (string | number)[]) =>
  process.stdout.write(`${first.padEnd(34)}${cells.map((cell) => String(cell).padStart(14)).join('')}\n`);

/** CPU time of the page's main thread so far, ms. */
async function cpuOf(session: CDPSession): Promise<number> {
  const { metrics } = await session.send('Performance.getMetrics');
  return metrics.find(({ name }) => name === 'TaskDuration')!.value * 1000;
}

/** Does something, and waits until what it changes in an element has been drawn. */
async function untilChanged(page: Page, selector: string, act: () => Promise<unknown>): Promise<void> {
  const changed = await page.evaluateHandle(
    (wanted) => ({
      seen: new Promise<void>((resolve) => {
        const observer = new MutationObserver(() => {
          observer.disconnect();
          requestAnimationFrame(() => setTimeout(resolve));
        });
        observer.observe(document.querySelector(wanted)!, { subtree: true, childList: true, characterData: true });
      }),
    }),
    selector,
  );
  await act();
  let clock: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_resolve, reject) => {
    clock = setTimeout(() => reject(new Error(`nothing changed in ${selector}`)), LONGEST);
  });
  await Promise.race([changed.evaluate(({ seen }) => seen), late]);
  clearTimeout(clock);
}

/** Waits until nothing has changed for a while: what one round leaves to be drawn is not the next one's. */
function isQuiet(page: Page): Promise<void> {
  return page.evaluate(
    (quiet) =>
      new Promise<void>((resolve) => {
        let clock = setTimeout(resolve, quiet);
        new MutationObserver(() => {
          clearTimeout(clock);
          clock = setTimeout(resolve, quiet);
        }).observe(document.body, { subtree: true, childList: true, characterData: true, attributes: true });
      }),
    QUIET,
  );
}

/** The middle of what some rounds cost the page, ms of CPU. */
async function cost(page: Page, session: CDPSession, round: (at: number) => Promise<unknown>): Promise<number> {
  const costs: number[] = [];
  for (let at = 0; at < ROUNDS; at++) {
    await isQuiet(page);
    const before = await cpuOf(session);
    await round(at);
    costs.push((await cpuOf(session)) - before);
  }
  return costs.sort((a, b) => a - b)[ROUNDS >> 1]!;
}

async function watched(page: Page): Promise<CDPSession> {
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable', { timeDomain: 'threadTicks' });
  return session;
}

/** The longest task since this was asked last, ms. */
function longestTask(page: Page): Promise<number> {
  return page.evaluate(() => {
    const kept = window as { longest?: number };
    const { longest = 0 } = kept;
    kept.longest = 0;
    return longest;
  });
}

async function run(): Promise<void> {
  const browser = await chromium.launch(BROWSER.launchOptions);
  const context = await browser.newContext({
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: BROWSER.viewport,
    permissions: BROWSER.permissions,
  });
  await context.addInitScript(() => {
    const kept = window as { longest?: number };
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) kept.longest = Math.max(kept.longest ?? 0, Math.round(duration));
    }).observe({ type: 'longtask', buffered: true });
  });

  const blank = await context.newPage();
  await blank.setContent('<input aria-label="a"><p id="said">0</p>');
  const blankSession = await watched(blank);
  await blank.evaluate(() =>
    addEventListener('keydown', (event) => (document.getElementById('said')!.textContent = `${event.timeStamp}`)),
  );
  const empty = await cost(blank, blankSession, () => untilChanged(blank, '#said', () => blank.keyboard.press('j')));

  const page = await context.newPage();
  const session = await watched(page);
  await page.goto('/');
  await page.getByRole('heading', { name: 'Or try a sample' }).waitFor();
  // Handing the text to the page is a long task of its own, which no person waits for.
  const paste = await page.evaluateHandle(
    (text) => () => {
      const clipboardData = new DataTransfer();
      clipboardData.setData('text/plain', text);
      document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
    },
    makeText('footnotedBook', 1),
  );
  await isQuiet(page);
  await longestTask(page);
  const opening = await cpuOf(session);
  await paste.evaluate((act) => act());
  await page.locator('[data-words]').first().waitFor({ timeout: 120_000 });
  await page.getByRole('region', { name: 'Questions' }).getByRole('button').first().waitFor();
  print('1 MB', ['CPU, ms', 'empty page', 'longest task']);
  const row = async (name: string, spent: number) =>
    print(name, [spent.toFixed(0), empty.toFixed(0), await longestTask(page)]);
  await row('opening', (await cpuOf(session)) - opening);
  await row(
    'an answer, until the text is new',
    await cost(page, session, () => untilChanged(page, REGION, () => page.keyboard.press('k'))),
  );
  // Looking for the switch by its name would be counted as work of the page.
  await page.getByRole('switch', { name: 'Wrapped lines joined' }).focus();
  await row(
    'a switch, until the text is new',
    await cost(page, session, () => untilChanged(page, REGION, () => page.keyboard.press('Space'))),
  );
  await page.keyboard.press('e');
  await row('a letter', await cost(page, session, () => untilChanged(page, REGION, () => page.keyboard.press('x'))));
  await page.keyboard.press('Escape');
  await row(
    'a new paragraph, and back',
    await cost(page, session, async () => {
      await page.keyboard.press('e');
      await untilChanged(page, REGION, () => page.keyboard.press('Enter'));
      await untilChanged(page, REGION, () => page.keyboard.press('Backspace'));
      await page.keyboard.press('Escape');
    }),
  );
  const findings = await cpuOf(session);
  await page.getByRole('link', { name: 'Findings' }).click();
  await page.getByRole('heading', { name: 'How long the lines are' }).waitFor({ timeout: 60_000 });
  await row('findings', (await cpuOf(session)) - findings);
  await browser.close();
}

const server = spawn('node', ['server/serve.js'], { env: { ...process.env, PORT: String(PORT) }, stdio: 'ignore' });
try {
  for (let tries = 0; tries < 100; tries++) {
    const isUp = await fetch(`http://127.0.0.1:${PORT}/`).then(
      () => true,
      () => false,
    );
    if (isUp) break;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  await run();
} finally {
  server.kill();
}
