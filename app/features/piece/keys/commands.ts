/** Everything that one key does on the screen of a piece. Ids are stored with people's own keys and never change. */
export interface Command {
  readonly id: string;
  readonly group: 'doubts' | 'moving' | 'paragraphs' | 'view';
  readonly title: string;
  /** The key as it is at first: one letter or sign, in small letters. */
  readonly key: string;
}

export const COMMANDS = [
  { id: 'first-reading', group: 'doubts', title: 'The first reading is right (with Shift: for all alike)', key: 'j' },
  { id: 'second-reading', group: 'doubts', title: 'The second reading is right (with Shift: for all alike)', key: 'k' },
  { id: 'all-alike', group: 'doubts', title: 'As it stands, for all alike', key: 'a' },
  { id: 'later', group: 'doubts', title: 'Leave it for later', key: 'l' },
  { id: 'go-to-doubt', group: 'doubts', title: 'Go to the place in question', key: 'g' },
  { id: 'next-seam', group: 'moving', title: 'The next line end (Enter opens its menu)', key: 'n' },
  { id: 'seam-before', group: 'moving', title: 'The line end before', key: 'p' },
  { id: 'next-edit', group: 'moving', title: 'The next change (Enter tells what it was)', key: 'd' },
  { id: 'edit-before', group: 'moving', title: 'The change before', key: 's' },
  { id: 'write', group: 'paragraphs', title: 'Write in the paragraph in sight, or the one chosen', key: 'e' },
  { id: 'leave-out', group: 'paragraphs', title: 'Leave the chosen lines out, or take them back', key: 'x' },
  { id: 'hold', group: 'paragraphs', title: 'Hold what is selected as it is in the source, or release it', key: 'h' },
  { id: 'only-here', group: 'paragraphs', title: 'Clean what is selected, and nothing else', key: 'o' },
  { id: 'part', group: 'paragraphs', title: 'Say what the selected part is: a list, verse, a table …', key: 't' },
  { id: 'copy', group: 'view', title: 'Copy the clean text', key: 'c' },
  { id: 'hidden', group: 'view', title: 'Show hidden characters', key: 'i' },
  { id: 'read', group: 'view', title: 'The clean text alone, for reading and printing', key: 'r' },
  { id: 'history', group: 'view', title: 'The steps so far, and versions', key: 'v' },
  { id: 'keys', group: 'view', title: 'This list of keys', key: '?' },
] as const satisfies readonly Command[];

export type CommandId = (typeof COMMANDS)[number]['id'];

/** The key of each command; what is not named has its first key. */
export type OwnKeys = Readonly<Partial<Record<CommandId, string>>>;

export function keyOf(command: CommandId, own: OwnKeys): string {
  return own[command] ?? COMMANDS.find(({ id }) => id === command)!.key;
}

/** What came of wanting a key for a command. */
export type KeyChange =
  { readonly ok: true; readonly keys: OwnKeys } | { readonly ok: false; readonly taken?: CommandId };

/** Gives a command another key. Only keys that write one character, since browsers keep the others; none that another command has. */
export function changeKey(own: OwnKeys, command: CommandId, key: string): KeyChange {
  const wanted = key.toLowerCase();
  if ([...wanted].length !== 1 || wanted.trim() === '' || /[/']/.test(wanted)) return { ok: false };
  const taken = COMMANDS.find(({ id }) => id !== command && keyOf(id, own) === wanted);
  if (taken) return { ok: false, taken: taken.id };
  return { ok: true, keys: { ...own, [command]: wanted } };
}
