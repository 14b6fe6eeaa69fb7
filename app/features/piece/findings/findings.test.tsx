/** @jest-environment jsdom */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { clean, DEFAULT_STYLE, findFindings, type Findings, type Step } from '../../../../core/index.ts';
import { KIND_WORDS } from '../../source-kind.ts';
import type { PieceView, Tour } from '../state/piece-context.ts';
import { CharacterSection } from './character-section.tsx';
import { MarkSection } from './mark-section.tsx';
import { MarkerSection } from './marker-section.tsx';
import { PartSection } from './part-section.tsx';
import { RepeatedSection } from './repeated-section.tsx';
import { SplitSection } from './split-section.tsx';
import { exactnessWords, sayFindings } from './findings-words.ts';

afterEach(cleanup);

const SOURCE = `A tide mill asks for nothing but patience,\u00a0and twice
a day the creek fills the pond behind the wall, and
twice a day the miller lets it out again through a
gate no wider than a cart, as his father did be-
fore him.[4]

The miller kept a slate by the sluice  with the
week's high waters chalked on it, and let the
children wipe it clean on Saturdays → or not.
`;

function partOf(findings: Findings) {
  const take = jest.fn<(step: Step) => void>();
  const show = jest.fn<(tour: Tour | undefined) => void>();
  const openDrawer = jest.fn();
  const repeatedStep = jest.fn((text: string, action: string) =>
    Promise.resolve({ kind: 'reset-passes', text, action }),
  );
  const piece = {
    source: SOURCE,
    decisions: { style: DEFAULT_STYLE, choices: [], take },
    ready: { client: { findings: { repeatedStep } } },
    show,
    openDrawer,
  } as unknown as PieceView;
  return { piece, findings: { ...findings, names: { 0xa0: 'No-break space' } }, take, show, openDrawer, repeatedStep };
}

const found = findFindings(clean(SOURCE, DEFAULT_STYLE));

test('lists and other parts lead to their places', () => {
  const part = partOf(findFindings(clean(`${SOURCE}\n• oil\n• lamps\n\n${SOURCE}`, DEFAULT_STYLE)));
  render(<PartSection {...part} />);
  expect(screen.getByRole('row', { name: /Lists 2 items their form/ })).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Lists: show 1 in the text' }));
  expect(part.show).toHaveBeenCalledWith(expect.objectContaining({ title: 'Lists', at: 0 }));
});

describe('the story of a text', () => {
  test('says how its lines are, what marks its paragraphs, and what is hidden in it', () => {
    const story = sayFindings(found, KIND_WORDS);
    expect(story).toContain('10 lines, in English.');
    expect(story).toMatch(/Lines wrap at about \d+ characters/);
    expect(story).toContain('1 word was split at a line end.');
    expect(story).toContain('1 character that cannot be seen was found.');
  });

  test('of a plain text is short', () => {
    const plain = sayFindings(findFindings(clean('One paragraph alone.', DEFAULT_STYLE)), KIND_WORDS);
    expect(plain.length).toBeLessThan(120);
  });

  test.each([
    [1, 'as full as they go'],
    [0.6, 'mostly filled'],
    [0.1, 'tell little'],
  ])('exactness %d in words', (exactness, words) => {
    expect(exactnessWords(exactness)).toContain(words);
  });
});

describe('the rows of the findings act, and lead to their places', () => {
  test('a character: its sign, name and code point, a switch, its places, and what is left to be replaced', () => {
    const part = partOf(found);
    render(<CharacterSection {...part} />);
    expect(screen.getByText('U+00A0').closest('tr')?.textContent).toContain('⍽No-break space');
    fireEvent.click(screen.getByRole('switch', { name: 'No-break and other special spaces' }));
    expect(part.take).toHaveBeenCalledWith({ kind: 'switch-pass', pass: 'odd-spaces', on: false });
    fireEvent.click(screen.getByRole('button', { name: 'No-break space: show 1 in the text' }));
    expect(part.show).toHaveBeenCalledWith({ title: 'No-break space', places: [{ from: 42, to: 43 }], at: 0 });
    fireEvent.click(screen.getByRole('button', { name: 'Replace…' }));
    expect(part.openDrawer).toHaveBeenCalledWith(expect.objectContaining({ look: '→' }));
  });

  test('a gap can be made the mark of paragraphs', () => {
    const part = partOf(found);
    render(<MarkSection {...part} />);
    expect(screen.getByRole<HTMLInputElement>('radio', { name: /Decide automatically/ }).checked).toBe(true);
    fireEvent.click(screen.getByRole('radio', { name: /A blank line/ }));
    expect(part.take).toHaveBeenLastCalledWith({
      kind: 'choose',
      choice: expect.objectContaining({ kind: 'mark', mark: expect.objectContaining({ by: 'gap', blanks: 1 }) }),
    });
    fireEvent.click(screen.getByRole('radio', { name: /No gap/ }));
    expect(part.take).toHaveBeenLastCalledWith({
      kind: 'choose',
      choice: expect.objectContaining({ mark: { by: 'nothing' } }),
    });
  });

  test('a split word can be put the other way', () => {
    const part = partOf(found);
    render(<SplitSection {...part} />);
    expect(screen.getByText('before')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Keep the hyphen' }));
    expect(part.take).toHaveBeenCalledWith({
      kind: 'choose',
      choice: { kind: 'seam', ...found.splits[0]!.seam, decision: 0 },
    });
  });

  test('marks have their forms and their switch', () => {
    const part = partOf({ ...found, speakers: [{ name: 'TRASK', count: 2, places: [{ from: 0, to: 5 }] }] });
    render(<MarkerSection {...part} />);
    expect(screen.getByText('[4]')).toBeTruthy();
    expect(screen.getByRole('switch', { name: 'Reference marks' })).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'TRASK: show 2 in the text' }));
    expect(part.show).toHaveBeenCalledWith({ title: 'TRASK', places: [{ from: 0, to: 5 }], at: 0 });
  });

  test('a line that comes back leaves, or stays, with all its like', async () => {
    const part = partOf({ ...found, repeated: [{ text: 'Draft 1', count: 3, dropped: 0, places: [] }] });
    render(<RepeatedSection {...part} />);
    fireEvent.click(screen.getByRole('switch', { name: '“Draft 1” stays' }));
    await Promise.resolve();
    expect(part.repeatedStep).toHaveBeenCalledWith('Draft 1', 'drop');
    await Promise.resolve();
    expect(part.take).toHaveBeenCalledTimes(1);
  });
});
