import type { Style } from '../../../core/index.ts';
import { ASKS, asksOf } from '../../style-parts/style-words.ts';
import { QuietButton } from '../../ui/buttons.tsx';
import { Segments } from '../../ui/segments.tsx';
import { Card } from './card.tsx';

const APART = [
  { value: 'blank', title: 'a blank line' },
  { value: 'line', title: 'a line end' },
] as const;

interface TextPartsProps {
  readonly style: Style;
  readonly onChange: (style: Style) => void;
}

/** How much is asked, what stands between paragraphs, and what marks them. */
export function TextParts({ style, onChange }: TextPartsProps) {
  const { mark, ...rest } = style;
  return (
    <Card title="Questions and paragraphs">
      <Segments
        label="How much to ask"
        chosen={asksOf(style.certaintyLimit)}
        options={ASKS}
        onChoose={(value) => onChange({ ...style, certaintyLimit: ASKS.find((one) => one.value === value)!.limit })}
      />
      <Segments
        label="Between paragraphs"
        chosen={style.apart}
        options={APART}
        onChoose={(apart) => onChange({ ...style, apart })}
      />
      {mark ? (
        <p>
          {mark.by === 'nothing'
            ? 'Nothing marks paragraphs in such texts.'
            : 'What marks paragraphs was shown by example.'}{' '}
          <QuietButton onPress={() => onChange(rest)}>Find it out for each text</QuietButton>
        </p>
      ) : (
        <p>
          What marks paragraphs is found out for each text. Keep a style from a piece where you said it to have it set.
        </p>
      )}
    </Card>
  );
}
