import { memo, useCallback, useRef, useState } from 'react';
import { Button as AriaButton, Disclosure, DisclosurePanel, Heading, Input, SearchField } from 'react-aria-components';
import { styled } from 'styled-components';
import {
  isAsUsual,
  isPassOn,
  styleInForce,
  USUAL_STYLE,
  type PassId,
  type RuleId,
  type ShapeId,
} from '../../../../core/index.ts';
import { QuietButton } from '../../../ui/buttons.tsx';
import { useOneStop } from '../../../ui/one-stop.ts';
import type { Decisions } from '../state/use-decisions.ts';
import { OwnItems } from './own-items.tsx';
import { PassItem } from './pass-item.tsx';
import { PassOrder } from '../../../style-parts/pass-order.tsx';
import {
  findPasses,
  passesOf,
  railSections,
  sectionOf,
  type ListedPass,
  type PassGroupOfRail,
  type RailSection,
} from './rail-sections.ts';

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
  /** What stands above the passes. */
  readonly children?: React.ReactNode;
}

const NONE: ReadonlyMap<string, RailSection> = new Map();

/** All passes: first those that changed something here, then, folded by group, those that found nothing and those that are off. */
export const PassRail = memo(function PassRail(props: PassRailProps) {
  const { counts, offPassCounts, decisions } = props;
  const { style, take } = decisions;
  const rail = useRef<HTMLElement>(null);
  useOneStop(rail);
  const [looked, look] = useState('');
  const [stay, setStay] = useState(NONE);
  const now = useRef({ style, counts });
  now.current = { style, counts };
  const onSwitch = useCallback((id: PassId | RuleId | ShapeId) => {
    const section = sectionOf(id, now.current.style, now.current.counts);
    setStay((before) => (before.has(id) ? before : new Map(before).set(id, section)));
  }, []);
  const { busy, idle, off } = railSections(style, counts, stay);
  const itemOf = (pass: ListedPass) => (
    <PassItem
      key={pass.id}
      {...itemProps(props, pass.id, onSwitch)}
      title={pass.title}
      summary={pass.summary}
      pass={pass}
    />
  );
  const areOff = passesOf(off).filter(({ id }) => !isPassOn(style, id));
  const wouldAct = areOff.filter(({ id }) => (offPassCounts[id] ?? 0) > 0).length;
  return (
    <Rail ref={rail} aria-label="Passes">
      {props.children}
      <Looking aria-label="Find a pass" value={looked} onChange={look}>
        <Input placeholder="Find a pass" />
      </Looking>
      {looked.trim() !== '' ? (
        <Found groups={findPasses(looked)} itemOf={itemOf} />
      ) : (
        <>
          <section aria-labelledby="passes-busy">
            <h2 id="passes-busy">Changed something here</h2>
            {busy.map(itemOf)}
            {busy.length === 0 && (
              <Quiet>
                {idle.length > 0 ? 'Nothing: what is on found nothing to change.' : 'Nothing: all passes are off.'}
              </Quiet>
            )}
          </section>
          <OwnItems style={style} propsOf={(id) => itemProps(props, id, onSwitch)} />
          <Fold title={`${passesOf(idle).length} found nothing`} groups={idle} itemOf={itemOf} lit={props.lit} />
          <Fold
            title={`${areOff.length} are off${wouldAct > 0 ? `, ${wouldAct} would change something` : ''}`}
            groups={off}
            itemOf={itemOf}
            lit={props.lit}
          />
        </>
      )}
      <Below>
        <PassOrder style={style} take={take} />
        {!isAsUsual(style) && styleInForce(decisions.history).id === USUAL_STYLE.id && (
          <QuietButton onPress={() => take({ kind: 'reset-passes' })}>Reset all passes</QuietButton>
        )}
      </Below>
    </Rail>
  );
});

/** What one item needs of all, so that only those are drawn again of which something changed. */
function itemProps(
  { counts, offPassCounts, decisions, lit, onLight, onList }: PassRailProps,
  id: PassId | RuleId | ShapeId,
  onSwitch: (pass: PassId | RuleId | ShapeId) => void,
) {
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
    onSwitch,
  };
}

interface GroupsProps {
  readonly groups: readonly PassGroupOfRail[];
  readonly itemOf: (pass: ListedPass) => React.ReactNode;
}

function Found({ groups, itemOf }: GroupsProps) {
  if (groups.length === 0) return <Quiet role="status">No pass matches.</Quiet>;
  return <Groups groups={groups} itemOf={itemOf} />;
}

function Groups({ groups, itemOf }: GroupsProps) {
  return groups.map(({ title, passes }) => (
    <section key={title} aria-label={title}>
      <h3>{title}</h3>
      {passes.map(itemOf)}
    </section>
  ));
}

/** Passes under one line, until it is opened; open as well while one of them is lit up. */
function Fold({ title, groups, itemOf, lit }: GroupsProps & { readonly title: string; readonly lit?: string }) {
  const [isOpen, setOpen] = useState(false);
  const holdsLit = groups.some(({ passes }) => passes.some(({ id }) => id === lit));
  if (groups.length === 0) return null;
  return (
    <Disclosure isExpanded={isOpen || holdsLit} onExpandedChange={setOpen}>
      <Heading level={2} style={{ margin: 0 }}>
        <FoldButton slot="trigger" data-stop="name">
          {title} <i aria-hidden="true">▸</i>
        </FoldButton>
      </Heading>
      <DisclosurePanel>{(isOpen || holdsLit) && <Groups groups={groups} itemOf={itemOf} />}</DisclosurePanel>
    </Disclosure>
  );
}

const Rail = styled.nav`
  /* The switches hide their inputs by taking them out of the flow: they must not stretch the page. */
  position: relative;
  border-right: 1px solid var(--line);
  padding: 10px 0 16px;
  overflow: auto;
  h2,
  h3 {
    margin: 12px 16px 2px;
    font-size: 12px;
    font-weight: 600;
    color: var(--soft);
  }
  h3 {
    font-weight: 500;
  }
`;

const Looking = styled(SearchField)`
  display: block;
  margin: 0 12px;
  input {
    width: 100%;
    font: inherit;
    font-size: 13.5px;
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--line);
    border-radius: 8px;
    padding: 5px 9px;
  }
  input::-webkit-search-cancel-button {
    appearance: none;
  }
`;

const Quiet = styled.p`
  margin: 4px 16px;
  font-size: 13px;
  color: var(--soft);
`;

const FoldButton = styled(AriaButton)`
  width: 100%;
  display: flex;
  justify-content: space-between;
  gap: 8px;
  margin-top: 8px;
  padding: 6px 16px;
  border: 0;
  background: none;
  font: inherit;
  font-size: 13px;
  font-weight: 400;
  text-align: left;
  color: var(--soft);
  cursor: pointer;
  &[data-hovered] {
    background: var(--hover);
  }
  i {
    font-style: normal;
    transition: rotate 0.12s;
  }
  &[aria-expanded='true'] i {
    rotate: 90deg;
  }
`;

const Below = styled.div`
  display: grid;
  justify-items: start;
  gap: 2px;
  margin: 14px 8px 0;
`;
