import type { LocalEdit } from '../edits/local-edit.ts';
import { compileQuery, expandReplacement, type Query } from './query.ts';

export type RuleId = `rule:${number}`;

/** A replacement that a person made and keeps: a search over the clean text, and what takes the place of each match. */
export interface OwnRule {
  /** Begins with "rule:", so that it is no pass's; stored with choices about its edits. */
  readonly id: RuleId;
  readonly query: Query;
  readonly insert: string;
}

const PREFIX = 'rule:';

export function isRuleId(pass: string): pass is RuleId {
  return pass.startsWith(PREFIX);
}

/** A rule id above all that are named: what a rule that is gone left behind must not hold for another. */
export function nextRuleId(named: Iterable<string>): RuleId {
  let highest = 0;
  for (const id of named) if (isRuleId(id)) highest = Math.max(highest, Number(id.slice(PREFIX.length)) || 0);
  return `${PREFIX}${highest + 1}`;
}

/** What a rule does to a text: edits in order, without those that change nothing. None where its expression is wrong. */
export function findRuleEdits({ query, insert }: OwnRule, text: string): LocalEdit[] {
  const compiled = compileQuery(query);
  if (!compiled.ok || query.text === '') return [];
  const edits: LocalEdit[] = [];
  for (const match of text.matchAll(compiled.expression)) {
    const edit = {
      from: match.index,
      to: match.index + match[0].length,
      insert: expandReplacement(query, insert, match),
    };
    if (edit.insert !== match[0]) edits.push(edit);
  }
  return edits;
}
