/** How the clean text goes out. Plain data, kept among a person's preferences; ids are never renamed. */
export interface OutputShape {
  /** Between paragraphs: a blank line, a line end alone, or a line end and an indent. Written formats have paragraphs of their own. */
  readonly apart: 'blank' | 'line' | 'indent';
  /** Columns at which lines of plain text and Markdown are broken; 0 where they run on. */
  readonly wrap: number;
  readonly sentenceGap: 'as-is' | 'one' | 'two';
  readonly quotes: 'as-is' | 'curly' | 'straight';
  readonly lineEnds: 'lf' | 'crlf' | 'cr';
  /** Whether the last line ends like the others. */
  readonly endsLastLine: boolean;
  readonly keepsHeadings: boolean;
  readonly keepsLists: boolean;
  readonly keepsEmphasis: boolean;
  readonly keepsLinks: boolean;
}

export const USUAL_SHAPE: OutputShape = {
  apart: 'blank',
  wrap: 0,
  sentenceGap: 'as-is',
  quotes: 'as-is',
  lineEnds: 'lf',
  endsLastLine: false,
  keepsHeadings: true,
  keepsLists: true,
  keepsEmphasis: true,
  keepsLinks: true,
};

export const NARROWEST_WRAP = 20;
export const WIDEST_WRAP = 400;

const CHOICES = {
  apart: ['blank', 'line', 'indent'],
  sentenceGap: ['as-is', 'one', 'two'],
  quotes: ['as-is', 'curly', 'straight'],
  lineEnds: ['lf', 'crlf', 'cr'],
} as const;

/** A shape out of stored data: what is not as it should be is as usual. */
export function toShape(stored: unknown): OutputShape {
  const shape: Record<string, unknown> = { ...USUAL_SHAPE };
  if (typeof stored !== 'object' || stored === null) return USUAL_SHAPE;
  for (const [key, value] of Object.entries(stored)) {
    const usual = USUAL_SHAPE[key as keyof OutputShape] as unknown;
    if (key in CHOICES) {
      if ((CHOICES[key as keyof typeof CHOICES] as readonly unknown[]).includes(value)) shape[key] = value;
    } else if (key === 'wrap') shape[key] = toWrap(value);
    else if (typeof usual === 'boolean' && typeof value === 'boolean') shape[key] = value;
  }
  return shape as unknown as OutputShape;
}

function toWrap(value: unknown): number {
  if (typeof value !== 'number' || !Number.isFinite(value) || value <= 0) return 0;
  return Math.min(WIDEST_WRAP, Math.max(NARROWEST_WRAP, Math.round(value)));
}
