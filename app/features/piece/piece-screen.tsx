import { lazy, memo, startTransition, Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { Outlet, useLocation, useNavigate, type NavigateFunction } from 'react-router';
import { styled } from 'styled-components';
import type { StyleRecord } from '../../../storage/db.ts';
import type { StoredPiece } from '../../../storage/pieces.ts';
import { ReadingNote } from '../../incoming/reading-note.tsx';
import type { OutputShape, TextReading } from '../../../core/index.ts';
import type { SourceText } from '../../../worker/protocol.ts';
import { useIncoming } from '../../incoming/use-incoming.ts';
import { useVersions } from './history/use-versions.ts';
import type { OwnKeys } from './keys/commands.ts';
import { KeysContext, useCommands, type Handlers } from './keys/use-commands.ts';
import type { PieceWrite } from './state/piece-actions.ts';
import type { Drawer, PieceView, Tour } from './state/piece-context.ts';
import { SOURCE_FONTS } from './reading/column-layout.ts';
import { useMeasuredAhead } from './reading/source-advance.ts';
import { FailedCleaning } from './failed-cleaning.tsx';
import { PieceHeader } from './piece-header.tsx';
import { lostWork } from './state/lost-work.ts';
import { keepPlace } from './state/place-keeper.ts';
import { useCleaning } from './state/use-cleaning.ts';
import { copierOf } from './state/copying.ts';
import { useDecisions } from './state/use-decisions.ts';
import { useNoting } from './state/use-noting.ts';
import { usePieceKeys } from './state/use-piece-keys.ts';
import { underWay } from './state/under-way.ts';
import { useSaving } from './state/use-saving.ts';
import { useFailedPassNews } from './state/use-failed-pass-news.ts';
import { useSlowRuleNews } from './state/use-slow-rule-news.ts';
import { Stopped, Working } from './working.tsx';

/** Sheets and lists come after the piece is on the screen; later they would be missing where the server has gone. */
const fetchHistory = () => import('./history/history-sheet.tsx');
const fetchKeys = () => import('./keys/keys-sheet.tsx');
const HistorySheet = lazy(fetchHistory);
const KeysSheet = lazy(fetchKeys);
/** In ms. */
const FETCH_AFTER = 2000;
const FETCHED_AHEAD = [
  fetchHistory,
  fetchKeys,
  () => import('./ledger/edit-list.tsx'),
  () => import('./ledger/hit-list.tsx'),
];

const NEW_PIECE = {
  text: 'This is a new piece',
  detail: 'The one you had open is on the desk, unchanged.',
};

interface PieceScreenProps {
  readonly stored: StoredPiece;
  /** The keys that the person chose, by command. */
  readonly keys: OwnKeys;
  /** How the clean text went out last. */
  readonly shape: OutputShape;
  /** The person's own styles. */
  readonly styles: readonly StyleRecord[];
}

/** A piece, with what is stored of it and what is pasted or let go on it, which becomes a new piece. */
export function PieceScreen(props: PieceScreenProps) {
  const save = useSaving(props.stored.piece.id);
  const incoming = useIncoming(NEW_PIECE);
  const navigate = useNavigate();
  return (
    <Screen data-dropping={incoming.isDropping || undefined} {...incoming.dropProps}>
      <PieceFrame {...props} save={save} navigate={navigate} />
      <ReadingNote incoming={incoming} />
    </Screen>
  );
}

interface PieceFrameProps extends PieceScreenProps {
  readonly save: (write: PieceWrite) => void;
  readonly navigate: NavigateFunction;
}

/**
 * The frame of a piece: its cleaning, its decisions and the header, around the screen that the address names. It asks the router for
 * nothing, and so rests while something is stored: each call for that draws what it stands in anew, three times.
 */
const PieceFrame = memo(function PieceFrame(props: PieceFrameProps) {
  const { stored, keys, shape: storedShape, styles: storedStyles, save, navigate } = props;
  const decisions = useDecisions(stored.history, save);
  const answered = useCallback((key: string) => save({ intent: 'answered', key }), [save]);
  const text = useTextOf(stored, decisions.reading);
  const cleaning = useCleaning(text, decisions);
  const { state, slowRules, untilTold } = cleaning;
  const ready = state.status === 'ready' ? state : undefined;
  const [title, rename] = useNoting(stored.piece, ready?.summary, save);
  const [shape, setOwnShape] = useState(storedShape);
  const [styles, setStyles] = useState(storedStyles);
  const [declined, setDeclined] = useState(stored.declined);
  const [answers] = useState(underWay);
  const { latest } = decisions;
  const upToDate = useCallback(() => answers.ended().then(() => untilTold(latest)), [answers, untilTold, latest]);
  const client = ready?.client;
  const copy = useMemo(() => copierOf(client, shape, upToDate), [client, shape, upToDate]);
  const [lit, light] = useState<string>();
  /** Goes to the text's own screen, from whichever is open. */
  const toText = useCallback(
    () => void navigate(`/piece/${stored.piece.id}`, { preventScrollReset: true }),
    [navigate, stored.piece.id],
  );
  const [drawer, setDrawer] = useState<Drawer>();
  // Places are those of one reading of the text.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const place = useMemo(() => keepPlace(), [text]);
  const [lost] = useState(() => lostWork(stored.typing, stored.answers));
  const [tour, setTour] = useState<{ readonly of: SourceText; readonly tour: Tour }>();
  const [isSigned, setSigned] = useState(false);
  // React may draw these in slices, and the page stays free.
  const sign = useCallback((now: boolean) => startTransition(() => setSigned(now)), []);
  const [sheet, setSheet] = useState<'keys' | 'history'>();
  const openSheet = useCallback((now: 'keys' | 'history') => startTransition(() => setSheet(now)), []);
  const [ownKeys, setOwnKeys] = useState(keys);
  const versions = useVersions(stored.piece.id, stored.versions, decisions, save);
  const toRead = useCallback(() => void navigate(`/piece/${stored.piece.id}/read`), [navigate, stored.piece.id]);
  const openDrawer = useCallback(
    (next: Drawer | undefined) => {
      // Whoever calls for the field types on at once; else React may draw the drawer in slices, and the page stays free.
      if (!next?.forTyping) startTransition(() => setDrawer(next));
      else setDrawer(next);
      if (next) toText();
    },
    [toText],
  );
  const show = (next: Tour | undefined) => {
    setTour(next && { of: text, tour: next });
    if (next) toText();
  };
  usePieceKeys(decisions, () => openDrawer({ forTyping: true }));
  useSlowRuleNews(slowRules);
  useFailedPassNews(ready?.summary.failed);
  useFetchAhead(ready !== undefined);
  useMeasuredAhead(SOURCE_FONTS);
  useEffect(() => {
    document.title = title ? `${title} · Lucid Ribbon` : 'Lucid Ribbon';
  }, [title]);

  if (state.status === 'failed') {
    return (
      <FailedCleaning
        source={text.source}
        stage={state.stage}
        message={state.message}
        decisions={decisions}
        onTryAgain={cleaning.startAgain}
      />
    );
  }
  const shared: Omit<PieceView, 'ready'> = {
    id: stored.piece.id,
    title,
    source: text.source,
    sourceAsItCame: stored.source,
    shape,
    setShape: (changed) => {
      setOwnShape(changed);
      save({ intent: 'shape', shape: changed });
    },
    styles,
    keepStyle: (style) => {
      setStyles((before) => [...before.filter(({ id }) => id !== style.id), style]);
      save({ intent: 'keep-style', style });
    },
    mayOffer: (offer) => !declined.includes(offer),
    decline: (offer) => {
      setDeclined((before) => [...before, offer]);
      save({ intent: 'decline', offer });
    },
    origin: stored.origin,
    // Answers and typed words that come in later would be of another text.
    readAs: (reading) =>
      void answers.ended().then(() => decisions.take({ kind: 'read-as', ...(reading && { reading }) })),
    copy: () => copy?.(),
    lost,
    underWay: answers,
    answered,
    decisions,
    slowRules,
    isSigned,
    sign,
    lit,
    light,
    place,
    tour: tour?.of === text ? tour.tour : undefined,
    show,
    drawer,
    openDrawer,
  };
  return (
    <KeysContext value={ownKeys}>
      <>
        <ScreenKeys onSheet={openSheet} onSign={() => sign(!isSigned)} onRead={toRead} onCopy={copy} />
        <PieceHeader title={title} onRename={rename} ready={ready} piece={shared} onSheet={openSheet} onCopy={copy} />
        {ready ? (
          <Outlet context={{ ...shared, ready } satisfies PieceView} />
        ) : state.status === 'working' ? (
          <Working stage={state.stage} onCancel={cleaning.stop} />
        ) : (
          <Stopped onStart={cleaning.startAgain} />
        )}
        <Suspense>
          {sheet === 'keys' && (
            <KeysSheet
              onClose={() => setSheet(undefined)}
              onChange={(changed) => {
                setOwnKeys(changed);
                save({ intent: 'keys', keys: changed });
              }}
            />
          )}
          {sheet === 'history' && (
            <HistorySheet onClose={() => setSheet(undefined)} piece={shared} ready={ready} versions={versions} />
          )}
        </Suspense>
      </>
    </KeysContext>
  );
});

/** The text in the reading in force: the same object as long as it is the same text, whatever another tab stored meanwhile. */
function useTextOf(stored: StoredPiece, reading: TextReading | undefined): SourceText {
  const [asItCame] = useState(() => ({ source: stored.source, layout: stored.layout }));
  const other = reading?.text;
  return useMemo(() => (other === undefined ? asItCame : { source: other }), [asItCame, other]);
}

interface ScreenKeysProps {
  readonly onSheet: (sheet: 'keys' | 'history') => void;
  readonly onSign: () => void;
  readonly onRead: () => void;
  readonly onCopy: (() => void) | undefined;
}

/** The keys that work on all screens of a piece. The reading view has its own way back. */
function ScreenKeys({ onSheet, onSign, onRead, onCopy }: ScreenKeysProps) {
  const isReading = useLocation().pathname.endsWith('/read');
  useCommands(
    useMemo(
      (): Handlers => ({
        keys: () => onSheet('keys'),
        history: () => onSheet('history'),
        hidden: onSign,
        copy: onCopy,
        read: isReading ? undefined : onRead,
      }),
      [onSheet, onSign, onRead, onCopy, isReading],
    ),
  );
  return null;
}

/** Fetches what may be opened later, when the piece has been on the screen for a while. What fails is asked for again when opened. */
function useFetchAhead(isReady: boolean): void {
  useEffect(() => {
    if (!isReady) return undefined;
    const fetchAll = () => FETCHED_AHEAD.forEach((fetch) => void fetch().catch(() => undefined));
    const timer = setTimeout(fetchAll, FETCH_AFTER);
    return () => clearTimeout(timer);
  }, [isReady]);
}

const Screen = styled.div`
  &[data-dropping]::after {
    content: 'Let go: it becomes a new piece';
    position: fixed;
    z-index: 20;
    inset: 0;
    display: grid;
    place-items: center;
    pointer-events: none;
    font-size: 20px;
    font-weight: 600;
    background: color-mix(in srgb, var(--paper) 82%, transparent);
    box-shadow: inset 0 0 0 4px var(--ribbon);
  }
  height: 100%;
  display: grid;
  grid-template: minmax(52px, auto) minmax(0, 1fr) / minmax(0, 1fr);
  @media (max-height: 520px) {
    grid-template-rows: auto minmax(0, 1fr);
  }
  @media print {
    display: block;
    height: auto;
    > header {
      display: none;
    }
  }
`;
