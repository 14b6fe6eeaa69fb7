import { useEffect, useRef } from 'react';
import type { OwnRule } from '../../../../core/index.ts';
import { toast } from '../../../ui/toasts.tsx';
import { ruleTitle } from '../words/rule-words.ts';

/** Says that an own rule took too long and was left out. */
export function useSlowRuleNews(slowRules: readonly OwnRule[]): void {
  const told = useRef(0);
  useEffect(() => {
    for (const rule of slowRules.slice(told.current)) {
      toast({
        text: `Your rule ${ruleTitle(rule)} takes too long on this text`,
        detail: 'It was skipped; everything else was done. Simplify its expression, or remove the rule.',
        tone: 'bad',
      });
    }
    told.current = slowRules.length;
  }, [slowRules]);
}
