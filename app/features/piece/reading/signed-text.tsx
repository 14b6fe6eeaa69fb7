import { styled } from 'styled-components';
import { HIDDEN_SIGNS, showHidden } from '../../../../core/index.ts';

const NAMES = new Map(HIDDEN_SIGNS.map(({ char, name }) => [char, name]));
const HIDDEN = /([\p{Cc}\p{Cf}\p{Z}\u2011])/u;

/**
 * Text whose hidden characters show as signs. The characters themselves stay: signs are drawn over them, so that what is selected,
 * copied and typed in is the text alone.
 */
export function signedText(text: string): React.ReactNode {
  return text.split(HIDDEN).map((part, at) => (at % 2 === 0 ? part : <Sign key={at} char={part} />));
}

/** The signs of a line end; in front of nothing, since lines are lines already. */
export function LineEndSign({ end }: { readonly end: string }) {
  return <Drawn aria-hidden="true" data-sign={showHidden(end)} title={nameOf(end)} data-inline="" />;
}

function Sign({ char }: { readonly char: string }) {
  const sign = showHidden(char);
  const isChip = sign.length > 1;
  return (
    <Drawn data-sign={isChip ? chipWords(char) : sign} data-chip={isChip || undefined} title={nameOf(char)}>
      {char}
    </Drawn>
  );
}

function chipWords(char: string): string {
  return SHORT[char] ?? char.codePointAt(0)!.toString(16).toUpperCase().padStart(4, '0');
}

/** As the Unicode charts abbreviate them. */
const SHORT: Readonly<Record<string, string>> = {
  '\u202f': 'NNBSP',
  '\u2009': 'THSP',
  '\u00ad': 'SHY',
  '\u200b': 'ZWSP',
  '\u200c': 'ZWNJ',
  '\u200d': 'ZWJ',
  '\u2011': 'NBHY',
  '\ufeff': 'BOM',
};

function nameOf(text: string): string {
  return [...text]
    .map((char) => NAMES.get(char) ?? `U+${char.codePointAt(0)!.toString(16).toUpperCase().padStart(4, '0')}`)
    .join(', ');
}

const Drawn = styled.span`
  position: relative;
  &::before {
    content: attr(data-sign);
    position: absolute;
    left: 50%;
    translate: -50% 0.16em;
    color: var(--ribbon);
    font-size: 0.66em;
    opacity: 0.75;
    pointer-events: none;
  }
  &[data-inline]::before {
    position: static;
    translate: none;
    font-size: 0.85em;
  }
  &[data-chip]::before {
    position: static;
    translate: none;
    margin: 0 1px;
    padding: 0 3px;
    border: 1px solid var(--ribbon);
    border-radius: 4px;
    font-size: 9px;
    vertical-align: 1px;
    opacity: 1;
  }
`;
