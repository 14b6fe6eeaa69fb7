import { isCommand } from '../line-form.ts';
import { LineKind } from '../line-kind.ts';
import { Flag, type LineTable } from '../line-table.ts';
import { findPatches } from './patch-lines.ts';
import { findPrograms } from './program-lines.ts';

/*
 * Program text and commands: left alone, spaces and all. Told by lines between fences, by keys and values that are set in by
 * level, by a prompt before commands, and by runs of lines that are set in and carry the signs of code. Prose with a bracket or a path in it is no code.
 */

const FENCE = /^(?:```|~~~)/;
const STARTS =
  /^(?:[$%>#] \S|return \w+$|#!\/|#include\b|\/\/|\/\*|<\/?[a-z][\w-]*[ >/]|(?:import|from|def|class|return|const|let|var|function|public|private|if|for|while|else|elif|export|echo|sudo|SELECT|INSERT|UPDATE)\b.*[({;:=)\]}"'/]$)/;
/** What a shell reads between its commands. */
const SHELL = /^(?:then|else|fi|do|done|esac)$|^(?:if|elif|while|until|for) .*; ?(?:then|do)$|\$[?#@!]|\d?>&\d|;;$/;
const ENDS = /[{}]$|^[a-z-]+: ?[^;]+;$|^[\]}],?$|[()=].*;$|\)\s*[{:]$|\\$|=>$|&&$/;
/** A call and nothing else, and the lines of a trace of calls. */
const CALL = /^[\w.]+\(.*\)$|^(?:raise|throw|new|await) [\w.]+\(.*\);?$|^File ".+", line \d|^at [\w.$<>]+[ (]\S*:\d+/;
const INSIDE =
  /\w\(\)|[=!<>]=|[-=]>|\w\[\w*\]|\w\s=\s\S|::|\$\w|\$\(|\$\{|--\w+[-=]\w|\w [-+*/]= |["']\w[\w $-]*["']: ?(?:["'\d[{-]|(?:true|false|null)\b)|\w=["'\w]/;
const SET_IN = 2;
const FEWEST_LINES = 2;
const LEAST_SHARE = 0.6;
const LONGEST_LINE = 160;

/** Sets the kind of lines of code; `written` is the source as it was before odd spaces were made plain. */
export function findCode(source: string, table: LineTable, written: string): void {
  const { count } = table.index;
  findPatches(source, table);
  for (let line = 0; line < count;) {
    const closing = closingFence(source, table, line);
    if (closing !== undefined) {
      for (; line <= closing; line++) markCode(table, line);
      continue;
    }
    const laidOutEnd = Math.max(
      endOfKeyTree(source, table, line),
      endOfSession(source, table, line),
      endOfSettings(source, table, line),
    );
    if (laidOutEnd > line) {
      for (; line < laidOutEnd; line++) markCode(table, line);
      continue;
    }
    let end = line;
    let signs = 0;
    while (end < count && maySetIn(table, end)) {
      if (hasSigns(source, table, end) || goesOnWithCommand(source, table, end)) signs++;
      end++;
    }
    const isEnclosed = signs > 0 && opensOrCloses(source, table, line - 1) && opensOrCloses(source, table, end);
    if ((end - line >= FEWEST_LINES || isEnclosed) && signs >= LEAST_SHARE * (end - line)) {
      for (let at = line; at < end; at++) markCode(table, at);
      for (let at = line - 1; at >= 0 && opensOrCloses(source, table, at); at--) markCode(table, at);
      for (; end < count && opensOrCloses(source, table, end); end++) markCode(table, end);
      end = markCallsBelow(source, table, end);
    }
    line = Math.max(end, line + 1);
  }
  findPrograms(source, table, written);
}

function markCode(table: LineTable, line: number): void {
  if (table.kind[line] !== LineKind.blank) table.kind[line] = LineKind.code;
}

/** The line of the fence that closes the one at `line`; undefined where none does. */
function closingFence(source: string, table: LineTable, line: number): number | undefined {
  if (!isFence(source, table, line)) return undefined;
  for (let at = line + 1; at < table.index.count; at++) if (isFence(source, table, at)) return at;
  return undefined;
}

function isFence(source: string, table: LineTable, line: number): boolean {
  const code = source.charCodeAt(table.from[line]!);
  if (code !== 0x60 && code !== 0x7e) return false;
  return FENCE.test(source.slice(table.from[line], table.from[line]! + 3));
}

const COMMAND = /^(?:[$%] [a-z.~/]|>>> \S)/;

/** The line behind commands and what they printed, up to a blank line; `first` where no command stands there. */
function endOfSession(source: string, { kind, index, from, to }: LineTable, first: number): number {
  const sign = source.charCodeAt(from[first]!);
  if (!'$%>'.includes(String.fromCharCode(sign)) || kind[first] !== LineKind.prose) return first;
  if (!COMMAND.test(source.slice(from[first], to[first]))) return first;
  let end = first;
  while (end < index.count && kind[end] === LineKind.prose) end++;
  return end;
}

const SETTING = /^(?:[\w.-]+\s?=(?:\s?\S.*)?|\[[\w .:-]+\]|[;#].*)$/;
const FEWEST_SETTINGS = 3;

/**
 * The line behind settings, "name = value", with heads in brackets and comments, that fill a group of lines; `first` where there are
 * too few. A group is looked at from its first line alone, so that no line is read again and again.
 */
function endOfSettings(source: string, { kind, index, from, to }: LineTable, first: number): number {
  if (first > 0 && kind[first - 1] !== LineKind.blank) return first;
  let end = first;
  let settings = 0;
  while (end < index.count && kind[end] === LineKind.prose) {
    const text = source.slice(from[end], to[end]);
    if (!SETTING.test(text)) return first;
    if (/^[\w.-]/.test(text)) settings++;
    end++;
  }
  return settings >= FEWEST_SETTINGS ? end : first;
}

const KEY = /^(?:- )?[A-Za-z_][\w.-]*:(?: \S.*)?$/;
const ITEM = /^- \S/;
const FEWEST_KEYS = 3;

/** The line behind keys and values that are set in by their level, as configuration files have them; `first` where there are none. */
function endOfKeyTree(source: string, table: LineTable, first: number): number {
  if (!opensLevel(source, table, first) && !opensItem(source, table, first)) return first;
  let end = first;
  let keys = 0;
  while (end < table.index.count && table.kind[end] === LineKind.prose) {
    const text = source.slice(table.from[end], table.to[end]);
    if (KEY.test(text)) keys++;
    else if (!ITEM.test(text)) return first;
    end++;
  }
  return keys >= FEWEST_KEYS ? end : first;
}

/** A key without a value, and below it a line that is set in farther. */
function opensLevel(source: string, { kind, from, to, indent }: LineTable, line: number): boolean {
  if (kind[line] !== LineKind.prose || source.charCodeAt(to[line]! - 1) !== 0x3a) return false;
  if (kind[line + 1] !== LineKind.prose || indent[line + 1]! <= indent[line]!) return false;
  return KEY.test(source.slice(from[line], to[line]));
}

/** "- name: a lamp", and right below "when: dusk", set in as its name is. */
function opensItem(source: string, { kind, from, to, indent }: LineTable, line: number): boolean {
  if (kind[line] !== LineKind.prose || kind[line + 1] !== LineKind.prose) return false;
  if (source[from[line]!] !== '-' || indent[line + 1] !== indent[line]! + 2) return false;
  const [item, below] = [line, line + 1].map((at) => source.slice(from[at], to[at]));
  return ITEM_WITH_KEY.test(item!) && KEY_BELOW.test(below!);
}

const ITEM_WITH_KEY = /^- [a-z_][\w.-]*: \S/;
const KEY_BELOW = /^[a-z_][\w.-]*:(?: \S|$)/;

function maySetIn(table: LineTable, line: number): boolean {
  const kind = table.kind[line]!;
  if (kind !== LineKind.prose || table.indent[line]! < SET_IN) return false;
  return table.chars[line]! <= LONGEST_LINE && (table.flags[line]! & Flag.startsMarker) === 0;
}

const OPENS =
  /[{[(]$|\w\(.*\)$|^(?:def|class) \w+.*:$|^(?:if|for|while) .*[()=<>].*:$|^for \w+ in \S+:$|^<[a-z][^>]*>$/;
const CLOSES = /^[}\])]|^<\/[a-z]/;

/** A line right above or below code that is set in, which opens what it closes. */
function opensOrCloses(source: string, { kind, from, to }: LineTable, line: number): boolean {
  if (kind[line] !== LineKind.prose) return false;
  const text = source.slice(from[line], to[line]);
  return OPENS.test(text) || CLOSES.test(text);
}

/** Below code, and a blank line or two, a call belongs to it. */
function markCallsBelow(source: string, table: LineTable, first: number): number {
  let end = first;
  for (let line = first; line < table.index.count; line++) {
    if (table.kind[line] === LineKind.blank) continue;
    if (table.kind[line] !== LineKind.prose || !CALL.test(source.slice(table.from[line], table.to[line]))) break;
    markCode(table, line);
    end = line + 1;
  }
  return end;
}

/** A backslash at the end of the line before it: the shell reads on. */
function goesOnWithCommand(source: string, { kind, to }: LineTable, line: number): boolean {
  return kind[line - 1] === LineKind.prose && source[to[line - 1]! - 1] === '\\';
}

function hasSigns(source: string, table: LineTable, line: number): boolean {
  const text = source.slice(table.from[line], table.to[line]);
  return (
    STARTS.test(text) || ENDS.test(text) || INSIDE.test(text) || CALL.test(text) || SHELL.test(text) || isCommand(text)
  );
}
