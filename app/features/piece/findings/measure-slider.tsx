import { useEffect, useState } from 'react';
import { Slider, SliderOutput, SliderThumb, SliderTrack } from 'react-aria-components';
import { styled } from 'styled-components';
import type { LineProfile } from '../../../../core/index.ts';
import { CHART_BOTTOM, CHART_LEFT, CHART_RIGHT, CHART_TOP } from './chart-frame.ts';

interface MeasureSliderProps {
  readonly profile: LineProfile;
  readonly onChoose: (characters: number) => void;
}

/** The measure as a line over the chart; it can be dragged, or moved with the arrow keys. */
export function MeasureSlider({ profile, onChoose }: MeasureSliderProps) {
  const [value, setValue] = useState(profile.measure);
  useEffect(() => setValue(profile.measure), [profile.measure]);
  return (
    <Over
      aria-label="The measure, in characters"
      value={value}
      // The line stands at the right edge of the bar of its length.
      minValue={-1}
      maxValue={profile.bars.at(-1)!.to - 1}
      onChange={(next) => setValue(Number(next))}
      onChangeEnd={(next) => {
        const characters = Math.max(5, Number(next));
        if (characters !== profile.measure) onChoose(characters);
      }}
    >
      <Track>
        <Thumb>
          <Handle>{value}</Handle>
        </Thumb>
      </Track>
      <Spoken>{value} characters</Spoken>
    </Over>
  );
}

const Over = styled(Slider)`
  position: absolute;
  inset: ${CHART_TOP}px ${CHART_RIGHT}px ${CHART_BOTTOM}px ${CHART_LEFT}px;
  pointer-events: none;
`;

const Track = styled(SliderTrack)`
  width: 100%;
  height: 100%;
`;

const Thumb = styled(SliderThumb)`
  top: 50%;
  height: 100%;
  width: 15px;
  cursor: ew-resize;
  pointer-events: auto;
  outline: none;
  &::before {
    content: '';
    position: absolute;
    left: 6.5px;
    top: 0;
    bottom: 0;
    border-left: 2px dashed var(--doubt);
  }
  &[data-focus-visible]::before,
  &[data-dragging]::before {
    border-left-style: solid;
  }
`;

const Handle = styled.span`
  position: absolute;
  left: 50%;
  top: -4px;
  transform: translateX(-50%);
  padding: 0 7px;
  border-radius: 99px;
  background: var(--doubt);
  color: var(--sheet);
  font-size: 12px;
  font-weight: 650;
  font-variant-numeric: tabular-nums;
  [data-focus-visible] > & {
    outline: 2px solid var(--ribbon);
    outline-offset: 2px;
  }
`;

/** Said by the slider itself; to the eye its handle says it. */
const Spoken = styled(SliderOutput)`
  display: none;
`;
