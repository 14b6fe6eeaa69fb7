import { useCallback, useEffect, useRef, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { useFetcher } from 'react-router';
import { styled } from 'styled-components';
import { Button, PrimaryButton } from '../../ui/buttons.tsx';
import { handOver } from '../../incoming/handover.ts';
import { checkText } from '../../incoming/incoming.ts';
import type { IncomingState } from '../../incoming/use-incoming.ts';

interface PasteSheetProps {
  readonly draft: string;
  readonly incoming: IncomingState;
  /** Other ways to bring a text in. */
  readonly children: React.ReactNode;
}

const SAVED_AFTER = 400;

/** The sheet to paste on, or to type on; what is typed is kept as it is typed. */
export function PasteSheet({ draft, incoming, children }: PasteSheetProps) {
  const [text, setText] = useState(draft);
  const saveNow = useDraftSaving(text, draft);
  const clean = () => void incoming.take(checkText({ source: text }), true);
  return (
    <Sheet>
      <Title id="paste-title">Paste a text</Title>
      <Field
        aria-labelledby="paste-title"
        placeholder="From a PDF, a scan, a web page, an e-book, a caption track. It opens cleaned, with the source beside it."
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={saveNow}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) clean();
        }}
        spellCheck={false}
        autoFocus
      />
      <Actions>
        <PrimaryButton onPress={clean} isDisabled={text === '' || incoming.isBusy}>
          Clean this text
        </PrimaryButton>
        <FileTrigger allowsMultiple onSelect={(files) => files && void incoming.takeFiles([...files])}>
          <Button>Open files</Button>
        </FileTrigger>
        <Hint role="status">
          {incoming.isBusy
            ? 'Taking the text in…'
            : 'or drop them on this page: PDF, Word, web pages, e-books, captions, text'}
        </Hint>
      </Actions>
      {children}
    </Sheet>
  );
}

/** Stores what is typed a moment after the last key, and at once when the field or the page is left. Gives the way to do so. */
function useDraftSaving(text: string, stored: string): () => void {
  const { submit } = useFetcher();
  const saved = useRef(stored);
  const flush = useCallback(() => {
    if (text === saved.current) return;
    saved.current = text;
    void submit(null, { method: 'post', action: `/?index&intent=draft&text=${handOver({ source: text })}` });
  }, [text, submit]);
  useEffect(() => {
    const timer = setTimeout(flush, SAVED_AFTER);
    document.addEventListener('visibilitychange', flush);
    return () => {
      clearTimeout(timer);
      document.removeEventListener('visibilitychange', flush);
    };
  }, [flush]);
  return flush;
}

const Sheet = styled.section`
  display: flex;
  flex-direction: column;
  gap: 12px;
  min-height: 260px;
  flex: 1 1 300px;
`;

const Title = styled.h1`
  font:
    600 24px/1.2 'Literata Variable',
    Georgia,
    serif;
`;

const Field = styled.textarea`
  flex: 1;
  width: 100%;
  resize: none;
  padding: 18px 20px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--sheet);
  color: var(--ink);
  font:
    16px/1.6 'Literata Variable',
    Georgia,
    serif;
  &::placeholder {
    color: var(--soft);
    opacity: 1;
  }
  &:focus-visible {
    outline: 2px solid var(--ribbon);
    outline-offset: 0;
  }
`;

const Actions = styled.div`
  display: flex;
  align-items: center;
  gap: 10px;
  flex-wrap: wrap;
`;

const Hint = styled.p`
  color: var(--soft);
`;
