import type { RuleId, ShapeId, Style } from '../../../../core/index.ts';
import { ruleTitle } from '../words/rule-words.ts';
import { PassItem, type PassItemProps } from './pass-item.tsx';

interface OwnItemsProps {
  readonly style: Style;
  /** What an item needs beside its words. */
  readonly propsOf: (id: RuleId | ShapeId) => Omit<PassItemProps, 'title' | 'summary'>;
}

/** What a person made: taught line shapes, and own rules. */
export function OwnItems({ style, propsOf }: OwnItemsProps) {
  const { shapes = [], rules = [] } = style;
  const shapeItems = shapes.map(({ id, name }) => ({
    id,
    title: name,
    summary: 'What you showed on one line, done to all lines alike.',
  }));
  const ruleItems = rules.map((rule) => ({
    id: rule.id,
    title: ruleTitle(rule),
    summary: 'Your own replacement; it runs after all passes.',
  }));
  return (
    <>
      <Items id="group-shapes" title="Your line shapes" items={shapeItems} propsOf={propsOf} />
      <Items id="group-rules" title="Your rules" items={ruleItems} propsOf={propsOf} />
    </>
  );
}

interface ItemsProps extends Pick<OwnItemsProps, 'propsOf'> {
  readonly id: string;
  readonly title: string;
  readonly items: readonly { readonly id: RuleId | ShapeId; readonly title: string; readonly summary: string }[];
}

function Items({ id, title, items, propsOf }: ItemsProps) {
  if (items.length === 0) return null;
  return (
    <section aria-labelledby={id}>
      <h2 id={id}>{title}</h2>
      {items.map((item) => (
        <PassItem key={item.id} {...propsOf(item.id)} title={item.title} summary={item.summary} isRemovable />
      ))}
    </section>
  );
}
