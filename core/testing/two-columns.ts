/** Two columns of prose, line by line; read one under the other they are one sentence. */
export const TWO_COLUMNS = {
  left: [
    'A tide mill asks for',
    'nothing but patience',
    'and twice a day the',
    'creek fills the pond',
    'behind the wall and',
    'twice a day it goes',
  ],
  right: [
    'out again through a',
    'gate no wider than a',
    'cart as his father',
    'did before him and',
    'nobody could say why',
    'it was never closed.',
  ],
} as const;

/** The columns side by side. */
export const SIDE_BY_SIDE = TWO_COLUMNS.left.map((row, at) => `${row.padEnd(26)}${TWO_COLUMNS.right[at]}`).join('\n');

/** The columns as one paragraph. */
export const AS_ONE_PARAGRAPH = [...TWO_COLUMNS.left, ...TWO_COLUMNS.right].join(' ');
