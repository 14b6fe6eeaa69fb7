/** The signs that part one piece of a line from the next. `gap` is a tab, or two spaces and more. */
export const SIGN_IDS = [
  'bar',
  'dash',
  'colon',
  'semicolon',
  'comma',
  'slash',
  'bullet',
  'arrow',
  'equals',
  'leader',
  'gap',
] as const;
export type SignId = (typeof SIGN_IDS)[number];

/** Their characters; those of a gap are blanks. */
export const SIGN_CHARS: Readonly<Record<Exclude<SignId, 'gap'>, string>> = {
  bar: '|¦│',
  dash: '-–—',
  colon: ':',
  semicolon: ';',
  comma: ',',
  slash: '/',
  bullet: '•·∙*',
  arrow: '→>»',
  equals: '=~',
  leader: '.…_',
};

/** What counts as a blank within a line: space, tab, no-break space. Three that every dialect of expressions can name. */
export const BLANKS = ' \t\u00a0';

/** All signs that may part what is known by its form from the words beside it. */
export const LOOSE_CHARS = ['bar', 'dash', 'colon', 'semicolon', 'comma', 'slash', 'bullet', 'arrow', 'equals']
  .map((id) => SIGN_CHARS[id as 'bar'])
  .join('');

/** Those of them that stand in no figure, date, time or address. */
export const SURE_CHARS = `${SIGN_CHARS.bar}${SIGN_CHARS.bullet}${SIGN_CHARS.arrow};—`;

/** Signs that part pieces wherever they stand, and those that do so only where there are blanks around them. */
const STRONG: readonly SignId[] = ['bar', 'bullet', 'arrow'];
const SPACED: readonly SignId[] = ['dash', 'slash', 'equals'];

export function isBlank(char: string | undefined): boolean {
  return char === ' ' || char === '\t' || char === '\u00a0';
}

/** A range of a line without the blanks at its ends. */
export function withoutBlanks(line: string, from = 0, to = line.length): { from: number; to: number } {
  let a = from;
  let b = to;
  while (a < b && isBlank(line[a])) a++;
  while (b > a && isBlank(line[b - 1])) b--;
  return { from: a, to: b };
}

/** The sign that a character is; undefined where it is none. Dots are signs only in a row: see signAt. */
export function signOf(char: string | undefined): SignId | undefined {
  return char === undefined ? undefined : BY_CHAR.get(char);
}

const BY_CHAR: ReadonlyMap<string, SignId> = new Map(
  SIGN_IDS.flatMap((id) =>
    id === 'gap' || id === 'leader' ? [] : [...SIGN_CHARS[id]].map((char) => [char, id] as const),
  ),
);

const LEADER = /^(?:\.{3,}|(?:\. ){2,}\.?|…{2,}|_{2,})/u;
const LONGEST_LEADER = 200;

/** The sign that parts pieces at a place of a line, and where it ends; undefined where none does. */
export function signAt(line: string, at: number): { sign: SignId; to: number } | undefined {
  const leader = SIGN_CHARS.leader.includes(line[at]!) && LEADER.exec(line.slice(at, at + LONGEST_LEADER));
  if (leader) return { sign: 'leader', to: at + leader[0].length };
  const sign = signOf(line[at]);
  if (!sign) return undefined;
  let to = at + 1;
  while (to < line.length && signOf(line[to]) === sign) to++;
  const isApart = (at === 0 || isBlank(line[at - 1])) && (to === line.length || isBlank(line[to]));
  if (STRONG.includes(sign)) return { sign, to };
  return SPACED.includes(sign) && isApart ? { sign, to } : undefined;
}
