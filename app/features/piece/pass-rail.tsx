import { ToggleButton } from 'react-aria-components';
import { styled } from 'styled-components';
import { DEFAULT_STYLE, isPassOn, PASS_GROUPS, PASSES, type Pass } from '../../../core/index.ts';
import { QuietButton } from '../../ui/buttons.tsx';
import { Switch } from '../../ui/switch.tsx';
import { PassSettings } from './pass-settings.tsx';
import type { Decisions } from './use-decisions.ts';

interface PassRailProps {
  readonly counts: Readonly<Record<string, number>>;
  /** What the passes that are off would do. */
  readonly wouldDo: Readonly<Record<string, number>>;
  readonly decisions: Decisions;
  /** The pass whose edits are lit up. */
  readonly lit: string | undefined;
  readonly onLight: (pass: string | undefined) => void;
}

/** All passes by group, each with a switch and its live count; a press on the name lights up its edits. */
export function PassRail({ counts, wouldDo, decisions, lit, onLight }: PassRailProps) {
  const isChanged =
    decisions.style.passes !== DEFAULT_STYLE.passes || decisions.style.settings !== DEFAULT_STYLE.settings;
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
              wouldDo={wouldDo[pass.id] ?? 0}
              decisions={decisions}
              isLit={lit === pass.id}
              onLight={(isLit) => onLight(isLit ? pass.id : undefined)}
            />
          ))}
        </section>
      ))}
      {isChanged && <Reset onPress={() => decisions.take({ kind: 'reset-passes' })}>All passes as usual</Reset>}
    </Rail>
  );
}

interface PassItemProps {
  readonly pass: Pass;
  readonly count: number;
  readonly wouldDo: number;
  readonly decisions: Decisions;
  readonly isLit: boolean;
  readonly onLight: (lit: boolean) => void;
}

function PassItem({ pass, count, wouldDo, decisions, isLit, onLight }: PassItemProps) {
  const { style, take } = decisions;
  const isOn = isPassOn(style, pass.id);
  const onSwitch = (on: boolean) => take({ kind: 'switch-pass', pass: pass.id, on });
  const choose = (setting: string, value: string) => take({ kind: 'set-pass', pass: pass.id, setting, value });
  return (
    <>
      <Item data-lit={isLit || undefined} data-quiet={!isOn || count === 0 || undefined} title={pass.summary}>
        <Switch aria-label={pass.title} isSelected={isOn} onChange={onSwitch} />
        <Name isSelected={isLit} onChange={onLight} aria-label={`Light up the edits of “${pass.title}”`}>
          <span>{pass.title}</span>
          {isOn && count > 0 && <Count>{count.toLocaleString('en')}</Count>}
          {!isOn && wouldDo > 0 && <Count title="What it would do">({wouldDo.toLocaleString('en')})</Count>}
        </Name>
      </Item>
      {isOn && <PassSettings pass={pass} style={style} onChoose={choose} />}
    </>
  );
}

const Rail = styled.nav`
  /* The switches hide their inputs by taking them out of the flow: they must not stretch the page. */
  position: relative;
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
  /* Off, or on with nothing to do here: the eye finds those that did something. */
  &[data-quiet] {
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

const Reset = styled(QuietButton)`
  margin: 14px 10px 0;
`;
