import { useState } from 'react';
import { Button, QuietButton } from '../../../ui/buttons.tsx';
import { Notice } from '../../../ui/notice.tsx';
import { usePiece } from '../state/piece-context.ts';
import { ParagraphingSheet } from './paragraphing-sheet.tsx';

/** Says that nothing marks the paragraphs of a text, once, and offers the ways to tell them. */
export function UnmarkedNote() {
  const { ready, decisions, mayOffer, decline } = usePiece();
  const [isOpen, setOpen] = useState(false);
  const { guesses } = ready.summary;
  if (guesses === 0 || !mayOffer('marks')) return null;
  return (
    <Notice>
      <span>
        <b>Nothing marks the paragraphs of this text.</b> At {guesses.toLocaleString('en')} line ends it is a guess
        whether a paragraph ends there.
      </span>
      <Button onPress={() => setOpen(true)}>See the ways to read it…</Button>
      <QuietButton onPress={() => decline('marks')}>No, thanks</QuietButton>
      {isOpen && (
        <ParagraphingSheet
          client={ready.client}
          onClose={() => setOpen(false)}
          onChoose={(step) => {
            setOpen(false);
            decisions.take(step);
          }}
        />
      )}
    </Notice>
  );
}
