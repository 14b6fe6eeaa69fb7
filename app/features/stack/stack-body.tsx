import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { useFetcher } from 'react-router';
import { styled } from 'styled-components';
import type { StyleRecord } from '../../../storage/db.ts';
import type { StackFile } from '../../../storage/stack.ts';
import { handOver, type Taken } from '../../incoming/handover.ts';
import { toast } from '../../ui/toasts.tsx';
import { pieceOf } from './open-file.ts';
import { QuestionChart } from './question-chart.tsx';
import { StackControls } from './stack-controls.tsx';
import { StackFilters } from './stack-filters.tsx';
import { StackList } from './stack-list.tsx';
import { StackQuestions } from './stack-questions.tsx';
import { overviewOf, sharedQuestions, viewFiles, type Bucket, type Shown, type Sort } from './stack-view.ts';
import { offerBack } from './offer-back.ts';
import { problemWords } from './stack-words.ts';
import { tellProblem } from './tell-problem.ts';
import type { StackInHand } from './use-stack.ts';

interface StackBodyProps {
  readonly stack: StackInHand;
  readonly styles: readonly StyleRecord[];
  readonly onFiles: (files: readonly File[]) => void;
}

/** A stack with files on it. */
export function StackBody({ stack: { run, state }, styles, onFiles }: StackBodyProps) {
  const [sort, setSort] = useState<Sort>({ key: 'order', isDown: false });
  const [shown, setShown] = useState<Shown>('all');
  const [bucket, setBucket] = useState<Bucket>();
  const [query, setQuery] = useState('');
  const { files, settings } = state;
  // What is typed goes before what is counted.
  const settled = useDeferredValue(files);
  const overview = useMemo(() => overviewOf(settled), [settled]);
  const questions = useMemo(() => sharedQuestions(settled, settings.answers), [settled, settings.answers]);
  const list = useMemo(() => viewFiles(settled, { shown, bucket, query, sort }), [settled, shown, bucket, query, sort]);
  const { submit } = useFetcher<Taken>();
  // The rows are drawn anew for what changed in them alone.
  const open = useCallback(
    async (file: StackFile) => {
      const opened = await run.open(file.id).catch(() => undefined);
      if (!opened) {
        toast({ ...problemWords(file.problem ?? 'damaged'), tone: 'bad' });
        return;
      }
      const text = handOver(pieceOf(file, opened, run.now().settings));
      const title = opened.title || file.name.replace(/^.*\//, '');
      const said = new URLSearchParams({ intent: 'create', title, text });
      await submit(null, { method: 'post', action: `/?index&${said}` });
    },
    [run, submit],
  );
  const retry = useCallback((file: StackFile) => run.retry([file.id]), [run]);
  const remove = useCallback(
    (file: StackFile) => void run.remove([file.id]).then(offerBack(`“${file.name}” is off the stack`), tellProblem),
    [run],
  );
  return (
    <Columns>
      <Left>
        <StackControls run={run} state={state} overview={overview} styles={styles} onFiles={onFiles} />
        <StackFilters
          overview={overview}
          shown={shown}
          onShow={setShown}
          query={query}
          onQuery={setQuery}
          bucket={bucket}
          onNoBucket={() => setBucket(undefined)}
        />
        <StackList
          files={list}
          working={state.working}
          sort={sort}
          onSort={setSort}
          onOpen={open}
          onRetry={retry}
          onRemove={remove}
        />
      </Left>
      <Side>
        <QuestionChart buckets={overview.buckets} chosen={bucket} onChoose={setBucket} />
        <StackQuestions questions={questions} answers={settings.answers} isAtWork={overview.waiting > 0} run={run} />
      </Side>
    </Columns>
  );
}

const Columns = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 350px;
  @media (max-width: 960px) {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(560px, 1fr) auto;
    overflow: auto;
  }
`;

const Left = styled.section`
  min-height: 0;
  display: flex;
  flex-direction: column;
`;

const Side = styled.aside`
  min-height: 0;
  display: flex;
  flex-direction: column;
  gap: 18px;
  padding: 16px 18px;
  border-left: 1px solid var(--line);
  overflow: auto;
  scrollbar-width: thin;
  h2 {
    font-size: 15px;
    font-weight: 600;
  }
`;
