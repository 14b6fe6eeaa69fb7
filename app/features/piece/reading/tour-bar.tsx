import { styled } from 'styled-components';
import { QuietButton } from '../../../ui/buttons.tsx';
import type { Tour } from '../state/piece-context.ts';

interface TourBarProps {
  readonly tour: Tour;
  readonly onShow: (tour: Tour | undefined) => void;
}

/** Goes through the places of a finding, one by one. */
export function TourBar({ tour, onShow }: TourBarProps) {
  const { title, places, at } = tour;
  const count = places.length;
  const go = (step: number) => onShow({ ...tour, at: (at + step + count) % count });
  return (
    <Bar role="toolbar" aria-label="Places of a finding">
      <b>{title}</b>
      <span role="status">
        {(at + 1).toLocaleString('en')} of {count.toLocaleString('en')}
      </span>
      <QuietButton isDisabled={count < 2} onPress={() => go(-1)} aria-label="Previous place">
        ↑
      </QuietButton>
      <QuietButton isDisabled={count < 2} onPress={() => go(1)} aria-label="Next place">
        ↓
      </QuietButton>
      <QuietButton onPress={() => onShow(undefined)}>Done</QuietButton>
    </Bar>
  );
}

const Bar = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 2px 14px;
  background: var(--lit);
  font-size: 13px;
  b {
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  button {
    color: var(--ink);
  }
`;
