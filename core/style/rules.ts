import type { Choice } from '../choices/choice.ts';
import { nextRuleId, type OwnRule, type RuleId } from '../rules/own-rule.ts';
import { isPassOn, type Style } from './style.ts';

/** The own rules of a style that are on, in working order. */
export function rulesInForce(style: Style): OwnRule[] {
  return (style.rules ?? []).filter((rule) => isPassOn(style, rule.id));
}

/** A rule joins the others at the end; one with the id of another takes its place. */
export function applyRule(style: Style, rule: OwnRule): Style {
  const rules = style.rules ?? [];
  const isKnown = rules.some(({ id }) => id === rule.id);
  return { ...style, rules: isKnown ? rules.map((old) => (old.id === rule.id ? rule : old)) : [...rules, rule] };
}

export function applyRuleRemoval(style: Style, id: string): Style {
  return { ...style, rules: (style.rules ?? []).filter((rule) => rule.id !== id) };
}

/** The id for a new rule: one that neither the style nor a choice names, so that nothing is left over for it. */
export function newRuleId(style: Style, choices: readonly Choice[]): RuleId {
  const ofChoices = choices.flatMap((choice) => ('pass' in choice && choice.pass !== undefined ? [choice.pass] : []));
  return nextRuleId([...(style.rules ?? []).map(({ id }) => id), ...Object.keys(style.passes), ...ofChoices]);
}
