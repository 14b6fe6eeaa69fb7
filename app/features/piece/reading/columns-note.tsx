import { useEffect, useState } from 'react';
import { styled } from 'styled-components';
import type { ColumnsFound } from '../../../../worker/protocol.ts';
import { Button, PrimaryButton, QuietButton } from '../../../ui/buttons.tsx';
import { Notice } from '../../../ui/notice.tsx';
import { Sheet } from '../../../ui/sheet.tsx';
import { faces } from '../../../ui/theme.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';
import { usePiece } from '../state/piece-context.ts';

/** Says that a text holds two columns side by side, and offers to read it with one under the other. */
export function ColumnsNote() {
  const { ready, readAs, mayOffer, decline } = usePiece();
  const { client } = ready;
  const [found, setFound] = useState<ColumnsFound>();
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    let isCurrent = true;
    client.columns().then((columns) => isCurrent && setFound(columns), ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client]);
  if (!found || !mayOffer('columns')) return null;
  return (
    <Notice>
      <span>
        Lines {found.lines[0].toLocaleString('en')} to {found.lines[1].toLocaleString('en')} look like{' '}
        <b>two columns side by side</b>.
      </span>
      <Button onPress={() => setOpen(true)}>Put one under the other…</Button>
      <QuietButton onPress={() => decline('columns')}>No, thanks</QuietButton>
      <Sheet
        title="One column under the other"
        isOpen={isOpen}
        onClose={() => setOpen(false)}
        width={980}
        close="Leave it as it is"
        action={
          <PrimaryButton onPress={() => readAs({ as: 'columns', text: found.inOrder })}>Use this order</PrimaryButton>
        }
      >
        <p>No word is changed, and one undo brings back the text as it came.</p>
        <Pages>
          <figure>
            <figcaption>Now</figcaption>
            <pre tabIndex={0}>{found.now}</pre>
          </figure>
          <figure>
            <figcaption>Then</figcaption>
            <pre tabIndex={0}>{found.then}</pre>
          </figure>
        </Pages>
      </Sheet>
    </Notice>
  );
}

const Pages = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  gap: 14px;
  figure {
    margin: 0;
    min-width: 0;
  }
  figcaption {
    font-size: 13px;
    font-weight: 600;
    color: var(--soft);
    padding-bottom: 4px;
  }
  pre {
    margin: 0;
    height: 46vh;
    padding: 10px 12px;
    overflow: auto;
    border: 1px solid var(--line);
    border-radius: 8px;
    background: var(--raw);
    font: 12.5px/1.5 ${faces.source};
  }
`;
