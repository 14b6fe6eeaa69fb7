import { ListBox } from 'react-aria-components';
import { styled } from 'styled-components';
import { WORDS_ALONE, type GroupView } from '../../../../core/index.ts';
import { SideItem } from '../../../ui/side-item.ts';
import { faces } from '../../../ui/theme.ts';
import { groupTitle } from './shape-words.ts';

interface GroupListProps {
  readonly groups: readonly GroupView[];
  readonly chosen: string | undefined;
  readonly onChoose: (group: GroupView) => void;
}

/** Groups of fewer lines than this are shown together at the end. */
const FEWEST = 2;

export function keyOfGroup({ form, within }: GroupView): string {
  return `${within ?? ''} ${form}`;
}

/** Whether lines of a group have anything to be told apart by. */
export function isTeachable({ form, within }: GroupView): boolean {
  return form !== WORDS_ALONE || within !== undefined;
}

/** The groups of lines that look alike, each with its first line. */
export function GroupList({ groups, chosen, onChoose }: GroupListProps) {
  const alike = groups.filter((group) => isTeachable(group) && (group.count >= FEWEST || group.within !== undefined));
  const single = groups.filter((group) => isTeachable(group) && !alike.includes(group)).length;
  const prose = groups.find((group) => !isTeachable(group))?.count ?? 0;
  return (
    <Groups aria-labelledby="alike">
      <h2 id="alike">Lines that look alike</h2>
      <ListBox
        aria-labelledby="alike"
        selectionMode="single"
        disallowEmptySelection
        selectedKeys={chosen === undefined ? [] : [chosen]}
        onSelectionChange={(keys) => {
          const key = [...keys][0];
          const group = alike.find((one) => keyOfGroup(one) === key);
          if (group) onChoose(group);
        }}
      >
        {alike.map((group) => (
          <Group key={keyOfGroup(group)} id={keyOfGroup(group)} textValue={groupTitle(group)}>
            <b>{groupTitle(group)}</b>
            <span>{group.count.toLocaleString('en')}</span>
            <code>{group.samples[0]!.text.trim()}</code>
          </Group>
        ))}
      </ListBox>
      <p>
        {single > 0 && `${single} ${single === 1 ? 'line is' : 'lines are'} like no other. `}
        {prose > 0 && `${prose.toLocaleString('en')} ${prose === 1 ? 'line is' : 'lines are'} running text.`}
      </p>
    </Groups>
  );
}

const Groups = styled.nav`
  display: flex;
  flex-direction: column;
  gap: 8px;
  h2 {
    padding: 0 16px;
    font-size: 13px;
    font-weight: 600;
    color: var(--soft);
  }
  p {
    padding: 0 16px;
    font-size: 13px;
    color: var(--soft);
  }
`;

const Group = styled(SideItem)`
  grid-template-columns: minmax(0, 1fr) auto;
  span {
    color: var(--soft);
    font-variant-numeric: tabular-nums;
  }
  code {
    grid-column: 1 / -1;
    font: 12.5px/1.4 ${faces.source};
    color: var(--soft);
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
`;
