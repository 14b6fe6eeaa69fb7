import { Dialog, Heading, Modal } from 'react-aria-components';
import { styled } from 'styled-components';
import { Button } from './buttons.tsx';

interface SheetProps {
  readonly title: string;
  readonly isOpen: boolean;
  readonly onClose: () => void;
  /** In px; the window's width at most. */
  readonly width: number;
  /** What the button at its foot says. */
  readonly close?: string;
  /** What the sheet is for, beside that button. */
  readonly action?: React.ReactNode;
  readonly children: React.ReactNode;
}

/** A sheet over the page, closed by its button, by Escape or by a press beside it. */
export function Sheet({ title, isOpen, onClose, width, close = 'Done', action, children }: SheetProps) {
  return (
    <Frame isDismissable isOpen={isOpen} onOpenChange={(open) => !open && onClose()} style={{ width }}>
      <Dialog>
        <Inside>
          <Heading slot="title">{title}</Heading>
          <Body>{children}</Body>
          <Foot>
            {action}
            <Button onPress={onClose}>{close}</Button>
          </Foot>
        </Inside>
      </Dialog>
    </Frame>
  );
}

const Frame = styled(Modal)`
  position: fixed;
  inset: 0;
  margin: auto;
  max-width: calc(100vw - 24px);
  height: fit-content;
  max-height: 88vh;
  display: flex;
  background: var(--sheet);
  color: var(--ink);
  border: 1px solid var(--line);
  border-radius: 14px;
  box-shadow: 0 0 0 100vmax #10141c66;
  z-index: 10;
  [role='dialog'] {
    display: flex;
    min-height: 0;
    width: 100%;
    outline: none;
  }
`;

const Inside = styled.div`
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
  width: 100%;
  padding: 20px 0 16px;
  > h2 {
    margin: 0 22px;
    font-size: 17px;
  }
`;

const Foot = styled.div`
  flex: none;
  display: flex;
  justify-content: flex-end;
  gap: 10px;
  padding: 0 22px;
`;

/** What does not fit scrolls; the buttons stay in sight. */
const Body = styled.div`
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
  padding: 0 22px 4px;
  overflow: auto;
  a {
    color: var(--ribbon);
  }
  p {
    color: var(--soft);
    font-size: 13px;
  }
`;
