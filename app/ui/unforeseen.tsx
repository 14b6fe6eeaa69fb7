import { useEffect } from 'react';
import { toast } from './toasts.tsx';

/** Browsers tell of these, though nothing went wrong. */
const HARMLESS = /ResizeObserver loop|AbortError/;

/** Says so when something fails that nobody foresaw: silence would look as if it had been done. */
export function Unforeseen(): undefined {
  useEffect(() => {
    const tell = (error: unknown) => {
      const detail = error instanceof Error ? `${error.name}: ${error.message}` : String(error);
      if (!HARMLESS.test(detail))
        toast({ text: 'Something went wrong, and may not have been done', detail, tone: 'bad' });
    };
    const onError = (event: ErrorEvent) => tell(event.error ?? event.message);
    const onRejection = (event: PromiseRejectionEvent) => tell(event.reason);
    window.addEventListener('error', onError);
    window.addEventListener('unhandledrejection', onRejection);
    return () => {
      window.removeEventListener('error', onError);
      window.removeEventListener('unhandledrejection', onRejection);
    };
  }, []);
  return undefined;
}
