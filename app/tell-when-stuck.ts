import { isStuck, onStuck } from '../storage/answering.ts';
import { STUCK_WORDS } from './storage-words.ts';
import { toast } from './ui/toasts.tsx';

/** Says so for as long as the browser's database does not answer. */
export function tellWhenStuck(): void {
  let takeBack: (() => void) | undefined;
  onStuck(() => {
    takeBack?.();
    takeBack = isStuck() ? toast({ ...STUCK_WORDS, tone: 'bad' }) : undefined;
  });
}
