import { memo } from 'react';
import { ToggleButton } from 'react-aria-components';
import { styled } from 'styled-components';
import {
  isPassOn,
  isShapeId,
  settingsOf,
  type Pass,
  type PassId,
  type RuleId,
  type ShapeId,
} from '../../../../core/index.ts';
import { QuietButton } from '../../../ui/buttons.tsx';
import { Switch } from '../../../ui/switch.tsx';
import type { Decisions } from '../state/use-decisions.ts';
import { PassSettings } from '../../../style-parts/pass-settings.tsx';

export interface PassItemProps {
  readonly id: PassId | RuleId | ShapeId;
  readonly title: string;
  readonly summary: string;
  /** Not there for own rules and shapes. */
  readonly pass?: Pass;
  readonly isRemovable?: boolean;
  readonly count: number;
  /** What it would do, where it is off. */
  readonly offPassCounts: number;
  readonly isLit: boolean;
  readonly style: Decisions['style'];
  readonly take: Decisions['take'];
  readonly onLight: (pass: string | undefined) => void;
  /** Lists its edits in the ledger. */
  readonly onList: (pass: string) => void;
  /** Told before it is switched. */
  readonly onSwitch: (pass: PassId | RuleId | ShapeId) => void;
}

/** A pass, an own rule or a taught shape with its switch and its live count; a press on the name lights up its edits and opens its settings. */
export const PassItem = memo(function PassItem(props: PassItemProps) {
  const { id, title, summary, pass, isRemovable, count, offPassCounts, isLit, style, take } = props;
  const isOn = isPassOn(style, id);
  return (
    <>
      <Item data-lit={isLit || undefined} data-quiet={!isOn || count === 0 || undefined} title={summary}>
        <Switch
          data-stop="switch"
          aria-label={title}
          isSelected={isOn}
          onChange={(on) => {
            props.onSwitch(id);
            take({ kind: 'switch-pass', pass: id, on });
          }}
        />
        <Name
          data-stop="name"
          isSelected={isLit}
          onChange={(lit) => props.onLight(lit ? id : undefined)}
          aria-label={`Highlight the changes of “${title}”`}
        >
          <span>{title}</span>
          {isOn && count > 0 && <Count>{count.toLocaleString('en')}</Count>}
          {!isOn && offPassCounts > 0 && <Count title="What it would do">({offPassCounts.toLocaleString('en')})</Count>}
        </Name>
      </Item>
      {isLit && (
        <About>
          <p>{summary}</p>
          {isOn && count > 0 && <QuietButton onPress={() => props.onList(id)}>List its changes</QuietButton>}
          {isRemovable && (
            <QuietButton
              onPress={() =>
                take(isShapeId(id) ? { kind: 'remove-shape', shape: id } : { kind: 'remove-rule', rule: id })
              }
            >
              {isShapeId(id) ? 'Remove the shape' : 'Remove the rule'}
            </QuietButton>
          )}
        </About>
      )}
      {isOn && pass && (isLit || style.passes[id] === true || !hasUsualSettings(pass, style)) && (
        <PassSettings
          pass={pass}
          style={style}
          onChoose={(setting, value) => take({ kind: 'set-pass', pass: id, setting, value })}
        />
      )}
    </>
  );
}, saysTheSame);

/** Of the style an item shows only what it says of its own pass. */
function saysTheSame(before: PassItemProps, after: PassItemProps): boolean {
  const { style: was, ...others } = before;
  const { style: is, id } = after;
  if (was.passes[id] !== is.passes[id] || isPassOn(was, id) !== isPassOn(is, id)) return false;
  const settings = ({ style, pass }: PassItemProps) => pass && JSON.stringify(settingsOf(style, pass));
  if (settings(before) !== settings(after)) return false;
  return (Object.keys(others) as (keyof typeof others)[]).every((name) => before[name] === after[name]);
}

/** Settings that were changed stay in sight, as do those of a pass that was switched on; the others show with their pass. */
function hasUsualSettings(pass: Pass, style: Decisions['style']): boolean {
  const values = settingsOf(style, pass);
  return (pass.settings ?? []).every(({ id, usual }) => values[id] === usual);
}

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
  min-width: 0;
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
  span:first-child {
    min-width: 0;
    overflow-wrap: anywhere;
  }
`;

const Count = styled.span`
  color: var(--soft);
  font-variant-numeric: tabular-nums;
`;

const About = styled.div`
  padding: 2px 12px 6px 49px;
  background: var(--chosen);
  box-shadow: inset 3px 0 var(--ribbon);
  p {
    font-size: 12.5px;
    line-height: 1.35;
    color: var(--soft);
  }
  button {
    padding: 3px 0;
    font-size: 12.5px;
    color: var(--go);
    text-decoration: underline;
  }
`;
