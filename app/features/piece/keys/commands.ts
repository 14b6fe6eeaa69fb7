/** Everything that one key does on the screen of a piece. Ids are stored with people's own keys and never change. */
export interface Command {
  readonly id: string;
  readonly group: 'doubts' | 'moving' | 'paragraphs' | 'view';
  readonly title: string;
  /** The key as it is at first: one letter or sign, in small letters. */
  readonly key: string;
}

export const COMMANDS = [
  { id: 'first-reading', group: 'doubts', title: 'Take the first answer (with Shift: for all alike)', key: 'j' },
  { id: 'second-reading', group: 'doubts', title: 'Take the second answer (with Shift: for all alike)', key: 'k' },
  { id: 'all-alike', group: 'doubts', title: 'Keep it as it is, for all alike', key: 'a' },
  { id: 'later', group: 'doubts', title: 'Ask me later', key: 'l' },
  { id: 'go-to-doubt', group: 'doubts', title: 'Go to the place', key: 'g' },
  { id: 'next-seam', group: 'moving', title: 'Next line end (Enter opens its menu)', key: 'n' },
  { id: 'seam-before', group: 'moving', title: 'Previous line end', key: 'p' },
  { id: 'next-edit', group: 'moving', title: 'Next change (Enter shows what it was)', key: 'd' },
  { id: 'edit-before', group: 'moving', title: 'Previous change', key: 's' },
  { id: 'write', group: 'paragraphs', title: 'Edit the paragraph', key: 'e' },
  { id: 'leave-out', group: 'paragraphs', title: 'Leave out the selection or paragraph, or restore it', key: 'x' },
  { id: 'hold', group: 'paragraphs', title: 'Keep the selection as it is in the source, or release it', key: 'h' },
  { id: 'only-here', group: 'paragraphs', title: 'Clean only the selection', key: 'o' },
  { id: 'part', group: 'paragraphs', title: 'Say what the selection is: a list, verse, a table …', key: 't' },
  { id: 'copy', group: 'view', title: 'Copy the clean text', key: 'c' },
  { id: 'hidden', group: 'view', title: 'Show hidden characters', key: 'i' },
  { id: 'read', group: 'view', title: 'Read or print the clean text alone', key: 'r' },
  { id: 'history', group: 'view', title: 'Steps and versions', key: 'v' },
  { id: 'keys', group: 'view', title: 'Show this list', key: '?' },
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
