import { expect, jest, test } from '@jest/globals';
import { applyStep, NO_HISTORY, type Step } from '../../../../core/index.ts';
import { telling } from './telling.ts';

const step = (pass: string) => ({ kind: 'switch-pass', pass, on: true }) as Step;
const FIRST = applyStep(NO_HISTORY, step('a'));
const SECOND = applyStep(FIRST, step('b'));
const settle = () => new Promise((resolve) => setTimeout(resolve));

test('whoever waits for the latest history is not woken for good by an older one', async () => {
  const { tell, untilTold } = telling();
  let latest = NO_HISTORY;
  tell(latest);
  await untilTold(() => latest);
  latest = FIRST;
  const isTold = jest.fn();
  const told = untilTold(() => latest).then(isTold);
  latest = SECOND;
  tell(FIRST);
  await settle();
  expect(isTold).not.toHaveBeenCalled();
  tell(SECOND);
  await told;
  expect(isTold).toHaveBeenCalledTimes(1);
});
