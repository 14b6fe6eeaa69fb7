import { expect, test } from '@jest/globals';
import { textOfBlock } from './block-text.ts';
import { clean } from './clean.ts';
import { DEFAULT_STYLE } from '../style/style.ts';

test('a block’s text knows where joined lines meet', () => {
  const source = 'The miller kept a slate by the harbour-\nmaster’s gate, and the\nchildren wiped it clean.';
  const cleaning = clean(source, DEFAULT_STYLE);
  const block = textOfBlock(source, cleaning.blocks[0]!);
  expect(block.joins().map((at) => block.text.slice(at, at + 8))).toEqual(['master’s', 'children']);
});
