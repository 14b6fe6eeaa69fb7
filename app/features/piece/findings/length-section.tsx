import { lazy, Suspense } from 'react';
import { styled } from 'styled-components';
import { QuietButton } from '../../../ui/buttons.tsx';
import type { FindingsPart } from './findings-part.ts';
import { MeasureSlider } from './measure-slider.tsx';
import { Section } from './section.tsx';
import { exactnessWords } from './findings-words.ts';

/** The chart's library is large, and nothing else needs it. */
const LengthChart = lazy(() => import('./length-chart.tsx'));

/** How long the lines are, and the measure, which can be drawn to where it belongs. */
export function LengthSection({ piece, findings }: FindingsPart) {
  const { profile, wraps } = findings;
  const { decisions } = piece;
  const given = decisions.choices.find(({ kind }) => kind === 'measure');
  const choose = (characters: number) =>
    decisions.take({
      kind: 'choose',
      choice: { kind: 'measure', from: 0, to: piece.source.length, characters },
    });
  return (
    <Section
      title="How long the lines are"
      lead={
        wraps && profile.measure > 0 ? (
          <>
            Each bar counts the lines of one length: those that run on into the next line, and those after which
            something new begins. The line marks the measure, {profile.measure} characters: there lines wrap,{' '}
            {exactnessWords(profile.exactness)}. If it stands in the wrong place, draw it to the right one.
          </>
        ) : (
          'Each bar counts the lines of one length. No line seems to have been cut to a width.'
        )
      }
    >
      {given && (
        <Given>
          You set the measure to {profile.measure} characters.
          <QuietButton onPress={() => decisions.take({ kind: 'withdraw', choice: given })}>
            Measure it again
          </QuietButton>
        </Given>
      )}
      <Frame>
        <Suspense fallback={null}>
          <LengthChart profile={profile} />
        </Suspense>
        {profile.measure > 0 && (wraps || profile.isGiven) && <MeasureSlider profile={profile} onChoose={choose} />}
      </Frame>
      <Key aria-hidden="true">
        <i data-kind="run-on" /> runs on
        <i data-kind="end" /> something new begins
      </Key>
    </Section>
  );
}

const Frame = styled.div`
  position: relative;
  height: 190px;
`;

const Given = styled.p`
  display: inline-flex;
  align-items: center;
  gap: 6px;
  padding: 1px 4px 1px 12px;
  margin-bottom: 10px;
  border-radius: 99px;
  background: var(--lit);
  button {
    color: var(--ink);
    text-decoration: underline;
    padding: 2px 8px;
  }
`;

const Key = styled.p`
  display: flex;
  align-items: center;
  gap: 7px;
  font-size: 12.5px;
  color: var(--soft);
  i {
    width: 11px;
    height: 11px;
    border-radius: 3px;
    background: var(--ribbon);
  }
  i[data-kind='end'] {
    margin-left: 12px;
    background: var(--gone);
  }
`;
