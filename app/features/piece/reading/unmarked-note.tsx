import { useState } from 'react';
import { Button, QuietButton } from '../../../ui/buttons.tsx';
import { Notice } from '../../../ui/notice.tsx';
import { Sheet } from '../../../ui/sheet.tsx';
import { usePiece } from '../state/piece-context.ts';
import { ParagraphingChoice } from './paragraphing-choice.tsx';

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
      <Sheet
        title="Where paragraphs end"
        isOpen={isOpen}
        onClose={() => setOpen(false)}
        width={1000}
        close="Leave it as it is"
      >
        <ParagraphingChoice
          client={ready.client}
          onChoose={(step) => {
            setOpen(false);
            decisions.take(step);
          }}
        />
      </Sheet>
    </Notice>
  );
}
