import { Button, Label, ListBox, ListBoxItem, Popover, Select, SelectValue } from 'react-aria-components';
import { styled } from 'styled-components';

export interface PickListProps {
  readonly label: string;
  /** The label is for those who do not see, where what is chosen says enough. */
  readonly hidesLabel?: boolean;
  readonly chosen: string;
  readonly options: readonly { readonly value: string; readonly title: string }[];
  readonly onChoose: (value: string) => void;
}

/** One of several values, picked from a list that opens. */
export default function PickList({ label, hidesLabel, chosen, options, onChoose }: PickListProps) {
  return (
    <Choice aria-label={label} selectedKey={chosen} onSelectionChange={(key) => onChoose(String(key))}>
      {!hidesLabel && <Label>{label}</Label>}
      <Value>
        <SelectValue />
        <i aria-hidden="true">⌄</i>
      </Value>
      <Panel>
        <ListBox>
          {options.map((option) => (
            <Option key={option.value} id={option.value} textValue={option.title}>
              {option.title}
            </Option>
          ))}
        </ListBox>
      </Panel>
    </Choice>
  );
}

const Choice = styled(Select)`
  display: flex;
  align-items: center;
  gap: 7px;
  white-space: nowrap;
  label {
    color: var(--soft);
  }
`;

const Value = styled(Button)`
  display: flex;
  gap: 6px;
  align-items: baseline;
  width: 100%;
  padding: 1px 7px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-size: 12.5px;
  text-align: left;
  cursor: pointer;
  outline: none;
  span {
    flex: 1;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  i {
    font-style: normal;
    color: var(--soft);
  }
  &[data-focus-visible] {
    border-color: var(--ribbon);
    box-shadow: 0 0 0 1px var(--ribbon);
  }
`;

const Panel = styled(Popover)`
  background: var(--sheet);
  color: var(--ink);
  border: 1px solid var(--line);
  border-radius: 8px;
  box-shadow: var(--shadow);
  padding: 4px;
  overflow: auto;
  [role='listbox'] {
    outline: none;
  }
`;

const Option = styled(ListBoxItem)`
  padding: 4px 12px;
  border-radius: 5px;
  font-size: 13px;
  cursor: pointer;
  outline: none;
  &[data-focused] {
    background: var(--hover);
    box-shadow: inset 0 0 0 2px var(--ribbon);
  }
  &[data-selected] {
    font-weight: 600;
  }
`;
