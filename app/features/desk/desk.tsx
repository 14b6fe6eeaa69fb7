import { styled } from 'styled-components';
import type { Sample } from '../../../samples/index.ts';
import { StorageProblemNote } from '../../storage-problem-note.tsx';
import { home } from '../../ui/focus-home.tsx';
import { HeaderLink, PageHeader } from '../../ui/page-header.tsx';
import type { DeskData } from './desk-actions.ts';
import { ClipboardActions } from './clipboard-actions.tsx';
import { NewBuildNote } from './new-build-note.tsx';
import { PasteSheet } from './paste-sheet.tsx';
import { BackupActions } from './backup-actions.tsx';
import { PieceAhead } from './piece-ahead.tsx';
import { PieceList } from './piece-list.tsx';
import { RoomNote } from './room-note.tsx';
import { SampleList } from './sample-list.tsx';
import { ReadingNote } from '../../incoming/reading-note.tsx';
import { useIncoming } from '../../incoming/use-incoming.ts';
import { useHandedOver } from './use-handed-over.ts';

interface DeskProps {
  readonly samples: readonly Sample[];
  readonly desk: DeskData;
}

const TAGLINE = 'Clean prose with its real paragraphs. Nothing leaves this machine.';

/** The first screen: paste a text, open a piece, try a sample. */
export function Desk({ samples, desk }: DeskProps) {
  const incoming = useIncoming();
  useHandedOver(incoming);
  return (
    <Page data-dropping={incoming.isDropping || undefined} {...incoming.dropProps}>
      <PageHeader>
        <Tagline>{TAGLINE}</Tagline>
        <HeaderLink to="/stack">Stack</HeaderLink>
        <HeaderLink to="/styles">House styles</HeaderLink>
      </PageHeader>
      <NewBuildNote />
      <StorageProblemNote problem={desk.problem} />
      <Columns {...home}>
        <Left>
          <PasteSheet draft={desk.draft} incoming={incoming}>
            <ClipboardActions styles={desk.styles} shape={desk.shape} />
          </PasteSheet>
          <RoomNote room={desk.room} />
          <PieceList pieces={desk.pieces} unreadable={desk.unreadable} now={desk.now}>
            <BackupActions pieces={desk.pieces.length} now={desk.now} />
          </PieceList>
        </Left>
        <SampleList samples={samples} />
      </Columns>
      <ReadingNote incoming={incoming} />
      <PieceAhead />
    </Page>
  );
}

/** The desk before the browser has said what it keeps. */
export function DeskSkeleton() {
  return (
    <Page>
      <PageHeader>
        <Tagline>{TAGLINE}</Tagline>
      </PageHeader>
    </Page>
  );
}

const Page = styled.div`
  min-height: 100%;
  display: flex;
  flex-direction: column;
  @media (min-width: 900px) {
    height: 100%;
  }
  &[data-dropping] {
    box-shadow: inset 0 0 0 4px var(--ribbon);
  }
`;

const Tagline = styled.p`
  margin-right: auto;
  color: var(--soft);
`;

const Columns = styled.main`
  flex: 1;
  min-height: 0;
  display: grid;
  gap: 32px;
  padding: 24px;
  max-width: 1280px;
  width: 100%;
  margin: 0 auto;
  @media (min-width: 900px) {
    grid-template-columns: minmax(0, 1fr) 372px;
  }
`;

const Left = styled.div`
  min-height: 0;
  display: flex;
  flex-direction: column;
  gap: 24px;
`;
