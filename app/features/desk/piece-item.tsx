import { useEffect, useRef, useState } from 'react';
import { Input, TextField } from 'react-aria-components';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import type { PieceRecord } from '../../../storage/db.ts';
import { whenWords } from '../../ui/moments.ts';
import { QuietButton } from '../../ui/buttons.tsx';
import { KIND_WORDS } from '../source-kind.ts';
import { nameOf } from './piece-name.ts';

interface PieceItemProps {
  readonly piece: PieceRecord;
  /** ms since the epoch. */
  readonly now: number;
  readonly onRename: (title: string) => void;
  readonly onDelete: () => void;
}

/** The list stands in its new order after so long, ms. */
const SETTLED_AFTER = 1000;

/** One piece on the desk: open it, rename it, delete it. */
export function PieceItem({ piece, now, onRename, onDelete }: PieceItemProps) {
  const [isRenaming, setRenaming] = useState(false);
  const name = nameOf(piece);
  const renamer = useRef<HTMLButtonElement>(null);
  const isBack = useRef(false);
  // With its new title the piece is the newest of the list: once it stands there, or at once where it has none.
  useEffect(() => {
    if (!isRenaming && isBack.current) renamer.current?.focus();
    const clock = setTimeout(() => (isBack.current = false), SETTLED_AFTER);
    return () => clearTimeout(clock);
  }, [isRenaming, piece.changedAt]);
  const finish = (title: string, isByKey: boolean) => {
    setRenaming(false);
    isBack.current = isByKey;
    if (title.trim() !== '' && title !== name) onRename(title.trim());
  };
  return (
    <Item data-piece={piece.id}>
      {isRenaming ? (
        <TitleField title={name} onDone={finish} />
      ) : (
        <Title data-stop="title" to={`/piece/${piece.id}`}>
          {name}
        </Title>
      )}
      <Facts>
        {piece.kind && <span>{KIND_WORDS[piece.kind] ?? piece.kind}</span>}
        {piece.words !== undefined && <span>{piece.words.toLocaleString('en')} words</span>}
        {piece.doubts !== undefined && piece.doubts > 0 && (
          <Doubts>
            {piece.doubts.toLocaleString('en')} {piece.doubts === 1 ? 'question' : 'questions'}
          </Doubts>
        )}
        <time dateTime={new Date(piece.changedAt).toISOString()}>{whenWords(piece.changedAt, now)}</time>
      </Facts>
      <QuietButton ref={renamer} data-stop="rename" aria-label={`Rename “${name}”`} onPress={() => setRenaming(true)}>
        Rename
      </QuietButton>
      <QuietButton data-stop="delete" aria-label={`Delete “${name}”`} onPress={onDelete}>
        Delete
      </QuietButton>
    </Item>
  );
}

function TitleField({
  title,
  onDone,
}: {
  readonly title: string;
  readonly onDone: (title: string, isByKey: boolean) => void;
}) {
  const [value, setValue] = useState(title);
  // A field that goes away loses the focus as well: it is done once.
  const isDone = useRef(false);
  const done = (said: string, isByKey: boolean) => {
    if (isDone.current) return;
    isDone.current = true;
    onDone(said, isByKey);
  };
  return (
    <TextField
      aria-label="Title"
      value={value}
      onChange={setValue}
      onBlur={() => done(value, false)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== 'Escape') return;
        // The button that gets the focus would take the key for its own.
        event.preventDefault();
        done(event.key === 'Enter' ? value : title, true);
      }}
      autoFocus
      onFocus={(event) => event.target instanceof HTMLInputElement && event.target.select()}
    >
      <TitleInput />
    </TextField>
  );
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
