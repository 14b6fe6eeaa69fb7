import { useEffect, useMemo, useState } from 'react';
import { styled } from 'styled-components';
import type { SeamView } from '../../../core/index.ts';
import type { StoredPiece } from '../../../storage/pieces.ts';
import { Failure } from '../../ui/failure.tsx';
import { Button } from '../../ui/buttons.tsx';
import { PassRail } from './pass-rail.tsx';
import { PieceHeader } from './piece-header.tsx';
import { ReadingColumns } from './reading-columns.tsx';
import { SeamMenu, type SeamAsked } from './seam-menu.tsx';
import { useCleaning } from './use-cleaning.ts';
import { useCopy } from './use-copy.ts';
import { useDecisions } from './use-decisions.ts';
import { useNoting } from './use-noting.ts';
import { useSaving } from './use-saving.ts';
import { useWouldDo } from './use-would-do.ts';
import { useUndoKeys } from './use-undo-keys.ts';
import { Working } from './working.tsx';

/** The main screen: source, ribbon and clean text side by side, with the passes and the overview around them. */
export function PieceScreen({ stored }: { readonly stored: StoredPiece }) {
  const save = useSaving();
  const decisions = useDecisions(stored.history, save);
  const cleaning = useCleaning(stored.source, decisions.style, decisions.choices);
  const { state } = cleaning;
  const ready = state.status === 'ready' ? state : undefined;
  const [title, rename] = useNoting(stored.piece, ready?.summary, save);
  const copy = useCopy(ready?.client);
  const wouldDo = useWouldDo(ready?.client, ready?.version ?? 0);
  const [lit, setLit] = useState<string>();
  const [asked, setAsked] = useState<SeamAsked>();
  useUndoKeys(decisions);
  useEffect(() => {
    document.title = title ? `${title} · Lucid Ribbon` : 'Lucid Ribbon';
  }, [title]);
  const askSeam = useMemo(() => (seam: SeamView, anchor: Element) => setAsked({ seam, anchor }), []);

  if (state.status === 'failed') {
    return (
      <Failure
        title="The cleaning stopped"
        advice="The source is kept as it came. Load the page to try again; a very long text may need more memory than the browser gives."
        detail={state.message}
      />
    );
  }
  return (
    <Screen>
      <PieceHeader title={title} onRename={rename} summary={ready?.summary} decisions={decisions} onCopy={copy} />
      {ready ? (
        <>
          <PassRail counts={ready.summary.counts} wouldDo={wouldDo} decisions={decisions} lit={lit} onLight={setLit} />
          <ReadingColumns
            client={ready.client}
            summary={ready.summary}
            version={ready.version}
            lit={lit}
            onAskSeam={askSeam}
          />
          <SeamMenu asked={asked} onClose={() => setAsked(undefined)} take={decisions.take} />
        </>
      ) : (
        <Wide>
          {state.status === 'working' ? (
            <Working stage={state.stage} onCancel={cleaning.stop} />
          ) : (
            <Stopped role="status">
              <p>The cleaning was stopped. The source is kept.</p>
              <Button onPress={cleaning.startAgain}>Clean it again</Button>
            </Stopped>
          )}
        </Wide>
      )}
    </Screen>
  );
}

const Screen = styled.div`
  height: 100%;
  display: grid;
  grid-template: 52px minmax(0, 1fr) / 228px minmax(0, 1fr);
`;

const Wide = styled.div`
  grid-column: 1 / 3;
`;

const Stopped = styled.main`
  display: grid;
  gap: 12px;
  justify-items: center;
  padding-top: 30vh;
`;
