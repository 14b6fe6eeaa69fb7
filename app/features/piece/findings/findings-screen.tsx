import { startTransition, useEffect, useState } from 'react';
import { styled } from 'styled-components';
import type { NamedFindings } from '../../../../worker/protocol.ts';
import { KIND_WORDS } from '../../source-kind.ts';
import { home } from '../../../ui/focus-home.tsx';
import { faces, WORD_SPACING } from '../../../ui/theme.ts';
import { usePiece, type PieceView } from '../state/piece-context.ts';
import { CharacterSection } from './character-section.tsx';
import { LengthSection } from './length-section.tsx';
import { MarkSection } from './mark-section.tsx';
import { MarkerSection } from './marker-section.tsx';
import { PartSection } from './part-section.tsx';
import { RepeatedSection } from './repeated-section.tsx';
import { SplitSection } from './split-section.tsx';
import { sayFindings } from './findings-words.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';

/** What the app measured in the source and found in it, as an explanation; each row acts, and leads to its places. */
export function FindingsScreen() {
  const piece = usePiece();
  const findings = useFindings(piece.ready);
  if (!findings) {
    return (
      <Scroller tabIndex={0} {...home}>
        <Waiting role="status">Measuring the text…</Waiting>
      </Scroller>
    );
  }
  const part = { piece, findings };
  const { parts, characters, repeated, splits, markers, speakers } = findings;
  return (
    <Scroller tabIndex={0} {...home}>
      <Page>
        <Story>
          <h2>What this text is made of</h2>
          <p>{sayFindings(findings, KIND_WORDS)}</p>
        </Story>
        <LengthSection {...part} />
        <MarkSection {...part} />
        {parts.length > 0 && <PartSection {...part} />}
        {characters.length > 0 && <CharacterSection {...part} />}
        {(markers.length > 0 || speakers.length > 0) && <MarkerSection {...part} />}
        {repeated.length > 0 && <RepeatedSection {...part} />}
        {splits.length > 0 && <SplitSection {...part} />}
      </Page>
    </Scroller>
  );
}

/** The findings of the cleaning as it is; those from before stay in sight until the new ones are there. */
function useFindings({ client, version }: PieceView['ready']): NamedFindings | undefined {
  const [findings, setFindings] = useState<NamedFindings>();
  useEffect(() => {
    let isCurrent = true;
    client.findings.find().then((found) => {
      // A transition: many rows are drawn in slices, and the page stays free.
      if (isCurrent) startTransition(() => setFindings(found));
    }, ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client, version]);
  return findings;
}

const Scroller = styled.main`
  /* What is hidden but for readers is out of the flow: it must not stretch the page. */
  position: relative;
  overflow: auto;
  background: var(--paper);
  scrollbar-width: thin;
  scrollbar-color: var(--line) transparent;
`;

const Page = styled.div`
  max-width: 1040px;
  margin: 0 auto;
  padding: 26px 32px 60px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 18px;
`;

const Story = styled.div`
  padding: 0 4px 2px;
  max-width: 74ch;
  h2 {
    font: 600 24px/1.25 ${faces.reading};
    margin-bottom: 8px;
  }
  p {
    font: 16.5px/1.6 ${faces.reading};
    word-spacing: ${WORD_SPACING};
  }
`;

const Waiting = styled.p`
  padding: 30vh 0 0;
  text-align: center;
  color: var(--soft);
`;
