import { useEffect, useState } from 'react';
import { Radio, RadioGroup } from 'react-aria-components';
import { styled } from 'styled-components';
import { oneStep, type Paragraphing, type Step } from '../../../../core/index.ts';
import { PrimaryButton } from '../../../ui/buttons.tsx';
import { Sheet } from '../../../ui/sheet.tsx';
import { faces } from '../../../ui/theme.ts';
import { ignoreClosedWorker } from '../state/ignore-closed-worker.ts';
import type { CleanClient } from '../../../../worker/client.ts';
import { countWords } from '../words/count-words.ts';
import { markWords } from '../words/mark-words.ts';
import { capital } from '../words/seam-words.ts';

interface ParagraphingSheetProps {
  readonly client: CleanClient;
  readonly onClose: () => void;
  readonly onChoose: (step: Step) => void;
}

/** The ways to tell the paragraphs of a text, each with how it would begin, and the choice of one. */
export function ParagraphingSheet({ client, onClose, onChoose }: ParagraphingSheetProps) {
  const [ways, setWays] = useState<readonly Paragraphing[]>();
  const [chosen, setChosen] = useState('0');
  useEffect(() => {
    let isCurrent = true;
    client.paragraphings().then((found) => isCurrent && setWays(found ?? []), ignoreClosedWorker);
    return () => {
      isCurrent = false;
    };
  }, [client]);
  const step = oneStep((ways?.[Number(chosen)]?.choices ?? []).map((choice) => ({ kind: 'choose', choice })));
  return (
    <Sheet
      title="Where paragraphs end"
      isOpen
      onClose={onClose}
      width={1000}
      close="Leave it as it is"
      action={
        <PrimaryButton isDisabled={!step} onPress={() => step && onChoose(step)}>
          Use this way
        </PrimaryButton>
      }
    >
      {!ways && <p role="status">Reading the text in each way…</p>}
      {ways?.length === 0 && <p role="status">The text has changed meanwhile. Close this and open it again.</p>}
      {ways && ways.length > 0 && (
        <>
          <p>Each way shows how the text would begin. Choosing one is a single step that you can undo.</p>
          <Ways aria-label="Where paragraphs end" value={chosen} onChange={setChosen}>
            {ways.map((way, at) => (
              <Way key={at} value={String(at)} autoFocus={at === 0}>
                <b>{nameOf(way)}</b>
                <small>{outcomeOf(way)}</small>
                <Beginning>
                  {way.beginning.map((text, paragraph) => (
                    <span key={paragraph}>{shortened(text)}</span>
                  ))}
                </Beginning>
              </Way>
            ))}
          </Ways>
        </>
      )}
    </Sheet>
  );
}

function nameOf({ how }: Paragraphing): string {
  if (how === 'now') return 'As now: each line end by itself';
  if (how === 'broken') return 'Every guess ends a paragraph';
  if (how === 'joined') return 'Every guess runs on';
  if (how.by === 'nothing') return 'Gaps do not count, short last lines do';
  if (how.blanks === 0 && how.step === 'level') return 'Every line is a paragraph';
  return `${capital(markWords(how))} begins a paragraph`;
}

function outcomeOf({ paragraphs, doubts }: Paragraphing): string {
  const asked = doubts === 0 ? 'no questions about line ends' : `${countWords(doubts, 'question', 'questions')} left`;
  return `${countWords(paragraphs, 'paragraph', 'paragraphs')}, ${asked}`;
}

const BEGINNING = 64;
const END = 40;

/** How a paragraph begins and ends, in whole words. */
function shortened(text: string): string {
  if (text.length <= BEGINNING + END + 3) return text;
  const beginning = text.slice(0, BEGINNING).replace(/\s\S*$/, '');
  const end = text.slice(-END).replace(/^\S*\s/, '');
  return `${beginning} … ${end}`;
}

const Ways = styled(RadioGroup)`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(290px, 1fr));
  gap: 10px;
`;

const Way = styled(Radio)`
  display: grid;
  grid-template-columns: auto 1fr;
  align-content: start;
  gap: 2px 8px;
  padding: 9px 12px;
  border: 1px solid var(--line);
  border-radius: 10px;
  cursor: pointer;
  &::before {
    content: '';
    width: 14px;
    height: 14px;
    margin-top: 3px;
    border: 1.5px solid var(--faint);
    border-radius: 50%;
  }
  > * {
    grid-column: 2;
  }
  &[data-selected] {
    border-color: var(--ribbon);
    background: var(--chosen);
  }
  &[data-selected]::before {
    border: 4.5px solid var(--ribbon);
  }
  &[data-hovered]:not([data-selected]) {
    background: var(--hover);
  }
  &[data-focus-visible] {
    outline: 2px solid var(--ribbon);
  }
  small {
    color: var(--soft);
  }
`;

const Beginning = styled.span`
  display: grid;
  gap: 5px;
  margin-top: 4px;
  font: 13px/1.4 ${faces.reading};
  span {
    padding-left: 8px;
    border-left: 2px solid var(--line);
  }
`;
