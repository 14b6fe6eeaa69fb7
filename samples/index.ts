/** The sample pieces of the demo world, as the desk offers them. */
export interface Sample {
  readonly id: string;
  readonly title: string;
  /** Where such a text comes from. */
  readonly from: string;
  readonly about: string;
}

export const SAMPLES: readonly Sample[] = [
  {
    id: 'tide-mills',
    title: 'The tide mills of Saltfern Reach',
    from: 'PDF, two columns',
    about: 'Hyphens, running heads, reference marks',
  },
  { id: 'keepers-log', title: 'Log of the Gannet Rock light', from: 'Scan', about: 'A book page read by a scanner' },
  {
    id: 'ferry-festival',
    title: 'The Wrackby Ferry Festival',
    from: 'Web page',
    about: 'Menu, “[edit]”, marks, soft hyphens',
  },
  {
    id: 'boat-builder',
    title: 'Enoch Trask, boat builder',
    from: 'Captions',
    about: 'Time codes, speakers, sound cues',
  },
  { id: 'novella-chapter', title: 'The Room Above the Sluice', from: 'E-book', about: 'Odd gaps and no-break spaces' },
  { id: 'audio-guide', title: 'Index of the audio guide', from: 'List', about: 'A time, a title and a link per line' },
  { id: 'letter', title: 'A letter to Mrs. Pell', from: 'Mail', about: 'An address, prose and a poem' },
];
