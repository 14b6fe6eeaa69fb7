import { styled } from 'styled-components';
import { memoryProblem } from '../storage/db.ts';
import type { StorageProblem } from '../storage/errors.ts';
import { STORAGE_WORDS } from './storage-words.ts';

/** Says at the head of a page what is wrong with storing, as it was loaded or as it is with all pages, and what to do. */
export function StorageProblemNote({ problem = memoryProblem() }: { readonly problem?: StorageProblem | undefined }) {
  if (!problem) return null;
  const { text, detail } = STORAGE_WORDS[problem];
  return (
    <Problem role="alert">
      <b>{text}.</b> {detail}
    </Problem>
  );
}

const Problem = styled.p`
  margin: 14px 24px 0;
  padding: 10px 14px;
  border-radius: 8px;
  background: var(--doubt-back);
  color: var(--ink);
`;
