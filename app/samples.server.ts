import { SAMPLES } from '../samples/index.ts';

/** The sample texts, taken into the server's bundle so that it runs from any folder. */
const texts = import.meta.glob<string>('../samples/texts/*.txt', { query: '?raw', import: 'default', eager: true });

/** The text of a sample; undefined where there is none of that name. */
export function readSample(id: string): string | undefined {
  if (!SAMPLES.some((sample) => sample.id === id)) return undefined;
  return texts[`../samples/texts/${id}.txt`];
}
