import { ToggleButton } from 'react-aria-components';
import { Link } from 'react-router';
import { css, styled } from 'styled-components';

/** Each column has its own ground, also where no row stands. */
const columnGrounds = css`
  background: linear-gradient(
    90deg,
    var(--raw) var(--source),
    var(--paper) var(--source),
    var(--paper) calc(var(--source) + var(--ribbon-width)),
    var(--sheet) 0
  );
`;

export const Area = styled.main`
  min-width: 0;
  min-height: 0;
  flex: 1;
  display: grid;
  grid-template: 26px minmax(0, 1fr) / minmax(0, 1fr) 26px;
`;

export const Caps = styled.div`
  [data-stacked] > & {
    grid-template-columns: auto 1fr auto;
    background: var(--sheet);
    > span:last-child > :first-child {
      display: none;
    }
  }
  display: grid;
  grid-template-columns: var(--source) var(--ribbon-width) 1fr;
  font-size: 12px;
  color: var(--soft);
  ${columnGrounds}
  > span {
    padding: 6px 0 0 14px;
  }
  > span:last-child {
    display: flex;
    align-items: baseline;
    gap: 2px;
    max-width: 620px;
    padding: 3px 26px 0 30px;
    white-space: nowrap;
    overflow: hidden;
    > :nth-child(2) {
      margin-left: auto;
    }
  }
`;

const capAction = css`
  @media (max-width: 1100px) {
    kbd {
      display: none;
    }
  }
  font: inherit;
  color: var(--soft);
  background: none;
  border: 0;
  border-radius: 6px;
  padding: 1px 6px;
  text-decoration: none;
  cursor: pointer;
  &:hover {
    background: var(--hover);
  }
  &[data-selected] {
    color: var(--ink);
    background: var(--chosen);
  }
`;

export const CapToggle = styled(ToggleButton)`
  ${capAction}
`;

export const CapLink = styled(Link)`
  ${capAction}
`;

export const Scroller = styled.div`
  grid-area: 2 / 1;
  overflow: auto;
  overflow-x: hidden;
  scrollbar-width: thin;
  scrollbar-color: var(--line) transparent;
  ${columnGrounds}
  [data-stacked] > & {
    background: var(--sheet);
  }
  &:focus-visible {
    outline-offset: -2px;
  }
  &[data-all] [data-words] {
    background: Highlight;
    &,
    mark {
      color: HighlightText;
    }
    mark {
      background: none;
    }
  }
  &[data-selecting='clean'] :is([data-column='source'], [data-column='ribbon']),
  &[data-selecting='source'] :is([data-column='clean'], [data-column='ribbon']) {
    user-select: none;
  }
`;

export const Sheet = styled.div`
  position: relative;
`;

export const RowPlace = styled.div`
  position: absolute;
  top: 0;
  left: 0;
  width: 100%;
`;

export const MeasureRule = styled.div`
  [data-stacked] & {
    display: none;
  }
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 1px dashed var(--faint);
  opacity: 0.55;
`;

export const Nothing = styled.p`
  padding: 40px;
  color: var(--soft);
`;
