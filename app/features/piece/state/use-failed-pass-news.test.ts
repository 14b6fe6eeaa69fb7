/** @jest-environment jsdom */
import { expect, jest, test } from '@jest/globals';
import { renderHook } from '@testing-library/react';

const toast = jest.fn();
jest.unstable_mockModule('../../../ui/toasts.tsx', () => ({ toast }));
const { useFailedPassNews } = await import('./use-failed-pass-news.ts');

test('each pass that failed is told once, by its title', () => {
  const quotes = { pass: 'quotes', message: 'a fault' };
  const { rerender } = renderHook(({ failed }) => useFailedPassNews(failed), { initialProps: { failed: [quotes] } });
  rerender({ failed: [quotes, { pass: 'dashes', message: 'a fault' }] });
  expect(toast.mock.calls.map(([said]) => (said as { text: string }).text)).toEqual([
    '“Same quotation marks throughout” failed on this text',
    '“Same dash throughout” failed on this text',
  ]);
});
