import { useEffect, useRef, useState } from 'react';
import { Slider, SliderOutput, SliderThumb, SliderTrack } from 'react-aria-components';
import { styled } from 'styled-components';
import type { LineProfile } from '../../../../core/index.ts';
import { CHART_BOTTOM, CHART_LEFT, CHART_RIGHT, CHART_TOP } from './chart-frame.ts';

interface MeasureSliderProps {
  readonly profile: LineProfile;
  readonly onChoose: (characters: number) => void;
}

/** Several steps of the arrow keys make one change: the hand rests this long before it is made, ms. */
const REST = 500;

/** The measure as a line over the chart; it can be dragged, or moved with the arrow keys. */
export function MeasureSlider({ profile, onChoose }: MeasureSliderProps) {
  const [moved, setMoved] = useState<number>();
  const pending = useRef<number>(undefined);
  const choose = useRef(onChoose);
  choose.current = onChoose;
  useEffect(() => {
    if (moved === undefined) return undefined;
    if (moved === profile.measure) {
      setMoved(undefined);
      return undefined;
    }
    pending.current = moved;
    const rest = setTimeout(() => {
      pending.current = undefined;
      choose.current(moved);
    }, REST);
    return () => clearTimeout(rest);
  }, [moved, profile.measure]);
  // Who leaves before the rest is over has made the change all the same.
  useEffect(() => () => void (pending.current !== undefined && choose.current(pending.current)), []);
  const value = moved ?? profile.measure;
  return (
    <Over
      aria-label="The measure, in characters"
      value={value}
      // The line stands at the right edge of the bar of its length.
      minValue={-1}
      maxValue={profile.bars.at(-1)!.to - 1}
      onChange={(next) => setMoved(Math.max(SHORTEST, Number(next)))}
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

const SHORTEST = 5;

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
