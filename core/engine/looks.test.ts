import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { readHtml } from '../formats/html/read-html.ts';
import { digested } from '../report/digest.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { planRows } from '../rows/row-plan.ts';
import { viewRow } from '../rows/row-view.ts';

/** The clean runs of the rows of a page, marked as they look. */
function marked(html: string): string[] {
  const { text, layout } = readHtml(html);
  const cleaning = clean(text, DEFAULT_STYLE, [], { layout });
  const plan = planRows(digested(cleaning));
  return Array.from({ length: plan.count }, (_, row) =>
    viewRow(cleaning, plan, row)
      .clean.map(({ text: words, look }) => {
        const signs = [look?.isStrong && '*', look?.isEmphasis && '/', look?.isCode && '`', look?.link && '>'];
        return look ? `[${signs.filter(Boolean).join('')}${words}]` : words;
      })
      .join(''),
  ).filter((words) => words !== '');
}

test.each([
  ['a book within a sentence', '<p>She read <i>The Gate</i> twice.</p>', ['She read [/The Gate] twice.']],
  ['looks in one another', '<p>A <b>low <i>tide</i></b> came.</p>', ['A [*low ][*/tide] came.']],
  ['a link', '<p>See <a href="https://saltfern.example/m">the mills</a>.</p>', ['See [>the mills].']],
  [
    'over a line end that is joined',
    '<p>She read <em>The<br>gate of oak</em> and went on.</p>',
    ['She read [/The][/ ][/gate of oak] and went on.'],
  ],
  ['a change within', '<p>She read <em>the  gate</em>&nbsp;&nbsp;and went.</p>', ['She read [/the gate] and went.']],
  ['paragraphs without', '<p>None here.</p><p><code>at once</code></p>', ['None here.', '[`at once]']],
])('%s', (_name, html, runs) => {
  expect(marked(html)).toEqual(runs);
});
