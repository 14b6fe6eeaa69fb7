import { useState } from 'react';
import { Input, TextField } from 'react-aria-components';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import type { PieceRecord } from '../../../storage/db.ts';
import { QuietButton } from '../../ui/buttons.tsx';
import { KIND_WORDS } from '../source-kind.ts';

interface PieceItemProps {
  readonly piece: PieceRecord;
  /** ms since the epoch. */
  readonly now: number;
  readonly onRename: (title: string) => void;
  readonly onDelete: () => void;
}

/** One piece on the desk: open it, rename it, delete it. */
export function PieceItem({ piece, now, onRename, onDelete }: PieceItemProps) {
  const [isRenaming, setRenaming] = useState(false);
  const name = piece.title || 'Untitled';
  const finish = (title: string) => {
    setRenaming(false);
    if (title.trim() !== '' && title !== piece.title) onRename(title.trim());
  };
  return (
    <Item>
      {isRenaming ? <TitleField title={name} onDone={finish} /> : <Title to={`/piece/${piece.id}`}>{name}</Title>}
      <Facts>
        {piece.kind && <span>{KIND_WORDS[piece.kind] ?? piece.kind}</span>}
        {piece.words !== undefined && <span>{piece.words.toLocaleString('en')} words</span>}
        {piece.doubts !== undefined && piece.doubts > 0 && (
          <Doubts>{piece.doubts.toLocaleString('en')} in doubt</Doubts>
        )}
        <time dateTime={new Date(piece.changedAt).toISOString()}>{whenWords(piece.changedAt, now)}</time>
      </Facts>
      <QuietButton aria-label={`Rename “${name}”`} onPress={() => setRenaming(true)}>
        Rename
      </QuietButton>
      <QuietButton aria-label={`Delete “${name}”`} onPress={onDelete}>
        Delete
      </QuietButton>
    </Item>
  );
}

function TitleField({ title, onDone }: { readonly title: string; readonly onDone: (title: string) => void }) {
  const [value, setValue] = useState(title);
  return (
    <TextField
      aria-label="Title"
      value={value}
      onChange={setValue}
      onBlur={() => onDone(value)}
      onKeyDown={(event) => {
        if (event.key === 'Enter') onDone(value);
        if (event.key === 'Escape') onDone(title);
      }}
      autoFocus
    >
      <TitleInput />
    </TextField>
  );
}

/** A moment as people say it: the time today, else the day. Both in ms. */
function whenWords(moment: number, now: number): string {
  const date = new Date(moment);
  const isToday = date.toDateString() === new Date(now).toDateString();
  return isToday
    ? `today, ${date.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}`
    : date.toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
}

const Item = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto auto;
  align-items: center;
  gap: 4px 10px;
  padding: 5px 0;
  border-top: 1px solid var(--line);
`;

const Title = styled(Link)`
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-weight: 600;
  color: var(--ink);
  text-decoration: none;
  &:hover {
    text-decoration: underline;
  }
`;

const TitleInput = styled(Input)`
  font: inherit;
  font-weight: 600;
  width: 100%;
  color: var(--ink);
  background: var(--sheet);
  border: 1px solid var(--ribbon);
  border-radius: 6px;
  padding: 2px 6px;
`;

const Facts = styled.span`
  display: flex;
  gap: 14px;
  color: var(--soft);
  font-size: 13px;
  font-variant-numeric: tabular-nums;
`;

const Doubts = styled.span`
  color: var(--doubt);
  font-weight: 600;
`;
