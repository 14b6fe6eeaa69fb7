import { home } from '../../ui/focus-home.tsx';
import { styled } from 'styled-components';
import { isPassOn, oneStep, PASSES, type Stage, type Step } from '../../../core/index.ts';
import { Button } from '../../ui/buttons.tsx';
import { faces } from '../../ui/theme.ts';
import { copyText } from './state/copying.ts';
import type { Decisions } from './state/use-decisions.ts';

interface FailedCleaningProps {
  readonly source: string;
  readonly stage: Stage;
  readonly message: string;
  readonly decisions: Decisions;
  readonly onTryAgain: () => void;
}

const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  lines: 'while its lines were read',
  seams: 'while its paragraphs were looked for',
  blocks: 'while its paragraphs were cleaned',
};

/** What is shown where an error stopped the cleaning: what it was, the source, and the ways out. */
export function FailedCleaning({ source, stage, message, decisions, onTryAgain }: FailedCleaningProps) {
  const { style, take, canUndo, undo } = decisions;
  const on = PASSES.filter(({ id }) => isPassOn(style, id));
  const off = oneStep(on.map(({ id }): Step => ({ kind: 'switch-pass', pass: id, on: false })));
  const after = (change: () => void) => () => {
    change();
    onTryAgain();
  };
  return (
    <Page {...home}>
      <h1>This text could not be cleaned</h1>
      <p>
        A fault in Lucid Ribbon stopped the cleaning {STAGE_WORDS[stage]}. Nothing is lost: the source stands below as
        it came, and what you decided is kept.
      </p>
      <Detail>{message}</Detail>
      <Ways>
        <Button onPress={() => copyText('Source copied', source)}>Copy the source</Button>
        {off && <Button onPress={after(() => take(off))}>Open it uncleaned</Button>}
        {canUndo && <Button onPress={after(undo)}>Undo the last step</Button>}
        <Button onPress={onTryAgain}>Try again</Button>
        <a href="/">Go to the desk</a>
      </Ways>
      <Source aria-label="The source" readOnly value={source} />
    </Page>
  );
}

const Page = styled.main`
  grid-row: 1 / -1;
  min-height: 0;
  width: 100%;
  display: flex;
  flex-direction: column;
  gap: 12px;
  max-width: 60rem;
  margin: 0 auto;
  padding: 5vh 24px 24px;
  h1 {
    font: 600 26px/1.2 ${faces.reading};
  }
  a {
    color: var(--go);
  }
`;

const Detail = styled.p`
  color: var(--soft);
  font: 12.5px/1.5 ${faces.source};
  overflow-wrap: anywhere;
`;

const Ways = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
`;

const Source = styled.textarea`
  flex: 1;
  min-height: 200px;
  padding: 14px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--raw);
  color: var(--ink);
  font: 13px/1.5 ${faces.source};
  resize: none;
`;
