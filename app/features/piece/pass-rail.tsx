import { ToggleButton } from 'react-aria-components';
import { styled } from 'styled-components';
import { isPassOn, PASS_GROUPS, PASSES, type Pass } from '../../../core/index.ts';
import { Switch } from '../../ui/switch.tsx';
import type { Decisions } from './use-decisions.ts';

interface PassRailProps {
  readonly counts: Readonly<Record<string, number>>;
  readonly decisions: Decisions;
  /** The pass whose edits are lit up. */
  readonly lit: string | undefined;
  readonly onLight: (pass: string | undefined) => void;
}

/** All passes by group, each with a switch and its live count; a press on the name lights up its edits. */
export function PassRail({ counts, decisions, lit, onLight }: PassRailProps) {
  return (
    <Rail aria-label="Passes">
      {PASS_GROUPS.map((group) => (
        <section key={group.id} aria-labelledby={`group-${group.id}`}>
          <h2 id={`group-${group.id}`}>{group.title}</h2>
          {PASSES.filter((pass: Pass) => pass.group === group.id).map((pass: Pass) => (
            <PassItem
              key={pass.id}
              pass={pass}
              count={counts[pass.id] ?? 0}
              isOn={isPassOn(decisions.style, pass.id)}
              onSwitch={(on) => decisions.take({ kind: 'switch-pass', pass: pass.id, on })}
              isLit={lit === pass.id}
              onLight={(isLit) => onLight(isLit ? pass.id : undefined)}
            />
          ))}
        </section>
      ))}
    </Rail>
  );
}

interface PassItemProps {
  readonly pass: Pass;
  readonly count: number;
  readonly isOn: boolean;
  readonly onSwitch: (on: boolean) => void;
  readonly isLit: boolean;
  readonly onLight: (lit: boolean) => void;
}

function PassItem({ pass, count, isOn, onSwitch, isLit, onLight }: PassItemProps) {
  return (
    <Item data-lit={isLit || undefined} data-off={!isOn || undefined} title={pass.summary}>
      <Switch aria-label={pass.title} isSelected={isOn} onChange={onSwitch} />
      <Name isSelected={isLit} onChange={onLight} aria-label={`Light up the edits of “${pass.title}”`}>
        <span>{pass.title}</span>
        <Count>{isOn && count > 0 ? count.toLocaleString('en') : ''}</Count>
      </Name>
    </Item>
  );
}

const Rail = styled.nav`
  border-right: 1px solid var(--line);
  padding: 6px 0 16px;
  overflow: auto;
  h2 {
    margin: 12px 16px 2px;
    font-size: 12px;
    font-weight: 600;
    color: var(--soft);
  }
`;

const Item = styled.div`
  display: flex;
  align-items: center;
  gap: 9px;
  padding: 0 10px 0 16px;
  &[data-lit] {
    background: var(--chosen);
    box-shadow: inset 3px 0 var(--ribbon);
  }
  &[data-off] {
    color: var(--soft);
  }
  &:hover:not([data-lit]) {
    background: var(--hover);
  }
`;

const Name = styled(ToggleButton)`
  flex: 1;
  display: flex;
  justify-content: space-between;
  gap: 8px;
  padding: 4.5px 6px 4.5px 0;
  border: 0;
  border-radius: 4px;
  background: none;
  font: inherit;
  font-size: 13.5px;
  line-height: 1.25;
  color: inherit;
  text-align: left;
  cursor: pointer;
`;

const Count = styled.span`
  color: var(--soft);
  font-variant-numeric: tabular-nums;
`;
