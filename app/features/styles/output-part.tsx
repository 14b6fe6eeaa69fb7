import { USUAL_SHAPE, type OutputShape } from '../../../core/index.ts';
import { OutputForm } from '../../style-parts/output-form.tsx';
import { Segments } from '../../ui/segments.tsx';
import { Card } from './card.tsx';

const WAYS = [
  { value: 'last', title: 'as it was last' },
  { value: 'own', title: 'as this style says' },
] as const;

interface OutputPartProps {
  readonly output: OutputShape | undefined;
  readonly onChange: (output: OutputShape | undefined) => void;
}

/** How clean texts in this style go out. */
export function OutputPart({ output, onChange }: OutputPartProps) {
  return (
    <Card title="Output">
      <Segments
        label="Texts go out"
        chosen={output ? 'own' : 'last'}
        options={WAYS}
        onChoose={(way) => onChange(way === 'own' ? (output ?? USUAL_SHAPE) : undefined)}
      />
      {output && (
        <OutputForm shape={output} usual={USUAL_SHAPE} onChange={onChange}>
          Pieces that are given this style go out so.
        </OutputForm>
      )}
    </Card>
  );
}
