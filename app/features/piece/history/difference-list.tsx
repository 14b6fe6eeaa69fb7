import { styled } from 'styled-components';
import { shortened, type Difference, type Differences } from '../../../../core/index.ts';
import { contextWords, keyWords } from '../ledger/concordance-words.ts';

interface DifferenceListProps {
  readonly differences: Differences;
  /** The version that is compared with. */
  readonly name: string;
  readonly onShow: (at: number) => void;
}

/** Where a version reads otherwise than the piece does now, place by place. */
export function DifferenceList({ differences, name, onShow }: DifferenceListProps) {
  const { count, shown } = differences;
  if (count === 0) return <Note>The clean text is identical.</Note>;
  return (
    <>
      <Note>
        {count.toLocaleString('en')} {count === 1 ? 'difference' : 'differences'}: now / in “{name}”.
        {count > shown.length ? ` The first ${shown.length} are listed.` : ''}
      </Note>
      <List>
        {shown.map((difference, at) => (
          <li key={difference.from}>
            <Entry type="button" onClick={() => onShow(at)}>
              <small>{difference.line}</small>
              <Words {...difference} />
            </Entry>
          </li>
        ))}
      </List>
    </>
  );
}

const LONGEST = 60;

function Words({ before, after, one, other }: Difference) {
  return (
    <span>
      {contextWords(before.slice(-18))}
      <Reading as="ins">{reading(one)}</Reading> / <Reading as="del">{reading(other)}</Reading>
      {contextWords(after.slice(0, 18))}
    </span>
  );
}

function reading(text: string): string {
  const words = text === '' ? '∅' : keyWords(text);
  return shortened(words, LONGEST);
}

const Note = styled.p`
  padding: 8px 0 4px;
`;

const List = styled.ol`
  margin: 0;
  padding: 0;
  list-style: none;
`;

const Entry = styled.button`
  display: grid;
  grid-template-columns: 34px 1fr;
  width: 100%;
  padding: 3px 4px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--soft);
  font: inherit;
  font-size: 13px;
  text-align: left;
  cursor: pointer;
  &:hover {
    background: var(--hover);
  }
`;

const Reading = styled.span`
  color: var(--ink);
  text-decoration: none;
  padding: 0 2px;
  border-radius: 3px;
  background: var(--chosen);
  del& {
    background: var(--gone-back);
  }
`;
