import { useState } from 'react';
import type { OwnRule, RuleId } from '../../../core/index.ts';
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
  const isEmpty = rule.query.text === '';
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (!isEmpty) onKeep(rule);
      }}
    >
      <RuleRow rule={rule} onChange={setRule} onRemove={onCancel} isNew />
      <Button type="submit" isDisabled={isEmpty}>
        Keep the rule
      </Button>
    </form>
  );
}
