import { afterEach, expect, jest, test } from '@jest/globals';
import { announceChange, onChange } from './changes.ts';

/** Another tab: a channel of its own, as the browser gives each. */
const other = new BroadcastChannel('lucid-ribbon');
afterEach(() => {
  other.onmessage = null;
});

/** Once a message of the other tab has come in, all that it said before has too. */
function said(pieceId: string): Promise<void> {
  return new Promise((resolve) => {
    const stop = onChange(pieceId, () => {
      stop();
      resolve();
    });
    other.postMessage({ pieceId });
  });
}

test('what another tab stores of a piece is told; what it stores of others, and what this one does, is not', async () => {
  const told = jest.fn();
  const stop = onChange('mills', told);
  announceChange('mills');
  await said('log');
  expect(told).not.toHaveBeenCalled();
  await said('mills');
  expect(told).toHaveBeenCalledTimes(1);
  stop();
  await said('mills');
  expect(told).toHaveBeenCalledTimes(1);
});

test('what this tab stores is told to the others', async () => {
  const heard = new Promise((resolve) => {
    other.onmessage = ({ data }) => resolve(data);
  });
  announceChange('mills');
  expect(await heard).toEqual({ pieceId: 'mills' });
  other.close();
});
