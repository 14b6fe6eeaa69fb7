import { Bar, BarChart, CartesianGrid, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { styled } from 'styled-components';
import type { LengthBar, LineProfile } from '../../../../core/index.ts';
import { CHART_BOTTOM, CHART_LEFT, CHART_RIGHT, CHART_TOP } from './chart-frame.ts';

/** Lines by length as stacked bars. Colours are custom properties, so that they follow the theme. */
export default function LengthChart({ profile }: { readonly profile: LineProfile }) {
  const { bars } = profile;
  return (
    <ResponsiveContainer width="100%" height="100%">
      <BarChart
        data={[...bars]}
        margin={{ left: 0, right: CHART_RIGHT, top: CHART_TOP, bottom: 0 }}
        barCategoryGap={1}
        accessibilityLayer={false}
        aria-hidden="true"
      >
        <CartesianGrid vertical={false} stroke="var(--line)" strokeOpacity={0.6} />
        <XAxis
          dataKey="from"
          height={CHART_BOTTOM}
          interval={Math.max(0, Math.ceil(bars.length / 12) - 1)}
          tick={{ fill: 'var(--soft)', fontSize: 11.5 }}
          stroke="var(--line)"
        />
        <YAxis width={CHART_LEFT} allowDecimals={false} tick={{ fill: 'var(--soft)', fontSize: 11.5 }} stroke="none" />
        <Tooltip cursor={{ fill: 'var(--hover)' }} content={<BarWords longest={bars.at(-1)!} />} />
        <Bar dataKey="runOn" stackId="lines" fill="var(--ribbon)" isAnimationActive={false} />
        <Bar dataKey="end" stackId="lines" fill="var(--gone)" isAnimationActive={false} />
      </BarChart>
    </ResponsiveContainer>
  );
}

interface BarWordsProps {
  readonly longest: LengthBar;
  readonly active?: boolean;
  readonly payload?: readonly { readonly payload: LengthBar }[];
}

/** What a bar counts, in words. */
function BarWords({ longest, active, payload }: BarWordsProps) {
  const bar = payload?.[0]?.payload;
  if (!active || !bar) return null;
  const length = bar.to - bar.from === 1 ? `${bar.from}` : `${bar.from} to ${bar.to - 1}`;
  return (
    <Note>
      <b>
        {length} characters{bar === longest ? ' or more' : ''}
      </b>
      <br />
      {bar.runOn.toLocaleString('en')} run on, {bar.end.toLocaleString('en')} end
    </Note>
  );
}

const Note = styled.div`
  padding: 5px 10px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
  color: var(--ink);
  box-shadow: var(--shadow);
  font-size: 12.5px;
`;
