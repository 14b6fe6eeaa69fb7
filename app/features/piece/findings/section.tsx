import { useId } from 'react';
import { styled } from 'styled-components';
import type { Place } from '../../../../core/index.ts';
import { QuietButton } from '../../../ui/buttons.tsx';
import { faces } from '../../../ui/theme.ts';
import type { PieceView } from '../state/piece-context.ts';

interface SectionProps {
  readonly title: string;
  /** What the rows below say, and what can be done with them. */
  readonly lead: React.ReactNode;
  readonly children: React.ReactNode;
}

/** One subject of the findings. */
export function Section({ title, lead, children }: SectionProps) {
  const id = useId();
  return (
    <Sheet aria-labelledby={id}>
      <h3 id={id}>{title}</h3>
      <Lead>{lead}</Lead>
      {children}
    </Sheet>
  );
}

interface PlacesProps {
  readonly piece: PieceView;
  readonly title: string;
  readonly places: readonly Place[];
  readonly count: number;
}

/** How often something was found; pressed, it leads through the places in the text. */
export function Places({ piece, title, places, count }: PlacesProps) {
  if (places.length === 0) return <span>{count.toLocaleString('en')}</span>;
  return (
    <Jump
      aria-label={`${title}: show ${count.toLocaleString('en')} in the text`}
      onPress={() => piece.show({ title, places, at: 0 })}
    >
      {count.toLocaleString('en')} <span aria-hidden="true">→</span>
    </Jump>
  );
}

const Sheet = styled.section`
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 14px;
  padding: 18px 22px 20px;
  h3 {
    font: 600 17px/1.3 ${faces.reading};
    margin: 0 0 4px;
  }
`;

const Lead = styled.div`
  color: var(--soft);
  max-width: 78ch;
  margin-bottom: 12px;
`;

const Jump = styled(QuietButton)`
  padding: 1px 7px;
  color: var(--go);
  font-variant-numeric: tabular-nums;
`;

/** A table of findings: quiet rules, a row to a finding. */
export const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-size: 13.5px;
  th {
    text-align: left;
    font-weight: 500;
    font-size: 12.5px;
    color: var(--soft);
    padding: 4px 10px 4px 0;
    border-bottom: 1px solid var(--line);
  }
  td {
    padding: 5px 10px 5px 0;
    border-bottom: 1px solid color-mix(in srgb, var(--line) 50%, transparent);
    vertical-align: middle;
  }
  tr:last-child td {
    border-bottom: 0;
  }
  td.number,
  th.number {
    text-align: right;
    white-space: nowrap;
    font-variant-numeric: tabular-nums;
  }
  td.soft {
    color: var(--soft);
  }
  code {
    font: 13px ${faces.source};
  }
`;
