import { useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { ToggleButton } from 'react-aria-components';
import { styled } from 'styled-components';
import type { SeamView } from '../../../core/index.ts';
import { DoubtBar } from './doubts/doubt-bar.tsx';
import { useDoubts } from './doubts/use-doubts.ts';
import { EditPopup, type EditAsked } from './menus/edit-popup.tsx';
import { neighbourOf } from './editing/neighbours.ts';
import { useRecoveredTyping } from './editing/use-recovered-typing.ts';
import { useEditor } from './editing/use-editor.ts';
import { useSelectionWriting } from './editing/use-selection-writing.ts';
import { useCommands, type Handlers } from './keys/use-commands.ts';
import { LedgerDrawer } from './ledger/ledger-drawer.tsx';
import { ProposedStyle } from './style/proposed-style.tsx';
import { StyleButton } from './style/style-button.tsx';
import { ColumnsNote } from './reading/columns-note.tsx';
import { UnmarkedNote } from './reading/unmarked-note.tsx';
import { PassRail } from './passes/pass-rail.tsx';
import { usePiece } from './state/piece-context.ts';
import { PortionBar } from './portion/portion-bar.tsx';
import type { Selected } from './portion/selected.ts';
import { isWide } from './portion/spots.ts';
import { useAskingPart } from './portion/use-asking-part.ts';
import { sayNothingChosen, usePortion, type MarkedPortion } from './portion/use-portion.ts';
import { ReadingColumns } from './reading/reading-columns.tsx';
import { SeamMenu, type SeamAsked } from './menus/seam-menu.tsx';
import { OriginNote } from './reading/origin-note.tsx';
import { StoryLine } from './reading/story-line.tsx';
import { TourBar } from './reading/tour-bar.tsx';
import { copyBetween } from './state/copying.ts';
import { useStepping } from './state/use-stepping.ts';
import { useOffPassCounts } from './passes/use-off-pass-counts.ts';

/** Always the same element, so that what it stands in may rest. */
const ORIGIN_NOTE = <OriginNote />;

/** The main screen: source, ribbon and clean text side by side, with the passes, the overview and the ledger around them. */
export function PieceText() {
  const piece = usePiece();
  const { ready, decisions, lit, tour, drawer } = piece;
  const doubts = useDoubts(piece);
  const toured = useMemo(() => tour?.places[tour.at] && { ...tour.places[tour.at]!, call: tour.at }, [tour]);
  const noteTyping = useRecoveredTyping(piece);
  const editor = useEditor(ready.client, decisions, noteTyping);
  const offPassCounts = useOffPassCounts(ready.client, ready.version);
  const { openDrawer } = piece;
  const list = useCallback((pass?: string) => openDrawer(pass === undefined ? {} : { pass }), [openDrawer]);
  const [askedSeam, setAskedSeam] = useState<SeamAsked>();
  const [askedEdit, setAskedEdit] = useState<EditAsked>();
  const askSeam = useMemo(() => (seam: SeamView, anchor: Element) => setAskedSeam({ seam, anchor }), []);
  const scroller = useRef<HTMLDivElement>(null);
  const [read, setSelected] = useState<Selected>();
  const { selected, isAll, isTypedOver } = useSelectionWriting(read, ready.plan, ready.client, editor, scroller);
  const marked = usePortion(piece, selected?.portion);
  const [isAskingPart, askPart] = useAskingPart(selected !== undefined);
  const step = useStepping(scroller);
  const { act, toggle } = marked;
  useCommands(
    useMemo(
      (): Handlers => ({
        'next-seam': () => step('[data-seam]', 1),
        'seam-before': () => step('[data-seam]', -1),
        'next-edit': () => step('[data-column="source"] [data-edit]', 1),
        'edit-before': () => step('[data-column="source"] [data-edit]', -1),
        hold: () => toggle('hold'),
        'only-here': () => act({ kind: 'only' }),
        part: () => (selected ? askPart(true) : sayNothingChosen()),
        'leave-out': () => {
          const words = document.activeElement?.closest('[data-index]')?.querySelector('[data-words]');
          toggle('leave-out');
          // The paragraph goes; the focus stays in the text.
          if (words && !selected) neighbourOf(words, 1)?.focus({ preventScroll: true });
        },
        write: () => {
          const words = wordsInSight(scroller.current);
          editor.enterBy('start');
          // What has the focus already is entered by getting it anew.
          words?.blur();
          words?.focus();
          editor.enterBy(undefined);
        },
      }),
      [step, act, toggle, editor, selected, askPart],
    ),
  );
  const takeBack = useTakeBack(marked);
  const spots = selected?.spots;
  const copy = spots && (() => copyBetween(ready.client, spots));
  useCopyKey(copy, isWide(spots));
  const [isRailOpen, setRailOpen] = useState(false);
  // The text comes first: the passes are drawn after it, in a turn of their own.
  const hasRail = useDeferredValue(true, false);
  const styleButton = useMemo(() => <StyleButton piece={piece} />, [piece]);
  const railToggle = useMemo(
    () => (
      <RailToggle isSelected={isRailOpen} onChange={setRailOpen}>
        Passes
      </RailToggle>
    ),
    [isRailOpen],
  );
  return (
    <Place data-rail={isRailOpen || undefined}>
      {hasRail ? (
        <PassRail
          counts={ready.summary.counts}
          offPassCounts={offPassCounts}
          decisions={decisions}
          lit={lit}
          onLight={piece.light}
          onList={list}
        >
          {styleButton}
        </PassRail>
      ) : (
        <div />
      )}
      <Work>
        {tour && <TourBar tour={tour} onShow={piece.show} />}
        <StoryLine summary={ready.summary} onList={list} onAsk={doubts.show}>
          {ORIGIN_NOTE}
        </StoryLine>
        <ProposedStyle />
        <ColumnsNote />
        <UnmarkedNote />
        <ReadingColumns
          ready={ready}
          lit={lit}
          shown={tour?.places[tour.at] ?? doubts.place}
          goTo={toured ?? doubts.goTo}
          place={piece.place}
          step={step}
          isSigned={piece.isSigned}
          onSign={piece.sign}
          readAt={`/piece/${piece.id}/read`}
          passes={railToggle}
          editor={editor}
          scroller={scroller}
          isAllSelected={isAll}
          onSelect={setSelected}
          onAskEdit={setAskedEdit}
          onTakeBack={takeBack}
          onAskSeam={askSeam}
        />
        <PortionBar
          marked={marked}
          style={decisions.style}
          onCopy={copy}
          isWriting={selected?.isWriting ?? false}
          isTypedOver={isTypedOver}
          isAskingPart={isAskingPart}
          onAskPart={askPart}
        />
        {drawer && <LedgerDrawer piece={piece} drawer={drawer} />}
      </Work>
      <DoubtBar doubts={doubts} tally={ready.summary.tally} />
      <SeamMenu asked={askedSeam} onClose={() => setAskedSeam(undefined)} take={decisions.take} />
      <EditPopup
        asked={askedEdit}
        onClose={() => setAskedEdit(undefined)}
        client={ready.client}
        decisions={decisions}
      />
    </Place>
  );
}

/** Takes back what was left out of a row; always the same function, so that rows rest. */
function useTakeBack(marked: MarkedPortion): (from: number, to: number) => void {
  const act = useRef(marked.act);
  useEffect(() => {
    act.current = marked.act;
  }, [marked]);
  return useCallback((from, to) => act.current({ kind: 'take-back' }, { from, to }), []);
}

/** The paragraph that has the focus, or the first whose beginning is in sight. */
function wordsInSight(scroller: HTMLElement | null): HTMLElement | undefined {
  const own = document.activeElement?.closest('[data-index]')?.querySelector<HTMLElement>('[data-words]');
  if (own || !scroller) return own ?? undefined;
  const top = scroller.getBoundingClientRect().top;
  return [...scroller.querySelectorAll<HTMLElement>('[data-words]')].find(
    (words) => words.getBoundingClientRect().top >= top,
  );
}

/** A selection over several paragraphs is copied as clean text; inside of one the browser does it. */
function useCopyKey(copy: (() => void) | undefined, isWide: boolean): void {
  useEffect(() => {
    if (!copy || !isWide) return undefined;
    const onCopy = (event: ClipboardEvent) => {
      event.preventDefault();
      copy();
    };
    document.addEventListener('copy', onCopy);
    return () => document.removeEventListener('copy', onCopy);
  }, [copy, isWide]);
}

/** Narrower pages, px, have the passes in a panel of their own. */
const NARROW = 860;

const Place = styled.div`
  min-height: 0;
  display: grid;
  grid-template: minmax(0, 1fr) auto / 228px minmax(0, 1fr);
  @media (max-width: 1100px) {
    grid-template-columns: 206px minmax(0, 1fr);
  }
  @media (max-width: ${NARROW}px) {
    position: relative;
    grid-template-columns: minmax(0, 1fr);
    > nav {
      display: none;
    }
    &[data-rail] > nav {
      display: block;
      position: absolute;
      z-index: 4;
      inset: 26px auto 0 0;
      width: 260px;
      background: var(--paper);
      border-right: 1px solid var(--line);
      box-shadow: var(--shadow);
    }
  }
`;

/** Only where the passes have no place of their own. */
const RailToggle = styled(ToggleButton)`
  display: none;
  @media (max-width: ${NARROW}px) {
    display: inline-block;
    margin-right: 8px;
    font: inherit;
    color: var(--ink);
    background: none;
    border: 1px solid var(--line);
    border-radius: 6px;
    padding: 0 8px;
    cursor: pointer;
    &[data-selected] {
      background: var(--chosen);
    }
  }
`;

const Work = styled.div`
  position: relative;
  min-width: 0;
  min-height: 0;
  display: flex;
  flex-direction: column;
`;
