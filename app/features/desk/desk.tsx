import { Link } from 'react-router';
import { styled } from 'styled-components';
import type { Sample } from '../../../samples/index.ts';
import { STORAGE_WORDS } from '../../storage-words.ts';
import { home } from '../../ui/focus-home.tsx';
import { Brand } from '../../ui/brand.tsx';
import { ThemeSwitch } from '../../ui/theme-switch.tsx';
import type { DeskData } from './desk-actions.ts';
import { ClipboardActions } from './clipboard-actions.tsx';
import { PasteSheet } from './paste-sheet.tsx';
import { BackupActions } from './backup-actions.tsx';
import { PieceList } from './piece-list.tsx';
import { RoomNote } from './room-note.tsx';
import { SampleList } from './sample-list.tsx';
import { ReadingNote } from '../../incoming/reading-note.tsx';
import { useIncoming } from '../../incoming/use-incoming.ts';

interface DeskProps {
  readonly samples: readonly Sample[];
  readonly desk: DeskData;
}

/** The first screen: paste a text, open a piece, try a sample. */
export function Desk({ samples, desk }: DeskProps) {
  const incoming = useIncoming();
  return (
    <Page data-dropping={incoming.isDropping || undefined} {...incoming.dropProps}>
      <Header>
        <Brand />
        <Tagline>Clean prose with its real paragraphs. Nothing leaves this machine.</Tagline>
        <StylesLink to="/styles">House styles</StylesLink>
        <ThemeSwitch />
      </Header>
      {desk.problem && (
        <Problem role="alert">
          <b>{STORAGE_WORDS[desk.problem].text}.</b> {STORAGE_WORDS[desk.problem].detail}
        </Problem>
      )}
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
    </Page>
  );
}

/** The desk before the browser has said what it keeps. */
export function DeskSkeleton() {
  return (
    <Page>
      <Header>
        <Brand />
        <Tagline>Clean prose with its real paragraphs. Nothing leaves this machine.</Tagline>
      </Header>
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

const Header = styled.header`
  display: flex;
  align-items: center;
  gap: 18px;
  padding: 0 24px;
  min-height: 56px;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
`;

const StylesLink = styled(Link)`
  color: var(--ink);
  text-decoration: none;
  padding: 5px 8px;
  border-radius: 8px;
  &:hover {
    background: var(--hover);
  }
`;

const Tagline = styled.p`
  margin-right: auto;
  color: var(--soft);
`;

const Problem = styled.p`
  margin: 14px 24px 0;
  padding: 10px 14px;
  border-radius: 8px;
  background: var(--doubt-back);
  color: var(--ink);
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
