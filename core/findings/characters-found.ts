import type { Cleaning } from '../cleaning/cleaning.ts';
import { allPieces } from '../cleaning/output.ts';
import { ANY_SCRIPT, classOfCharacter, type CharacterClass } from '../text/unusual-characters.ts';
import { findPass, PASSES, type PassId } from '../passes/index.ts';
import { addPlace, type Place } from '../edits/place.ts';

/** A hidden or unusual character of the source. */
export interface CharacterFinding {
  readonly codePoint: number;
  readonly class: CharacterClass;
  readonly count: number;
  /** How many of them are still in the clean text. */
  readonly left: number;
  /** The pass that changes it, or would; not there where none does. */
  readonly pass?: PassId;
  readonly places: readonly Place[];
}

/** Every hidden or unusual character with its places, the most frequent first. Linear in the length of the source. */
export function findCharacters(cleaning: Cleaning): CharacterFinding[] {
  const { source } = cleaning;
  const main = mainScript(source);
  const classes = new Map<number, CharacterClass | undefined>();
  const found = new Map<
    number,
    { class: CharacterClass; count: number; left: number; passes: string[]; places: Place[] }
  >();
  for (const piece of allPieces(cleaning)) {
    for (let at = piece.from; at < piece.to; at++) {
      const unit = source.charCodeAt(at);
      if ((unit >= 0x20 && unit < 0x7f) || unit === 0x0a) continue;
      const code = source.codePointAt(at)!;
      const length = code > 0xffff ? 2 : 1;
      if (!classes.has(code)) classes.set(code, classOfCharacter(code, main));
      const kind = classes.get(code);
      if (kind !== undefined) {
        let finding = found.get(code);
        if (!finding) found.set(code, (finding = { class: kind, count: 0, left: 0, passes: [], places: [] }));
        finding.count++;
        const char = String.fromCodePoint(code);
        if (piece.text === undefined || piece.text.includes(char)) finding.left++;
        else if (finding.passes.length === 0) finding.passes.push(...piece.passes);
        addPlace(finding.places, at, at + length);
      }
      at += length - 1;
    }
  }
  return [...found]
    .map(([codePoint, { passes, ...finding }]) => ({
      codePoint,
      ...finding,
      pass: ownPass(passes, codePoint),
    }))
    .sort((a, b) => b.count - a.count);
}

/** Of the passes that changed a character the one that is made for such, else the first. */
function ownPass(passes: readonly string[], codePoint: number): PassId | undefined {
  const char = String.fromCodePoint(codePoint);
  const usual = PASSES.find(({ characters }) => characters?.test(char))?.id;
  const isUsual = usual !== undefined && (passes.length === 0 || passes.includes(usual));
  return isUsual ? usual : (findPass(passes[0] ?? '')?.id ?? usual);
}

const SAMPLE = 4000;

/** The script that most letters at the start of the text have: letters of others may be there by mistake. */
function mainScript(source: string): RegExp {
  const sample = source.slice(0, SAMPLE);
  const scripts = [/\p{Script=Latin}/gu, /\p{Script=Cyrillic}/gu, /\p{Script=Greek}/gu];
  const counts = scripts.map((script) => sample.match(script)?.length ?? 0);
  const other = (sample.match(/\p{L}/gu)?.length ?? 0) - counts.reduce((sum, count) => sum + count, 0);
  const most = Math.max(...counts, 1);
  const script = other > most ? undefined : scripts[counts.indexOf(most)];
  return script ? new RegExp(script.source, 'u') : ANY_SCRIPT;
}
