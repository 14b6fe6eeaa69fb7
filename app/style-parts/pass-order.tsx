import { lazy, Suspense, useState } from 'react';
import { QuietButton } from '../ui/buttons.tsx';
import { Sheet } from '../ui/sheet.tsx';
import type { PassOrderProps } from './order-list.tsx';

/** Moving things about takes much code that nothing else needs: it comes when the list is opened. */
const OrderList = lazy(() => import('./order-list.tsx'));

/** Opens the list of the passes that work inside paragraphs, in the order in which they work; they can be moved. */
export function PassOrder({ style, take }: PassOrderProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <QuietButton onPress={() => setOpen(true)}>Order of passes…</QuietButton>
      <Sheet title="Order of passes" isOpen={isOpen} onClose={() => setOpen(false)} width={420}>
        <p>
          Passes work one after the other, each on what the one before left. Drag one by its handle to another place, or
          take it with Enter and move it with the arrow keys.
        </p>
        <Suspense fallback={<p role="status">Getting the list…</p>}>
          <OrderList style={style} take={take} />
        </Suspense>
      </Sheet>
    </>
  );
}
