import { Button, ListBox, ListBoxItem, Popover, Select, SelectValue } from 'react-aria-components';
import { styled } from 'styled-components';
import { settingsOf, type Pass, type Style } from '../../../core/index.ts';

interface PassSettingsProps {
  readonly pass: Pass;
  readonly style: Style;
  readonly onChoose: (setting: string, value: string) => void;
}

/** The settings of a pass, each with the values that it may have. */
export function PassSettings({ pass, style, onChoose }: PassSettingsProps) {
  const values = settingsOf(style, pass);
  return (
    <>
      {(pass.settings ?? []).map(({ id, title, options }) => (
        <Choice
          key={id}
          aria-label={`${pass.title}: ${title}`}
          selectedKey={values[id]}
          onSelectionChange={(key) => onChoose(id, String(key))}
        >
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
      ))}
    </>
  );
}

const Choice = styled(Select)`
  margin: 0 10px 5px 49px;
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
