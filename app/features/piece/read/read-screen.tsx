import { Fragment, memo, useEffect, useMemo, useState } from 'react';
import { flushSync } from 'react-dom';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import type { ReadBlock } from '../../../../core/index.ts';
import { Button } from '../../../ui/buttons.tsx';
import { home } from '../../../ui/focus-home.tsx';
import { faces, WORD_SPACING } from '../../../ui/theme.ts';
import { useCommands, type Handlers } from '../keys/use-commands.ts';
import { Key } from '../keys/key.tsx';
import { usePiece } from '../state/piece-context.ts';
import { withLook } from '../reading/words-look.tsx';
import { useReadBlocks } from './use-read-blocks.ts';

/** The clean text alone, wide, for reading and for printing. */
export function ReadScreen() {
  const { id, ready } = usePiece();
  const { parts, isComplete } = useReadBlocks(ready);
  const navigate = useNavigate();
  const back = () => void navigate(`/piece/${id}`, { preventScrollReset: true });
  const handlers = useMemo((): Handlers => ({ read: () => void navigate(`/piece/${id}`) }), [navigate, id]);
  useCommands(handlers);
  const isPrinting = useIsPrinting();
  const total = ready.summary.blocks.toLocaleString('en');
  return (
    <Page tabIndex={0} {...home} aria-label="Clean text" lang={ready.summary.language || undefined}>
      <Bar>
        <Button onPress={back}>
          Back <Key of="read" />
        </Button>
        <Button isDisabled={!isComplete} onPress={() => window.print()}>
          Print
        </Button>
        <span role="status">
          {isComplete ? `${total} ${ready.summary.blocks === 1 ? 'paragraph' : 'paragraphs'}` : 'Getting the rest…'}
        </span>
      </Bar>
      <Text>
        {ready.summary.blocks === 0 && <p>There is no text left to read.</p>}
        {parts.map((part, at) => (
          <Part key={at} blocks={part} isPrinting={isPrinting} />
        ))}
      </Text>
    </Page>
  );
}

/** Whether the browser is about to print, or prints. What is drawn for it must be there when it begins. */
function useIsPrinting(): boolean {
  const [isPrinting, setPrinting] = useState(false);
  useEffect(() => {
    const begin = () => flushSync(() => setPrinting(true));
    const end = () => setPrinting(false);
    addEventListener('beforeprint', begin);
    addEventListener('afterprint', end);
    return () => {
      removeEventListener('beforeprint', begin);
      removeEventListener('afterprint', end);
    };
  }, []);
  return isPrinting;
}

interface PartProps {
  readonly blocks: readonly ReadBlock[];
  readonly isPrinting: boolean;
}

/** The browser passes over parts out of sight, until they are printed. */
const Part = memo(function Part({ blocks, isPrinting }: PartProps) {
  return (
    <Stretch style={isPrinting ? { contentVisibility: 'visible' } : undefined}>
      {blocks.map(({ kind, text, runs }, at) =>
        kind === 'heading' ? (
          <h2 key={at}>{runs ? <Looking runs={runs} /> : text}</h2>
        ) : runs ? (
          <p key={at} data-kind={kind}>
            <Looking runs={runs} />
          </p>
        ) : (
          // Words that a person wrote may hold paragraphs of their own.
          text.split(/\n{2,}/).map((paragraph, part) => (
            <p key={`${at} ${part}`} data-kind={kind}>
              {paragraph}
            </p>
          ))
        ),
      )}
    </Stretch>
  );
});

/** Words as their format has them look. */
function Looking({ runs }: { readonly runs: NonNullable<ReadBlock['runs']> }) {
  return runs.map(({ text, ...look }, at) => <Fragment key={at}>{withLook(look, text)}</Fragment>);
}

const Page = styled.main`
  min-height: 0;
  overflow: auto;
  background: var(--sheet);
  &:focus-visible {
    outline-offset: -2px;
  }
  @media print {
    overflow: visible;
    background: none;
    color: black;
  }
`;

const Bar = styled.div`
  position: sticky;
  top: 0;
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 8px 16px;
  background: var(--sheet);
  border-bottom: 1px solid var(--line);
  color: var(--soft);
  @media print {
    display: none;
  }
`;

const Text = styled.article`
  max-width: 760px;
  margin: 0 auto;
  padding: 26px 32px 80px;
  font: 19px/1.6 ${faces.reading};
  word-spacing: ${WORD_SPACING};
  overflow-wrap: break-word;
  p {
    margin: 0 0 0.75em;
    white-space: pre-wrap;
  }
  h2 {
    margin: 1.3em 0 0.5em;
    font: 600 25px/1.3 ${faces.reading};
    break-after: avoid;
  }
  p[data-kind='list-item'] {
    padding-left: 1.1em;
    text-indent: -1.1em;
  }
  p[data-kind='quote'],
  p[data-kind='verse'] {
    padding-left: 1.6em;
  }
  p[data-kind='footnote'],
  p[data-kind='caption'] {
    font-size: 0.86em;
  }
  p[data-kind='table'],
  p[data-kind='code'] {
    font: 14.5px/1.5 ${faces.source};
    word-spacing: normal;
  }
  p[data-kind='section-break'] {
    text-align: center;
  }
  @media print {
    max-width: none;
    padding: 0;
    font-size: 11.5pt;
  }
`;

const Stretch = styled.section`
  content-visibility: auto;
  contain-intrinsic-size: auto 6000px;
  @media print {
    content-visibility: visible;
  }
`;
