import {
  BUILT_IN_STYLES,
  readHouseStyle,
  toLineShape,
  type HouseStyle,
  type LineShape,
  type StyleProblem,
} from '../core/index.ts';
import { readText } from './input.ts';
import { InputError, say } from './problems.ts';

/** A house style: a built-in one by its id, else one from a file. Throws InputError. */
export async function houseStyle(named: string): Promise<HouseStyle> {
  const builtIn = BUILT_IN_STYLES.find(({ id }) => id === named);
  if (builtIn) return builtIn;
  const read = readHouseStyle(await readText(named));
  if (!read.ok) throw new InputError(`${named} ${problemWords(read.problem)}`);
  if (read.unknown.length > 0) {
    say(`${named} names passes that this version does not know: ${read.unknown.join(', ')}`);
  }
  return read.style;
}

/** A line shape from a file: the shape alone. Throws InputError. */
export async function shapeFrom(path: string): Promise<LineShape> {
  try {
    return toLineShape(JSON.parse(await readText(path)));
  } catch (error) {
    if (error instanceof InputError) throw error;
    throw new InputError(`${path} is no line shape: ${error instanceof Error ? error.message : String(error)}`);
  }
}

function problemWords(problem: StyleProblem): string {
  switch (problem.kind) {
    case 'no-json':
      return 'is no JSON, so it is no house style';
    case 'other-file':
      return 'is no house style; --help names the built-in ones';
    case 'newer':
      return 'was written by a newer version of this program';
    case 'wrong':
      return `is no house style: at ${problem.place}, ${problem.message}`;
  }
}
