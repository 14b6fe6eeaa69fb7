import { useState } from 'react';
import { Disclosure, DisclosurePanel, Button as AriaButton, Heading } from 'react-aria-components';
import { styled } from 'styled-components';
import { DIALECTS, expressionsOf, type Dialect, type LineShape } from '../../../../core/index.ts';
import { QuietButton } from '../../../ui/buttons.tsx';
import { Segments } from '../../../ui/segments.tsx';
import { faces } from '../../../ui/theme.ts';
import { copyText } from '../state/copying.ts';
import { DIALECT_WORDS } from './shape-words.ts';

const OPTIONS = DIALECTS.map((value) => ({ value, title: DIALECT_WORDS[value] }));

/** The expression behind a shape, to be used elsewhere, with its replacement. */
export function ExpressionBox({ shape }: { readonly shape: LineShape }) {
  const [dialect, setDialect] = useState<Dialect>('ecmascript');
  const taken = expressionsOf(shape, dialect);
  return (
    <Fold>
      <Heading level={2}>
        <AriaButton slot="trigger">As an expression, for other programs</AriaButton>
      </Heading>
      <DisclosurePanel>
        <Segments label="Dialect" chosen={dialect} options={OPTIONS} onChoose={setDialect} />
        {shape.within !== undefined && <p>It fits one entry: part the line at its entries first.</p>}
        {!taken && <p>It has more groups than {DIALECT_WORDS[dialect]} can name in a replacement.</p>}
        {taken && taken.length > 1 && <p>The first that fits a line holds.</p>}
        {taken?.map(({ expression, replacement }) => (
          <Pair key={expression}>
            <code tabIndex={0}>{expression}</code>
            <QuietButton onPress={() => copyText('Expression copied', expression)}>Copy</QuietButton>
            <code tabIndex={0}>{replacement.replace(/\t/g, '\\t')}</code>
            <QuietButton onPress={() => copyText('Replacement copied', replacement)}>Copy</QuietButton>
          </Pair>
        ))}
      </DisclosurePanel>
    </Fold>
  );
}

const Fold = styled(Disclosure)`
  flex: none;
  max-height: 46%;
  overflow: auto;
  scrollbar-width: thin;
  border-top: 1px solid var(--line);
  padding: 4px 20px;
  h2 {
    font-size: 13px;
  }
  h2 button {
    width: 100%;
    padding: 6px 0;
    text-align: left;
    font: inherit;
    font-weight: 600;
    color: var(--soft);
    background: none;
    border: 0;
    cursor: pointer;
  }
  h2 button::before {
    content: '▸ ';
  }
  &[data-expanded] h2 button::before {
    content: '▾ ';
  }
  [role='radiogroup'] {
    justify-content: flex-start;
    margin-bottom: 6px;
  }
  p {
    color: var(--soft);
    font-size: 13px;
  }
`;

const Pair = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 4px 8px;
  align-items: start;
  margin: 6px 0;
  code {
    padding: 6px 10px;
    border-radius: 8px;
    background: var(--raw);
    font: 12.5px/1.5 ${faces.source};
    white-space: pre-wrap;
    overflow-wrap: anywhere;
    max-height: 110px;
    overflow: auto;
  }
`;
