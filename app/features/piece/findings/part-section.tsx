import type { PartFinding } from '../../../../core/index.ts';
import type { FindingsPart } from './findings-part.ts';
import { Places, Section, Table } from './section.tsx';

/** How parts of each kind are called, and what they are made of: one and many. */
const WORDS: Readonly<Record<PartFinding['kind'], readonly [title: string, one: string, many: string]>> = {
  heading: ['Headings', 'heading', 'headings'],
  'list-item': ['Lists', 'item', 'items'],
  verse: ['Verse, addresses and other short lines', 'group of lines', 'groups of lines'],
  quote: ['Quotations that are set in', 'paragraph', 'paragraphs'],
  footnote: ['Footnotes', 'note', 'notes'],
  table: ['Tables', 'group of rows', 'groups of rows'],
  code: ['Code and formulas', 'group of lines', 'groups of lines'],
  contents: ['Tables of contents', 'group of entries', 'groups of entries'],
  caption: ['Captions of figures', 'caption', 'captions'],
  'section-break': ['Section breaks', 'break', 'breaks'],
};

/** What else than plain paragraphs the text holds. */
export function PartSection({ piece, findings }: FindingsPart) {
  return (
    <Section
      title="Lists, verse and other parts"
      lead="Parts whose line ends are decided in their own way. If one is taken for something else than it is, select its lines in the text and choose “This part is…”."
    >
      <Table>
        <thead>
          <tr>
            <th>What</th>
            <th>Made of</th>
            <th>Decided by</th>
            <th className="number">Places</th>
          </tr>
        </thead>
        <tbody>
          {findings.parts.map(({ kind, parts, blocks, said, places }) => {
            const [title, one, many] = WORDS[kind];
            return (
              <tr key={kind}>
                <td>{title}</td>
                <td className="soft">
                  {blocks.toLocaleString('en')} {blocks === 1 ? one : many}
                </td>
                <td className="soft">{decidedBy(said, parts)}</td>
                <td className="number">
                  <Places piece={piece} title={title} places={places} count={parts} />
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
    </Section>
  );
}

function decidedBy(said: number, parts: number): string {
  if (said === 0) return 'their form';
  return said === parts ? 'you' : `you in ${said.toLocaleString('en')}, else their form`;
}
