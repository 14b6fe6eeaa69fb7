import { useLayoutEffect, useRef } from 'react';
import { Button, Input, Label, Menu, MenuItem, MenuTrigger, Popover, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { HIDDEN_SIGNS, showHidden } from '../../../../core/index.ts';
import { faces } from '../../../ui/theme.ts';

interface FindFieldProps {
  readonly label: string;
  readonly placeholder?: string;
  /** With hidden characters as signs: see showHidden. */
  readonly shown: string;
  readonly onChange: (shown: string) => void;
  readonly onEnter?: () => void;
  readonly isInvalid?: boolean;
  readonly inputRef?: React.RefObject<HTMLInputElement | null>;
}

/** A field for text in which hidden characters are to be seen; they can be typed, pasted, or picked by name. */
export function FindField({ label, placeholder, shown, onChange, onEnter, isInvalid, inputRef }: FindFieldProps) {
  const own = useRef<HTMLInputElement>(null);
  const ref = inputRef ?? own;
  const caret = useRef<number>(undefined);
  // Signs may be longer than what was typed: the caret goes behind what it stood behind.
  useLayoutEffect(() => {
    if (caret.current !== undefined) ref.current?.setSelectionRange(caret.current, caret.current);
    caret.current = undefined;
  }, [shown, ref]);

  const change = (value: string) => {
    const at = ref.current?.selectionStart ?? value.length;
    caret.current = showHidden(value.slice(0, at)).length;
    onChange(showHidden(value));
  };
  const put = (text: string) => {
    const input = ref.current;
    const from = input?.selectionStart ?? shown.length;
    const to = input?.selectionEnd ?? shown.length;
    const sign = showHidden(text);
    caret.current = from + sign.length;
    onChange(shown.slice(0, from) + sign + shown.slice(to));
    input?.focus();
  };
  return (
    <Field aria-label={label} value={shown} onChange={change} isInvalid={isInvalid}>
      <Label>{label}</Label>
      <Box>
        <Input
          ref={ref}
          placeholder={placeholder}
          spellCheck={false}
          autoComplete="off"
          onPaste={(event) => {
            event.preventDefault();
            put(event.clipboardData.getData('text/plain').replace(/\r\n?/g, '\n'));
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && !event.nativeEvent.isComposing) onEnter?.();
          }}
        />
        <MenuTrigger>
          <Pick aria-label={`${label}: put in a hidden character`}>␣</Pick>
          <Panel placement="top end">
            <Names onAction={(key) => put(String(key))}>
              {HIDDEN_SIGNS.map(({ char, sign, name }) => (
                <Name key={char} id={char} textValue={name}>
                  <code aria-hidden="true">{sign.length === 1 ? sign : ''}</code>
                  {name}
                </Name>
              ))}
            </Names>
          </Panel>
        </MenuTrigger>
      </Box>
    </Field>
  );
}

const Field = styled(TextField)`
  display: flex;
  align-items: center;
  gap: 8px;
  flex: 1;
  min-width: 0;
  label {
    color: var(--soft);
    font-size: 13px;
    white-space: nowrap;
  }
`;

const Box = styled.span`
  flex: 1;
  min-width: 0;
  display: flex;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--sheet);
  &:focus-within {
    border-color: var(--ribbon);
    box-shadow: 0 0 0 1px var(--ribbon);
  }
  [data-invalid] & {
    border-color: var(--bad);
  }
  input {
    flex: 1;
    min-width: 0;
    border: 0;
    background: none;
    color: var(--ink);
    padding: 5px 9px;
    font: 13px ${faces.source};
    outline: none;
  }
`;

const Pick = styled(Button)`
  border: 0;
  border-left: 1px solid var(--line);
  background: none;
  color: var(--soft);
  padding: 0 9px;
  border-radius: 0 8px 8px 0;
  cursor: pointer;
  outline: none;
  &[data-hovered] {
    background: var(--hover);
  }
  &[data-focus-visible] {
    box-shadow: inset 0 0 0 2px var(--ribbon);
  }
`;

const Panel = styled(Popover)`
  background: var(--sheet);
  color: var(--ink);
  border: 1px solid var(--line);
  border-radius: 10px;
  box-shadow: var(--shadow);
  overflow: auto;
`;

const Names = styled(Menu)`
  padding: 5px;
  outline: none;
`;

const Name = styled(MenuItem)`
  display: flex;
  gap: 10px;
  padding: 4px 12px 4px 8px;
  border-radius: 5px;
  font-size: 13px;
  cursor: pointer;
  outline: none;
  code {
    width: 1.2em;
    text-align: center;
    color: var(--ribbon);
    font: 15px ${faces.source};
  }
  &[data-focused] {
    background: var(--hover);
    box-shadow: inset 0 0 0 2px var(--ribbon);
  }
`;
