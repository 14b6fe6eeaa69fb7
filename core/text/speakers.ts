/** The label of a speaker at the start of a line of a transcript. */
export interface SpeakerLabel {
  /** Empty where a sign alone says that another speaks. */
  readonly name: string;
  /** Characters that the label takes, the space behind it included. */
  readonly length: number;
}

const LABEL =
  /^(?:>>\s*(?:(?<sign>\p{Lu}[\p{L}\p{N} .’'-]{0,24}):\s+)?|(?<plain>\p{Lu}[\p{L}\p{N} .’'-]{1,24}): +|\[(?<bracketed>\p{Lu}[^\]\n]{1,24})\]: *)/u;

/** Reads "ENOCH: ", ">> Enoch: ", ">> " or "[Enoch]: "; undefined where the text begins with none of them. */
export function readSpeaker(text: string): SpeakerLabel | undefined {
  const match = LABEL.exec(text);
  if (!match) return undefined;
  const { sign, plain, bracketed } = match.groups!;
  return { name: sign ?? plain ?? bracketed ?? '', length: match[0].length };
}
