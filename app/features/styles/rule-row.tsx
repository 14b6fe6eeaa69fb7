import { useState } from 'react';
import { Checkbox, Input, Label, TextField } from 'react-aria-components';
import { styled } from 'styled-components';
import { compileQuery, type OwnRule } from '../../../core/index.ts';
import { CarryOverOffer } from '../../style-parts/carry-over-offer.tsx';
import { QuietButton } from '../../ui/buttons.tsx';
import { faces } from '../../ui/theme.ts';

interface RuleRowProps {
  readonly rule: OwnRule;
  readonly onChange: (rule: OwnRule) => void;
  readonly onRemove: () => void;
  /** Nothing has been said of it yet. */
  readonly isNew?: boolean;
}

/** One rule, to be changed where it stands; an expression that is wrong is said to be, and the rule stays as it was. */
export function RuleRow({ rule, onChange, onRemove, isNew = false }: RuleRowProps) {
  const [typed, setTyped] = useState(rule.query.text);
  const compiled = compileQuery({ ...rule.query, text: typed });
  const isWrong = typed === '' || !compiled.ok;
  const query = (part: Partial<OwnRule['query']>) => onChange({ ...rule, query: { ...rule.query, ...part } });
  return (
    <Row>
      <Field
        value={typed}
        isInvalid={isWrong && !isNew}
        onChange={(text) => {
          setTyped(text);
          if (isNew || (text !== '' && compileQuery({ ...rule.query, text }).ok)) query({ text });
        }}
      >
        <Label>Find</Label>
        <Input spellCheck={false} autoFocus={isNew} />
      </Field>
      <Field value={rule.insert} onChange={(insert) => onChange({ ...rule, insert })}>
        <Label>Replace with</Label>
        <Input spellCheck={false} placeholder="nothing" />
      </Field>
      <Tick isSelected={rule.query.expression} onChange={(expression) => query({ expression })}>
        expression
      </Tick>
      <Tick isSelected={rule.query.matchCase} onChange={(matchCase) => query({ matchCase })}>
        match case
      </Tick>
      <Tick isSelected={rule.query.wholeWords} onChange={(wholeWords) => query({ wholeWords })}>
        whole words
      </Tick>
      <QuietButton aria-label={isNew ? undefined : `Remove the rule for “${rule.query.text}”`} onPress={onRemove}>
        {isNew ? 'Cancel' : 'Remove'}
      </QuietButton>
      {(rule.query.expression || isWrong) && (
        <CarryOverOffer
          text={typed}
          insert={rule.insert}
          onCarry={({ text, insert, matchCase }) => {
            setTyped(text);
            const now = { ...rule.query, text, expression: true, ...(matchCase !== undefined && { matchCase }) };
            onChange({ ...rule, query: now, insert });
          }}
        />
      )}
      {isWrong && !(isNew && typed === '') && (
        <Wrong role="alert">
          {typed === '' ? 'Say what to find.' : compiled.ok ? '' : `This expression is wrong: ${compiled.message}`}
        </Wrong>
      )}
    </Row>
  );
}

/** A box to tick with its words. */
function Tick({
  children,
  ...props
}: {
  readonly isSelected: boolean;
  readonly onChange: (on: boolean) => void;
  readonly children: string;
}) {
  return (
    <Box {...props}>
      <i aria-hidden>{props.isSelected ? '✓' : ''}</i>
      {children}
    </Box>
  );
}

const Field = styled(TextField)`
  flex: 1 1 380px;
  display: flex;
  gap: 8px;
  align-items: center;
  label {
    color: var(--soft);
    white-space: nowrap;
  }
  input {
    flex: 1;
    min-width: 80px;
    font: 14px/1.4 ${faces.source};
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--line);
    border-radius: 8px;
    padding: 5px 8px;
  }
  &[data-invalid] input {
    border-color: var(--bad);
  }
`;

const Box = styled(Checkbox)`
  display: flex;
  gap: 6px;
  align-items: center;
  cursor: pointer;
  i {
    display: grid;
    place-items: center;
    width: 16px;
    height: 16px;
    border: 1px solid var(--soft);
    border-radius: 4px;
    font-style: normal;
    font-size: 12px;
  }
  &[data-selected] i {
    background: var(--ribbon);
    border-color: var(--ribbon);
    color: var(--sheet);
  }
  &[data-focus-visible] i {
    outline: 2px solid var(--ribbon);
    outline-offset: 1px;
  }
`;

const Wrong = styled.p`
  flex: 1 1 100%;
  color: var(--bad) !important;
`;

/** A rule, or a shape, on a line of its own. */
export const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  padding-bottom: 8px;
  border-bottom: 1px solid var(--line);
  > span {
    flex: 1;
  }
`;
