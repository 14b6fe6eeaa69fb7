import { styled } from 'styled-components';
import type { ShapePreview } from '../../../../core/index.ts';
import { Button } from '../../../ui/buttons.tsx';
import { faces } from '../../../ui/theme.ts';
import { misfitWords } from './shape-words.ts';

interface MisfitListProps {
  readonly preview: ShapePreview;
  readonly onAlike: (text: string) => void;
}

/** The lines among those that fit, which do not: they stay as they are, or one is taken as a second example. */
export function MisfitList({ preview: { misfits, misfitCount }, onAlike }: MisfitListProps) {
  if (misfitCount === 0) return null;
  return (
    <List aria-label="Lines that do not fit">
      <h2>
        {misfitCount === 1
          ? '1 line among them does not fit, and stays as it is'
          : `${misfitCount.toLocaleString('en')} lines among them do not fit, and stay as they are`}
      </h2>
      <ul>
        {misfits.map((misfit) => (
          <li key={misfit.line}>
            <span>{misfit.line + 1}</span>
            <code title={misfit.text.trim()}>{misfit.text.trim()}</code>
            <em>{misfitWords(misfit)}</em>
            <Button onPress={() => onAlike(misfit.text)}>Mark it too</Button>
          </li>
        ))}
      </ul>
    </List>
  );
}

const List = styled.section`
  flex: none;
  max-height: 34%;
  overflow: auto;
  padding: 10px 20px;
  border-bottom: 1px solid var(--line);
  background: var(--doubt-back);
  scrollbar-width: thin;
  h2 {
    font-size: 13px;
    font-weight: 600;
    color: var(--doubt);
  }
  ul {
    list-style: none;
    margin: 4px 0 0;
    padding: 0;
  }
  li {
    display: grid;
    grid-template-columns: 34px minmax(0, 1fr) auto auto;
    gap: 10px;
    align-items: center;
    padding: 2px 0;
  }
  span {
    text-align: right;
    font-size: 12px;
    color: var(--soft);
  }
  code {
    font: 13.5px/1.5 ${faces.source};
    white-space: pre;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  em {
    font-style: normal;
    color: var(--doubt);
  }
  button {
    padding: 2px 10px;
  }
`;
