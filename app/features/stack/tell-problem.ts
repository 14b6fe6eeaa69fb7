import { StorageError } from '../../../storage/errors.ts';
import { STORAGE_WORDS } from '../../storage-words.ts';
import { toast } from '../../ui/toasts.tsx';

/** Says why something could not be stored, and what to do. */
export function tellProblem(error: unknown): void {
  toast({ ...STORAGE_WORDS[error instanceof StorageError ? error.problem : 'unknown'], tone: 'bad' });
}
