import { useState } from 'react';
import { applyRule, applyRuleRemoval, applyShapeRemoval, newRuleId, type Style } from '../../../core/index.ts';
import { Button, QuietButton } from '../../ui/buttons.tsx';
import { Card } from './card.tsx';
import { NewRule } from './new-rule.tsx';
import { Row, RuleRow } from './rule-row.tsx';

interface OwnPartsProps {
  readonly style: Style;
  readonly onChange: (style: Style) => void;
}

/** The own rules and the taught line shapes of a style. */
export function OwnParts({ style, onChange }: OwnPartsProps) {
  const { rules = [], shapes = [] } = style;
  const [isAdding, setAdding] = useState(false);
  return (
    <>
      <Card title="Own rules" about="They work after all passes, one after the other.">
        {rules.map((rule) => (
          <RuleRow
            key={rule.id}
            rule={rule}
            onChange={(changed) => onChange(applyRule(style, changed))}
            onRemove={() => onChange(applyRuleRemoval(style, rule.id))}
          />
        ))}
        {isAdding ? (
          <NewRule
            id={newRuleId(style, [])}
            onKeep={(rule) => {
              setAdding(false);
              onChange(applyRule(style, rule));
            }}
            onCancel={() => setAdding(false)}
          />
        ) : (
          <Button onPress={() => setAdding(true)}>Add a rule</Button>
        )}
      </Card>
      <Card
        title="Line shapes"
        about="They are taught on a piece, under Shapes, and come here when the style is kept or changed from there."
      >
        {shapes.map((shape) => (
          <Row key={shape.id}>
            <span>
              {shape.name}, written as{' '}
              {shape.as === 'list' ? 'a list' : shape.as === 'lines' ? 'plain lines' : 'columns'}
            </span>
            <QuietButton
              aria-label={`Remove “${shape.name}”`}
              onPress={() => onChange(applyShapeRemoval(style, shape.id))}
            >
              Remove
            </QuietButton>
          </Row>
        ))}
        {shapes.length === 0 && <p>None.</p>}
      </Card>
    </>
  );
}
