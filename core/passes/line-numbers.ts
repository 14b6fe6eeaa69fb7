import type { LinePass } from './pass.ts';

/** Its work is done while lines and seams are decided. */
export const lineNumbers = {
  works: 'lines',
  id: 'line-numbers',
  title: 'Line numbers',
  summary: 'Takes out numbers that count the lines, left or right of the text, on every line or on every fifth.',
  done: ['line number dropped', 'line numbers dropped'],
  group: 'lines',
  onByDefault: true,
  isListed: true,
  examples: [
    {
      before:
        'The keeper went down\nto the water at six\nand found the gate\nopen, as he had left\n5 it, and the pond full\nto the brim, and the\nmiller asleep upon a\nsack of last year’s\nflour, with the cat\n10 beside him and a lamp\nburning low over the\ntwo of them, as if it\nwere his only duty to\nkeep the light for the\n15 cat, and the water was\nrising, and the miller\nslept, and the gate hung\nopen, and no bell rang\nanywhere in the village\n20 that night.',
      after:
        'The keeper went down to the water at six and found the gate open, as he had left it, and the pond full to the brim, and the miller asleep upon a sack of last year’s flour, with the cat beside him and a lamp burning low over the two of them, as if it were his only duty to keep the light for the cat, and the water was rising, and the miller slept, and the gate hung open, and no bell rang anywhere in the village that night.',
    },
  ],
  kinds: [],
  lineOptions: () => ({ lineNumbers: true }),
} as const satisfies LinePass;
