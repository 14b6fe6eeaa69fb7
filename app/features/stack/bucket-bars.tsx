import { Bar, BarChart, Cell, LabelList, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { Bucket } from './stack-view.ts';

interface BucketBarsProps {
  readonly buckets: readonly Bucket[];
  /** The first number of the bar that is chosen. */
  readonly chosen: number | undefined;
}

/** A bar for each number of questions, over the buttons that name them. */
export default function BucketBars({ buckets, chosen }: BucketBarsProps) {
  return (
    <ResponsiveContainer width="100%" height="100%">
      <BarChart
        data={[...buckets]}
        margin={{ left: 0, right: 0, top: 18, bottom: 0 }}
        barCategoryGap="14%"
        accessibilityLayer={false}
      >
        <XAxis dataKey="from" hide />
        <YAxis hide domain={[0, (most: number) => Math.max(1, most)]} allowDecimals={false} />
        <Bar dataKey="files" isAnimationActive={false} radius={[3, 3, 0, 0]} minPointSize={1}>
          {buckets.map(({ from }) => (
            <Cell
              key={from}
              fill={from === 0 ? 'var(--ribbon)' : 'var(--doubt)'}
              fillOpacity={chosen === undefined || chosen === from ? 1 : 0.35}
            />
          ))}
          <LabelList dataKey="files" position="top" fill="var(--soft)" fontSize={12} />
        </Bar>
      </BarChart>
    </ResponsiveContainer>
  );
}
