import { Button, Dialog, DialogTrigger } from 'react-aria-components';
import { styled } from 'styled-components';
import { memoryProblem } from '../../../storage/db.ts';
import { STORAGE_WORDS } from '../../storage-words.ts';
import { Panel } from '../../ui/menu-panel.tsx';

/** Says for as long as it is so that the piece is gone with the page, and on a press why, and what to do. */
export function NotStored() {
  const problem = memoryProblem();
  if (!problem) return null;
  const { text, detail } = STORAGE_WORDS[problem];
  return (
    <DialogTrigger>
      <Mark>Not stored</Mark>
      <Panel placement="bottom start">
        <Why aria-label="Not stored">
          <b>{text}.</b> {detail}
        </Why>
      </Panel>
    </DialogTrigger>
  );
}

const Mark = styled(Button)`
  flex: none;
  font: inherit;
  font-size: 12.5px;
  font-weight: 600;
  padding: 2px 10px;
  border: 1px solid var(--bad);
  border-radius: 99px;
  background: var(--doubt-back);
  color: var(--ink);
  cursor: pointer;
  &[data-hovered] {
    text-decoration: underline;
  }
`;

const Why = styled(Dialog)`
  max-width: min(380px, 88vw);
  padding: 10px 14px;
  font-size: 14px;
  line-height: 1.5;
`;
