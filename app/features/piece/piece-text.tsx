import { useCallback, useMemo, useRef, useState } from 'react';
import { styled } from 'styled-components';
import type { SeamView } from '../../../core/index.ts';
import { useEditor } from './editing/use-editor.ts';
import { DoubtBar } from './doubts/doubt-bar.tsx';
import { useDoubts } from './doubts/use-doubts.ts';
import { LedgerDrawer } from './ledger/ledger-drawer.tsx';
import { PassRail } from './pass-rail.tsx';
import { usePiece } from './piece-context.ts';
import { ReadingColumns } from './reading-columns.tsx';
import { SeamMenu, type SeamAsked } from './seam-menu.tsx';
import { TourBar } from './tour-bar.tsx';
import { useWouldDo } from './use-would-do.ts';

/** The main screen: source, ribbon and clean text side by side, with the passes, the overview and the ledger around them. */
export function PieceText() {
  const piece = usePiece();
  const { ready, decisions, lit, tour, drawer } = piece;
  const doubts = useDoubts(piece);
  const editor = useEditor(piece);
  const wouldDo = useWouldDo(ready.client, ready.version);
  const open = useRef(piece.openDrawer);
  open.current = piece.openDrawer;
  const list = useCallback((pass: string) => open.current({ pass }), []);
  const [asked, setAsked] = useState<SeamAsked>();
  const askSeam = useMemo(() => (seam: SeamView, anchor: Element) => setAsked({ seam, anchor }), []);
  return (
    <Place>
      <PassRail
        counts={ready.summary.counts}
        wouldDo={wouldDo}
        decisions={decisions}
        lit={lit}
        onLight={piece.light}
        onList={list}
      />
      <Work>
        {tour && <TourBar tour={tour} onShow={piece.show} />}
        <ReadingColumns
          client={ready.client}
          summary={ready.summary}
          version={ready.version}
          lit={lit}
          shown={tour?.places[tour.at] ?? doubts.place}
          editor={editor}
          onAskSeam={askSeam}
        />
        {drawer && <LedgerDrawer piece={piece} drawer={drawer} />}
      </Work>
      <DoubtBar doubts={doubts} tally={ready.summary.tally} />
      <SeamMenu asked={asked} onClose={() => setAsked(undefined)} take={decisions.take} />
    </Place>
  );
}

const Place = styled.div`
  min-height: 0;
  display: grid;
  grid-template: minmax(0, 1fr) auto / 228px minmax(0, 1fr);
`;

const Work = styled.div`
  min-width: 0;
  min-height: 0;
  display: flex;
  flex-direction: column;
`;
