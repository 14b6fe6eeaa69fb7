import { toast } from '../../ui/toasts.tsx';
import { tellProblem } from './tell-problem.ts';

/** Says what was taken off the stack, with a way to put it back. */
export function offerBack(text: string): (putBack: () => Promise<void>) => void {
  return (putBack) => toast({ text, action: { label: 'Undo', run: () => void putBack().catch(tellProblem) } });
}
