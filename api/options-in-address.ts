import { RequestProblem } from './problems.ts';

/** What an address says of how a text is to be cleaned: as in JSON, but lists have commas, and switches are true or false. */
export interface InAddress {
  /** The name of the file in the body. */
  readonly name?: string;
  /** Not yet checked. */
  readonly options: Readonly<Record<string, unknown>>;
}

const LISTS = ['on', 'off'];
const MANY = ['style'];

/** Reads the options in an address. Throws RequestProblem for one that is given twice. */
export function optionsInAddress(parameters: URLSearchParams): InAddress {
  const options: Record<string, unknown> = {};
  let name: string | undefined;
  for (const key of new Set(parameters.keys())) {
    const values = parameters.getAll(key);
    if (LISTS.includes(key)) options[key] = values.flatMap((value) => value.split(',').filter((id) => id !== ''));
    else if (MANY.includes(key)) options[key] = values;
    else if (values.length > 1)
      throw new RequestProblem('wrong-options', { place: `options.${key}`, detail: `${key} is there twice` });
    else if (key === 'name') name = values[0];
    else options[key] = values[0] === 'true' ? true : values[0] === 'false' ? false : values[0];
  }
  return { ...(name !== undefined && { name }), options };
}
