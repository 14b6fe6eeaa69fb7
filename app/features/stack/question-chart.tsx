import { lazy, memo, Suspense, useEffect, useState } from 'react';
import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import { styled } from 'styled-components';
import { bucketRange, bucketWords } from './bucket-words.ts';
import type { Bucket } from './stack-view.ts';
import { many } from './stack-words.ts';

const BucketBars = lazy(() => import('./bucket-bars.tsx'));

interface QuestionChartProps {
  readonly buckets: readonly Bucket[];
  readonly chosen: Bucket | undefined;
  readonly onChoose: (bucket: Bucket | undefined) => void;
}

/** How many files have how many questions; a press on a bar shows those files alone. */
export const QuestionChart = memo(function QuestionChart({ buckets, chosen, onChoose }: QuestionChartProps) {
  const [isHere, setHere] = useState(false);
  useEffect(() => setHere(true), []);
  const find = (from: number | undefined) => buckets.find((bucket) => bucket.from === from);
  return (
    <section aria-labelledby="chart-title">
      <h2 id="chart-title">Files by questions left</h2>
      <Frame aria-hidden="true">
        <Suspense>{isHere && <BucketBars buckets={buckets} chosen={chosen?.from} />}</Suspense>
      </Frame>
      <Buttons
        aria-label="Show only the files with"
        selectionMode="single"
        selectedKeys={chosen ? [String(chosen.from)] : []}
        onSelectionChange={(keys) => onChoose(keys.size === 0 ? undefined : find(Number([...keys][0])))}
      >
        {buckets.map((bucket) => (
          <BarButton
            key={bucket.from}
            id={String(bucket.from)}
            isDisabled={bucket.files === 0 && chosen?.from !== bucket.from}
            aria-label={`${bucketWords(bucket)}: ${many(bucket.files, 'file', 'files')}`}
          >
            {bucketRange(bucket)}
          </BarButton>
        ))}
      </Buttons>
    </section>
  );
}, isSameChart);

/** Counts that did not change are not drawn again. */
function isSameChart(before: QuestionChartProps, now: QuestionChartProps): boolean {
  return (
    before.chosen === now.chosen &&
    before.onChoose === now.onChoose &&
    before.buckets.every(({ files }, at) => files === now.buckets[at]!.files)
  );
}

const Frame = styled.div`
  height: 130px;
  margin-top: 8px;
`;

const Buttons = styled(ToggleButtonGroup)`
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  gap: 4px;
`;

const BarButton = styled(ToggleButton)`
  font: inherit;
  font-size: 12px;
  line-height: 1.2;
  min-height: 34px;
  color: var(--ink);
  background: none;
  border: 1px solid var(--line);
  border-radius: 6px;
  padding: 2px;
  cursor: pointer;
  &[data-hovered] {
    background: var(--hover);
  }
  &[data-selected] {
    background: var(--chosen);
    font-weight: 600;
  }
  &[data-disabled] {
    color: var(--faint);
    border-color: transparent;
    cursor: default;
  }
`;
