import {
  Text,
  UNSTABLE_Toast as AriaToast,
  UNSTABLE_ToastContent as AriaToastContent,
  UNSTABLE_ToastQueue as ToastQueue,
  UNSTABLE_ToastRegion as AriaToastRegion,
} from 'react-aria-components';
import { styled } from 'styled-components';
import { QuietButton } from './buttons.tsx';

interface ToastAction {
  readonly label: string;
  readonly run: () => void;
}

/** A short message; `action` offers a thing to do about it, `otherwise` another. */
export interface ToastMessage {
  readonly text: string;
  /** What to do, or more about it. */
  readonly detail?: string;
  readonly tone?: 'bad';
  readonly action?: ToastAction;
  readonly otherwise?: ToastAction;
}

const queue = new ToastQueue<ToastMessage>({ maxVisibleToasts: 2 });
const SHOWN_FOR = 8000;

/** Shows a message. Bad news stays until it is closed. Gives what takes it back. */
export function toast(message: ToastMessage): () => void {
  const key = queue.add(message, message.tone === 'bad' ? undefined : { timeout: SHOWN_FOR });
  return () => queue.close(key);
}

/** The corner of the page where messages appear. */
export function Toasts() {
  return (
    <Region queue={queue}>
      {({ toast: entry }) => (
        <Message toast={entry} data-tone={entry.content.tone} data-wide={entry.content.otherwise && ''}>
          <Words>
            <Text slot="title">{entry.content.text}</Text>
            {entry.content.detail && <Text slot="description">{entry.content.detail}</Text>}
          </Words>
          {[entry.content.action, entry.content.otherwise].map(
            (action) =>
              action && (
                <QuietButton
                  key={action.label}
                  onPress={() => {
                    action.run();
                    queue.close(entry.key);
                  }}
                >
                  {action.label}
                </QuietButton>
              ),
          )}
          <QuietButton slot="close" aria-label="Close this message">
            ✕
          </QuietButton>
        </Message>
      )}
    </Region>
  );
}

const Region = styled(AriaToastRegion<ToastMessage>)`
  position: fixed;
  /* What is asked stands at the bottom, what is typed on the left. */
  right: 16px;
  top: 62px;
  display: flex;
  flex-direction: column;
  align-items: end;
  gap: 8px;
  z-index: 20;
  outline: none;
`;

const Message = styled(AriaToast<ToastMessage>)`
  display: flex;
  align-items: center;
  gap: 8px;
  max-width: min(480px, 92vw);
  padding: 8px 8px 8px 16px;
  border-radius: 10px;
  background: var(--ink);
  color: var(--paper);
  box-shadow: var(--shadow);
  button {
    color: inherit;
  }
  button[data-hovered] {
    background: color-mix(in srgb, var(--paper) 18%, transparent);
  }
  &[data-tone='bad'] {
    background: var(--sheet);
    color: var(--bad);
    border: 1.5px solid var(--bad);
  }
  /* Two things to do stand below the words. */
  &[data-wide] {
    flex-wrap: wrap;
    justify-content: end;
    > :first-child {
      flex-basis: 100%;
    }
  }
`;

const Words = styled(AriaToastContent)`
  display: flex;
  flex-direction: column;
  padding: 3px 12px 3px 0;
  [slot='title'] {
    font-weight: 600;
  }
  [slot='description'] {
    font-size: 13px;
    opacity: 0.85;
  }
`;
