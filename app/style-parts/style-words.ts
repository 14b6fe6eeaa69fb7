import { findPass, type StyleDifference, type StyleFor } from '../../core/index.ts';

/** How much a style asks: by the certainty below which a decision is asked about. */
export const ASKS = [
  { value: 'few', title: 'few', limit: 0.7 },
  { value: 'some', title: 'some', limit: 0.85 },
  { value: 'many', title: 'many', limit: 0.95 },
] as const;
export type Asks = (typeof ASKS)[number]['value'];

/** The word that is nearest to a limit. */
export function asksOf(limit: number): Asks {
  return ASKS.reduce((best, one) => (Math.abs(one.limit - limit) < Math.abs(best.limit - limit) ? one : best)).value;
}

/** One difference of a style in plain words: “Quotation marks: on”. */
export function differenceWords(difference: StyleDifference): string {
  switch (difference.kind) {
    case 'pass':
      return `${passName(difference.pass)}: ${difference.on ? 'on' : 'off'}`;
    case 'setting': {
      const setting = findPass(difference.pass)?.settings?.find(({ id }) => id === difference.setting);
      const option = setting?.options.find(({ value }) => value === difference.value);
      return `${passName(difference.pass)}: ${option?.title ?? difference.value}`;
    }
    case 'order':
      return 'The passes work in another order';
    case 'rules':
      return counted(difference, 'own rule', 'own rules');
    case 'shapes':
      return counted(difference, 'line shape', 'line shapes');
    case 'words':
      return counted(difference, 'word treated otherwise', 'words treated otherwise');
    case 'mark':
      return 'What marks a paragraph is set';
    case 'apart':
      return 'Paragraphs are set apart in another way';
    case 'asks':
      return `Questions: ${ASKS.find(({ value }) => value === asksOf(difference.limit))!.title}`;
  }
}

function passName(id: string): string {
  return findPass(id)?.title ?? id;
}

function counted(
  { added, gone }: { readonly added: number; readonly gone: number },
  one: string,
  many: string,
): string {
  const name = (count: number) => (count === 1 ? one : many);
  const parts = [added > 0 && `${added} more ${name(added)}`, gone > 0 && `${gone} fewer ${name(gone)}`];
  return parts.filter(Boolean).join(', ');
}

/** Which texts a style is for, in words; undefined where it says nothing of them. */
export function forWords({ kind, words, file }: StyleFor = {}): string | undefined {
  const parts = [
    kind && `texts of this kind: ${KINDS[kind]}`,
    words && `texts with “${words}” near the beginning`,
    file && `files named ${file}`,
  ].filter(Boolean);
  return parts.length === 0 ? undefined : `For ${parts.join(', and ')}`;
}

const KINDS: Readonly<Record<NonNullable<StyleFor['kind']>, string>> = {
  captions: 'captions',
  pages: 'pages with heads or numbers',
  wrapped: 'lines that wrap',
  unwrapped: 'a line to each paragraph',
};

export const KIND_OPTIONS = [
  { value: '', title: 'any' },
  ...Object.entries(KINDS).map(([value, title]) => ({ value, title })),
];
