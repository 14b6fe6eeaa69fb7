import { lazy, Suspense, useId } from 'react';
import { styled } from 'styled-components';
import { BUILT_IN_STYLES } from '../../../core/index.ts';
import type { StyleRecord } from '../../../storage/db.ts';
import { Button, QuietButton } from '../../ui/buttons.tsx';
import { FileChoices } from './add-files.tsx';
import { offerBack } from './offer-back.ts';
import type { StackRun, StackState } from './stack-run.ts';
import { StackSave } from './stack-save.tsx';
import type { Overview } from './stack-view.ts';
import { many } from './stack-words.ts';
import { tellProblem } from './tell-problem.ts';
import { bare, FITTING, fittingStyles } from './use-stack.ts';

const PickList = lazy(() => import('../../ui/pick-list.tsx'));

interface StackControlsProps {
  readonly run: StackRun;
  readonly state: StackState;
  readonly overview: Overview;
  readonly styles: readonly StyleRecord[];
  readonly onFiles: (files: readonly File[]) => void;
}

/** What is done with all files: more of them, in which style, how far it is, and out again. */
export function StackControls({ run, state, overview, styles, onFiles }: StackControlsProps) {
  const known = [...styles, ...BUILT_IN_STYLES];
  const choose = (id: string) => {
    const style = known.find((one) => one.id === id);
    const change = style ? { chosen: id, styles: [bare(style)] } : { chosen: FITTING, styles: fittingStyles(styles) };
    void run.choose(change).catch(tellProblem);
  };
  const clear = () => void run.clear().then(offerBack('The stack is empty'), tellProblem);
  return (
    <>
      <Row>
        <FileChoices onFiles={onFiles} />
        <Suspense>
          <PickList
            label="in the style"
            chosen={known.some(({ id }) => id === state.settings.chosen) ? state.settings.chosen : FITTING}
            options={[
              { value: FITTING, title: 'that fits each text' },
              ...known.map(({ id, name }) => ({ value: id, title: name })),
            ]}
            onChoose={choose}
          />
        </Suspense>
        <StackSave run={run} isEmpty={overview.done === 0} />
        <QuietButton onPress={clear}>Empty the stack</QuietButton>
      </Row>
      <Row>
        <Course state={state} overview={overview} />
        {overview.waiting > 0 && !state.isStopped && <Button onPress={() => run.stop()}>Stop</Button>}
        {state.isStopped && overview.waiting > 0 && <Button onPress={() => run.goOn()}>Go on</Button>}
      </Row>
    </>
  );
}

/** How far it is, as a bar and in words. */
function Course({ state: { taking, isStopped }, overview }: Pick<StackControlsProps, 'state' | 'overview'>) {
  const id = useId();
  const { all, done, problems, waiting } = overview;
  // What was just put on the stack is not counted yet.
  if (!taking && all === 0) return null;
  const words = taking
    ? `Putting files on the stack: ${taking.done.toLocaleString('en')} of ${taking.all.toLocaleString('en')}`
    : [
        waiting > 0
          ? `${isStopped ? 'Stopped: ' : ''}${(all - waiting).toLocaleString('en')} of ${many(all, 'file', 'files')} done`
          : `${many(done, 'file', 'files')} cleaned`,
        problems > 0 && `${problems.toLocaleString('en')} could not be cleaned`,
        `${many(overview.words, 'word', 'words')}, ${overview.removed.toLocaleString('en')} removed`,
        overview.questions > 0 && many(overview.questions, 'question', 'questions'),
      ]
        .filter(Boolean)
        .join(' · ');
  const isAtWork = waiting > 0 || taking !== undefined;
  return (
    <>
      {isAtWork && <progress aria-labelledby={id} max={1} value={taking ? taking.done / taking.all : overview.share} />}
      <Words id={id} role="status">
        {words}
      </Words>
    </>
  );
}

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  padding: 12px 20px 0;
  min-height: 46px;
  progress {
    width: 180px;
    accent-color: var(--ribbon);
  }
`;

const Words = styled.p`
  margin-right: auto;
  font-variant-numeric: tabular-nums;
`;
