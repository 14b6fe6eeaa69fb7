import { lazy, Suspense, useState } from 'react';
import { styled } from 'styled-components';
import { differencesOf, styleInForce } from '../../../../core/index.ts';
import type { StyleRecord } from '../../../../storage/db.ts';
import { Button } from '../../../ui/buttons.tsx';
import type { PieceView } from '../state/piece-context.ts';

const StyleSheet = lazy(() => import('./style-sheet.tsx'));

/** Says which style is in force on the piece and whether anything was changed since; opens what can be done about it. */
export function StyleButton({
  piece,
}: {
  readonly piece: Pick<PieceView, 'decisions' | 'styles' | 'keepStyle' | 'shape' | 'setShape'>;
}) {
  const [isOpen, setOpen] = useState(false);
  const { decisions } = piece;
  const now = styleInForce(decisions.history);
  const changes = differencesOf(decisions.style, now.style).length;
  return (
    <>
      <Which onPress={() => setOpen(true)}>
        <small>Style</small>
        <b>{nameOf(now, piece.styles)}</b>
        {changes > 0 && (
          <span>
            {changes} {changes === 1 ? 'change' : 'changes'}
          </span>
        )}
      </Which>
      {isOpen && (
        <Suspense>
          <StyleSheet piece={piece} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}

/** A style may have got another name since the piece was given it. */
function nameOf({ id, name }: { readonly id: string; readonly name: string }, styles: readonly StyleRecord[]): string {
  return styles.find((style) => style.id === id)?.name ?? name;
}

const Which = styled(Button)`
  display: flex;
  align-items: baseline;
  gap: 8px;
  width: calc(100% - 24px);
  margin: 0 12px 10px;
  padding: 7px 12px;
  text-align: left;
  small {
    font-size: 12.5px;
    color: var(--soft);
  }
  b {
    flex: 1;
    min-width: 0;
    font-weight: 600;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  span {
    font-size: 12.5px;
    color: var(--ribbon);
  }
`;
