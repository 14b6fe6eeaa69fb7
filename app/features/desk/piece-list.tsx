import { useRef, useState } from 'react';
import { Input, SearchField } from 'react-aria-components';
import { useFetcher } from 'react-router';
import { styled } from 'styled-components';
import { memoryProblem, type PieceRecord } from '../../../storage/db.ts';
import { Button, QuietButton } from '../../ui/buttons.tsx';
import { download } from '../../ui/download.ts';
import { focusBeside, useOneStop } from '../../ui/one-stop.ts';
import { toast } from '../../ui/toasts.tsx';
import type { Taken } from '../../incoming/handover.ts';
import type { DeskData } from './desk-actions.ts';
import { PieceItem } from './piece-item.tsx';
import { nameOf } from './piece-name.ts';

const SEARCH_FROM = 8;
/** So many are listed at first, and with each press on more. */
const A_PAGE = 100;

interface PieceListProps extends Pick<DeskData, 'pieces' | 'unreadable' | 'now'> {
  /** What can be done with all of them. */
  readonly children: React.ReactNode;
}

/** The pieces so far, with a search when there are many. */
export function PieceList({ pieces, unreadable, now, children }: PieceListProps) {
  const fetcher = useFetcher<Taken>();
  const [query, setQuery] = useState('');
  const say = (intent: string, id: string, title = '') =>
    void fetcher.submit(null, { method: 'post', action: `/?index&${new URLSearchParams({ intent, id, title })}` });
  const remove = (piece: PieceRecord) => {
    say('delete', piece.id);
    toast({
      text: `“${nameOf(piece)}” deleted`,
      action: { label: 'Undo', run: () => say('restore', piece.id) },
    });
  };
  const [listed, setListed] = useState(A_PAGE);
  const list = useRef<HTMLUListElement>(null);
  useOneStop(list);
  const shown = pieces.filter((piece) => nameOf(piece).toLowerCase().includes(query.toLowerCase()));
  return (
    <Section aria-labelledby="pieces-title">
      <Head>
        <h2 id="pieces-title">Your pieces</h2>
        {pieces.length >= SEARCH_FROM && (
          <SearchField aria-label="Search the pieces by title" value={query} onChange={setQuery}>
            <SearchInput placeholder="Search by title" />
          </SearchField>
        )}
        {children}
      </Head>
      {unreadable.map(({ id, title, raw }) => (
        <Unreadable key={id} role="alert">
          {title ? `“${title}”` : 'A piece'} cannot be read, and was left as it is.
          <QuietButton onPress={() => download(raw, `piece-${id}.json`, 'application/json')}>
            Download what is stored of it
          </QuietButton>
        </Unreadable>
      ))}
      {pieces.length === 0 && (
        <Empty>
          None yet. What you paste is kept here,{' '}
          {memoryProblem() ? 'until this page is closed' : 'in this browser only'}.
        </Empty>
      )}
      {pieces.length > 0 && shown.length === 0 && <Empty>No title has “{query}” in it.</Empty>}
      <Scroller>
        <List ref={list}>
          {shown.slice(0, listed).map((piece) => (
            <PieceItem
              key={piece.id}
              piece={piece}
              now={now}
              onRename={(title) => say('rename', piece.id, title)}
              onDelete={() => {
                focusBeside(list.current?.querySelector(`[data-piece="${CSS.escape(piece.id)}"]`), 'a');
                remove(piece);
              }}
            />
          ))}
        </List>
        {shown.length > listed && (
          <More>
            <Button onPress={() => setListed(listed + A_PAGE)}>
              Show {Math.min(A_PAGE, shown.length - listed)} more ({(shown.length - listed).toLocaleString('en')} left)
            </Button>
          </More>
        )}
      </Scroller>
    </Section>
  );
}

const Scroller = styled.div`
  overflow: auto;
`;

const More = styled.p`
  padding: 12px 0 16px;
  text-align: center;
`;

const Section = styled.section`
  flex: 1 1 240px;
  min-height: 160px;
  display: flex;
  flex-direction: column;
  gap: 8px;
`;

const Head = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 32px;
  h2 {
    font:
      600 18px/1.3 'Literata Variable',
      Georgia,
      serif;
  }
`;

const SearchInput = styled(Input)`
  font: inherit;
  color: var(--ink);
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: 8px;
  padding: 5px 10px;
  width: 220px;
`;

const Unreadable = styled.p`
  padding: 6px 10px;
  border: 1px solid var(--doubt);
  border-radius: 8px;
  button {
    padding: 1px 7px;
    color: var(--go);
  }
`;

const Empty = styled.p`
  color: var(--soft);
`;

const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 2px;
`;
