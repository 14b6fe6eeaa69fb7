import { styled } from 'styled-components';
import { carryOver, guessDialects, type Carried, type ForeignDialect, type Lost } from '../../core/index.ts';
import { Button } from '../ui/buttons.tsx';
import { toast } from '../ui/toasts.tsx';

interface CarryOverOfferProps {
  readonly text: string;
  readonly insert: string;
  readonly onCarry: (carried: Carried) => void;
}

const DIALECTS: Readonly<Record<ForeignDialect, string>> = {
  pcre: 'PCRE or Perl',
  posix: 'POSIX, extended',
  basic: 'POSIX, basic (sed, grep)',
  re2: 'RE2',
};

const LOST: Readonly<Record<Lost, string>> = {
  possessive: 'Repeats that give nothing back do so here; the expression may be slow on some texts.',
  atomic: 'Groups that give nothing back do so here; the expression may be slow on some texts.',
  recursion: 'Expressions that call themselves are not known here: that part was left out.',
  conditional: 'Conditions on groups are not known here: both sides are tried.',
  'keep-out': '\\K is not known here: what stands before it is replaced as well. Use (?<=…) instead.',
  position: '\\G is not known here and was left out.',
  extended: 'Blanks and comments in the expression count here: take them out.',
  'any-line-end': '\\R is written out as the three usual line ends.',
  'case-change': 'Changing the case of what was found is not known here and was left out.',
};

/** Offers to rewrite an expression that comes from another program; where that may be one of two, the person says which. */
export function CarryOverOffer({ text, insert, onCarry }: CarryOverOfferProps) {
  const from = guessDialects(text);
  if (from.length === 0) return null;
  const carry = (dialect: ForeignDialect) => {
    const carried = carryOver(text, insert, dialect);
    onCarry(carried);
    const detail = carried.lost.map((lost) => LOST[lost]).join(' ');
    toast({ text: 'The expression was rewritten for here', ...(detail !== '' && { detail, tone: 'bad' }) });
  };
  return (
    <Offer role="status">
      <span>This looks like an expression from another program. Rewrite it from</span>
      {from.map((dialect) => (
        <Button key={dialect} onPress={() => carry(dialect)}>
          {DIALECTS[dialect]}
        </Button>
      ))}
    </Offer>
  );
}

const Offer = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  padding: 4px 14px 6px;
  font-size: 13px;
  span {
    color: var(--soft);
  }
  button {
    padding: 2px 10px;
    font-size: 13px;
  }
`;
