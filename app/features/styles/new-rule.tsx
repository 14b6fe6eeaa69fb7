import { useState } from 'react';
import { styled } from 'styled-components';
import { compileQuery, type OwnRule, type RuleId } from '../../../core/index.ts';
import { Button } from '../../ui/buttons.tsx';
import { RuleRow } from './rule-row.tsx';

interface NewRuleProps {
  readonly id: RuleId;
  readonly onKeep: (rule: OwnRule) => void;
  readonly onCancel: () => void;
}

/** A rule that is being made: it does nothing until it is kept. */
export function NewRule({ id, onKeep, onCancel }: NewRuleProps) {
  const [rule, setRule] = useState<OwnRule>({
    id,
    query: { text: '', expression: false, matchCase: false, wholeWords: true },
    insert: '',
  });
  const canKeep = rule.query.text !== '' && compileQuery(rule.query).ok;
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        if (canKeep) onKeep(rule);
      }}
    >
      <RuleRow rule={rule} onChange={setRule} onRemove={onCancel} isNew />
      <Button type="submit" isDisabled={!canKeep}>
        Keep the rule
      </Button>
    </Form>
  );
}

const Form = styled.form`
  display: grid;
  gap: 10px;
  justify-items: start;
  > div {
    width: 100%;
  }
`;
