import { BUILT_IN_STYLES, proposeStyle, type ProposedBy, type StyleFor } from '../../../../core/index.ts';
import { Button, QuietButton } from '../../../ui/buttons.tsx';
import { Notice } from '../../../ui/notice.tsx';
import { usePiece } from '../state/piece-context.ts';

/** Proposes the style that is meant for such a text, on a piece that nobody has touched yet, and says why. */
export function ProposedStyle() {
  const { decisions, styles, source, origin, ready, mayOffer, decline, setShape } = usePiece();
  const isTouched = decisions.history.steps.length > 0;
  const found =
    !mayOffer('style') || isTouched
      ? undefined
      : proposeStyle([...styles, ...BUILT_IN_STYLES], { source, name: origin?.name, kind: ready.summary.kind });
  if (!found) return null;
  const { style, by } = found;
  return (
    <Notice>
      <span>
        The style <b>{style.name}</b> is for texts like this ({by.map((way) => because(way, style.for!)).join(', ')}).
      </span>
      <Button
        onPress={() => {
          decisions.take({ kind: 'use-style', id: style.id, name: style.name, style: style.style });
          if (style.output) setShape(style.output);
        }}
      >
        Use it
      </Button>
      <QuietButton onPress={() => decline('style')}>No, thanks</QuietButton>
    </Notice>
  );
}

function because(by: ProposedBy, { words, file }: StyleFor): string {
  switch (by) {
    case 'words':
      return `“${words}” near its beginning`;
    case 'file':
      return `its file name fits ${file}`;
    case 'kind':
      return 'by its kind';
  }
}
