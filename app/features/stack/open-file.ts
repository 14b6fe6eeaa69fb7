import { USUAL_STYLE } from '../../../core/index.ts';
import type { NewText } from '../../../storage/pieces.ts';
import type { StackFile, StackSettings } from '../../../storage/stack.ts';
import type { StackOpened } from '../../../worker/stack-service.ts';

/** The piece that a file of the stack becomes: cleaned in the same style, with the same doubts settled. */
export function pieceOf(
  { name }: StackFile,
  { document, format, style, step }: StackOpened,
  { styles }: StackSettings,
): NewText {
  const { text, layout, encoding, outcome } = document;
  const meant = styles[style];
  return {
    source: text,
    layout,
    origin: { format, name, encoding },
    ...(outcome && { outcome }),
    ...(meant && meant.id !== USUAL_STYLE.id && { begun: { id: meant.id, name: meant.name, style: meant.style } }),
    ...(step && { settled: step }),
  };
}
