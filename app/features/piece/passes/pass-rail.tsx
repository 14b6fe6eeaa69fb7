import { memo } from 'react';
import { ToggleButton } from 'react-aria-components';
import { styled } from 'styled-components';
import {
  isAsUsual,
  isPassOn,
  PASS_GROUPS,
  PASSES,
  settingsOf,
  type Pass,
  type PassId,
  type RuleId,
} from '../../../../core/index.ts';
import { QuietButton } from '../../../ui/buttons.tsx';
import { Switch } from '../../../ui/switch.tsx';
import { PassOrder } from './pass-order.tsx';
import { PassSettings } from './pass-settings.tsx';
import { ruleTitle } from '../words/rule-words.ts';
import type { Decisions } from '../state/use-decisions.ts';

interface PassRailProps {
  readonly counts: Readonly<Record<string, number>>;
  /** What the passes that are off would do. */
  readonly offPassCounts: Readonly<Record<string, number>>;
  readonly decisions: Decisions;
  /** The pass whose edits are lit up. */
  readonly lit: string | undefined;
  readonly onLight: (pass: string | undefined) => void;
  /** Lists the edits of a pass in the ledger. */
  readonly onList: (pass: string) => void;
}

/** All passes by group, each with a switch and its live count; a press on the name lights up its edits. */
export function PassRail(props: PassRailProps) {
  const { decisions } = props;
  const { style, take } = decisions;
  const rules = style.rules ?? [];
  return (
    <Rail aria-label="Passes">
      {PASS_GROUPS.map((group) => (
        <section key={group.id} aria-labelledby={`group-${group.id}`}>
          <h2 id={`group-${group.id}`}>{group.title}</h2>
          {PASSES.filter((pass) => pass.group === group.id).map((pass) => (
            <PassItem
              key={pass.id}
              {...itemProps(props, pass.id)}
              title={pass.title}
              summary={pass.summary}
              pass={pass}
            />
          ))}
        </section>
      ))}
      {rules.length > 0 && (
        <section aria-labelledby="group-rules">
          <h2 id="group-rules">Own rules</h2>
          {rules.map((rule) => (
            <PassItem
              key={rule.id}
              {...itemProps(props, rule.id)}
              title={ruleTitle(rule)}
              summary="Your own replacement, after all passes."
              isRemovable
            />
          ))}
        </section>
      )}
      <Below>
        <PassOrder style={style} take={take} />
        {!isAsUsual(style) && (
          <QuietButton onPress={() => take({ kind: 'reset-passes' })}>All passes as usual</QuietButton>
        )}
      </Below>
    </Rail>
  );
}

/** What one item needs of all, so that only those are drawn again of which something changed. */
function itemProps({ counts, offPassCounts, decisions, lit, onLight, onList }: PassRailProps, id: PassId | RuleId) {
  const { style, take } = decisions;
  return {
    id,
    count: counts[id] ?? 0,
    offPassCounts: offPassCounts[id] ?? 0,
    isLit: lit === id,
    style,
    take,
    onLight,
    onList,
  };
}

type PassItemProps = ReturnType<typeof itemProps> & {
  readonly title: string;
  readonly summary: string;
  /** Not there for own rules. */
  readonly pass?: Pass;
  readonly isRemovable?: boolean;
};

const PassItem = memo(function PassItem(props: PassItemProps) {
  const { id, title, summary, pass, isRemovable, count, offPassCounts, isLit, style, take } = props;
  const isOn = isPassOn(style, id);
  return (
    <>
      <Item data-lit={isLit || undefined} data-quiet={!isOn || count === 0 || undefined} title={summary}>
        <Switch aria-label={title} isSelected={isOn} onChange={(on) => take({ kind: 'switch-pass', pass: id, on })} />
        <Name
          isSelected={isLit}
          onChange={(lit) => props.onLight(lit ? id : undefined)}
          aria-label={`Light up the edits of “${title}”`}
        >
          <span>{title}</span>
          {isOn && count > 0 && <Count>{count.toLocaleString('en')}</Count>}
          {!isOn && offPassCounts > 0 && <Count title="What it would do">({offPassCounts.toLocaleString('en')})</Count>}
        </Name>
      </Item>
      {isLit && (
        <About>
          <p>{summary}</p>
          {isOn && count > 0 && <QuietButton onPress={() => props.onList(id)}>List its edits</QuietButton>}
          {isRemovable && (
            <QuietButton onPress={() => take({ kind: 'remove-rule', rule: id })}>Remove the rule</QuietButton>
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
});

/** Settings that were changed stay in sight, as do those of a pass that was switched on; the others show with their pass. */
function hasUsualSettings(pass: Pass, style: Decisions['style']): boolean {
  const values = settingsOf(style, pass);
  return (pass.settings ?? []).every(({ id, usual }) => values[id] === usual);
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

const Below = styled.div`
  display: grid;
  justify-items: start;
  gap: 2px;
  margin: 14px 8px 0;
`;
