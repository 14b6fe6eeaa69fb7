import { Button, GridList, GridListItem, useDragAndDrop } from 'react-aria-components';
import { styled } from 'styled-components';
import { isPassOn, passesInOrder, type Step, type Style } from '../../core/index.ts';

export interface PassOrderProps {
  readonly style: Style;
  readonly take: (step: Step) => void;
}

/** The passes that work inside paragraphs, in their order, to be moved by pointer or keys. */
export default function OrderList({ style, take }: PassOrderProps) {
  const passes = passesInOrder(style);
  const { dragAndDropHooks } = useDragAndDrop({
    getItems: (keys) => [...keys].map((key) => ({ 'text/plain': String(key) })),
    onReorder: ({ keys, target }) => {
      const moved = String([...keys][0]);
      const at = passes.findIndex(({ id }) => id === target.key);
      const before = passes[target.dropPosition === 'before' ? at : at + 1]?.id;
      if (moved !== before) take({ kind: 'move-pass', pass: moved, before });
    },
  });
  return (
    <List
      aria-label="Passes in working order"
      items={passes}
      dependencies={[style]}
      dragAndDropHooks={dragAndDropHooks}
    >
      {(pass) => (
        <Entry id={pass.id} textValue={pass.title} data-off={!isPassOn(style, pass.id) || undefined}>
          <Handle slot="drag" aria-label={`Move “${pass.title}”`}>
            ⠿
          </Handle>
          <span>{pass.title}</span>
          {!isPassOn(style, pass.id) && <small>off</small>}
        </Entry>
      )}
    </List>
  );
}

const List = styled(GridList)`
  overflow: auto;
  border: 1px solid var(--line);
  border-radius: 8px;
  padding: 4px;
  .react-aria-DropIndicator[data-drop-target] {
    outline: 1.5px solid var(--ribbon);
  }
` as typeof GridList;

const Entry = styled(GridListItem)`
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 3px 8px;
  border-radius: 5px;
  font-size: 13.5px;
  outline: none;
  &[data-off] {
    color: var(--soft);
  }
  &[data-focus-visible] {
    box-shadow: inset 0 0 0 2px var(--ribbon);
  }
  &[data-dragging] {
    opacity: 0.5;
  }
  small {
    margin-left: auto;
    color: var(--soft);
  }
`;

const Handle = styled(Button)`
  border: 0;
  background: none;
  color: var(--soft);
  cursor: grab;
  padding: 2px 4px;
  &[data-focus-visible] {
    outline: 2px solid var(--ribbon);
  }
`;
