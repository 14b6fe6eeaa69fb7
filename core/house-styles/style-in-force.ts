import type { History, Step } from '../history/history.ts';
import type { Style } from '../style/style.ts';
import { USUAL_STYLE } from './built-in.ts';

/** The style that a piece was last given, as it was then: what the person changed on the piece since is not in it. */
export interface StyleInForce {
  readonly id: string;
  readonly name: string;
  readonly style: Style;
}

const USUAL: StyleInForce = { id: USUAL_STYLE.id, name: USUAL_STYLE.name, style: USUAL_STYLE.style };

/** By the steps that are in force; the usual style where none gave another, or a version from before was restored. */
export function styleInForce({ steps, at }: History): StyleInForce {
  let now = USUAL;
  const take = (step: Step): void => {
    if (step.kind === 'use-style') now = { id: step.id, name: step.name, style: step.style };
    else if (step.kind === 'restore') now = USUAL;
    else if (step.kind === 'together') step.steps.forEach(take);
  };
  steps.slice(0, at).forEach(take);
  return now;
}
