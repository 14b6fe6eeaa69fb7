import type { Cleaning } from '../cleaning/cleaning.ts';
import { toSourceRanges } from '../edits/positions.ts';
import { textOfBlock } from '../cleaning/block-text.ts';
import { signsOf } from '../text/signs.ts';
import { allPieces } from '../cleaning/output.ts';
import { FINDING_PASSES, PASSES, type PassId } from '../passes/index.ts';
import { hasWorkIn, passAtWork } from '../passes/pass.ts';
import { isPassOn, settingsOf } from '../style/style.ts';
import { addPlace, type Place } from '../edits/place.ts';

/** What one pass for marks, cues or furniture takes out, or would. */
export interface MarkerFinding {
  readonly pass: PassId;
  readonly on: boolean;
  readonly count: number;
  /** The forms that it has in the source, the most frequent first. */
  readonly forms: readonly { readonly text: string; readonly count: number }[];
  readonly places: readonly Place[];
}

const LISTED = PASSES.filter(({ isListed }) => isListed);
const MOST_FORMS = 4;
const LONGEST_FORM = 48;

/** The findings of each of those passes that found something, in working order. */
export function findMarkers(cleaning: Cleaning): MarkerFinding[] {
  const collections = new Map(LISTED.map(({ id }) => [id as string, newCollection()]));
  collectMade(cleaning, collections);
  collectWanted(cleaning, collections);
  return LISTED.flatMap(({ id }) => {
    const found = collections.get(id)!;
    return found.count === 0 ? [] : [{ pass: id, on: isPassOn(cleaning.style, id), ...summaryOf(found) }];
  });
}

function collectMade(cleaning: Cleaning, collections: ReadonlyMap<string, Collection>): void {
  for (const piece of allPieces(cleaning)) {
    if (piece.from === piece.to) continue;
    for (const pass of piece.passes) {
      const found = collections.get(pass);
      if (found) collect(found, cleaning.source.slice(piece.from, piece.to), piece);
    }
  }
}

/** Passes that are off are asked what they would do. */
function collectWanted(cleaning: Cleaning, collections: ReadonlyMap<string, Collection>): void {
  const { source, style, context, blocks } = cleaning;
  const off = FINDING_PASSES.filter(({ id }) => collections.has(id) && !isPassOn(style, id)).map((pass) =>
    passAtWork(pass, settingsOf(style, pass)),
  );
  for (const block of blocks) {
    const { text } = textOfBlock(source, block);
    const signs = signsOf(text);
    for (const work of off) {
      if (!hasWorkIn(work, block.kind, signs)) continue;
      const edits = work.pass.find(textOfBlock(source, block, text), context, work.settings);
      if (edits.length === 0) continue;
      const clean = { from: Uint32Array.from(edits, ({ from }) => from), to: Uint32Array.from(edits, ({ to }) => to) };
      const ranges = toSourceRanges(block.pieces, clean);
      for (const [at, { from, to }] of edits.entries()) {
        collect(collections.get(work.pass.id)!, text.slice(from, to), { from: ranges.from[at]!, to: ranges.to[at]! });
      }
    }
  }
}

/** What is being counted of one pass. */
interface Collection {
  count: number;
  readonly forms: Map<string, number>;
  readonly places: Place[];
}

function newCollection(): Collection {
  return { count: 0, forms: new Map(), places: [] };
}

function collect(found: Collection, text: string, { from, to }: Place): void {
  const words = text.trim();
  if (words === '') return;
  found.count++;
  const form = words.length > LONGEST_FORM ? `${words.slice(0, LONGEST_FORM)}…` : words;
  found.forms.set(form, (found.forms.get(form) ?? 0) + 1);
  addPlace(found.places, from, to);
}

function summaryOf({ count, forms, places }: Collection): Pick<MarkerFinding, 'count' | 'forms' | 'places'> {
  const sorted = [...forms].map(([text, times]) => ({ text, count: times })).sort((a, b) => b.count - a.count);
  return { count, forms: sorted.slice(0, MOST_FORMS), places };
}
