import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { readHidden, showHidden, type Query } from '../../../../core/index.ts';
import { CarryOverOffer } from '../../../style-parts/carry-over-offer.tsx';
import { QuietButton } from '../../../ui/buttons.tsx';
import type { Drawer, PieceView } from '../state/piece-context.ts';
import { FindField } from './find-field.tsx';
import { Chip } from './ledger-controls.tsx';

/** The field is there at once, for whoever types on; the lists come when the drawer is opened. */
const EditList = lazy(() => import('./edit-list.tsx'));
const HitList = lazy(() => import('./hit-list.tsx'));

interface LedgerDrawerProps {
  readonly piece: PieceView;
  readonly drawer: Drawer;
}

type Option = 'matchCase' | 'wholeWords' | 'expression';

const OPTIONS: readonly { readonly id: Option; readonly title: string }[] = [
  { id: 'matchCase', title: 'Match case' },
  { id: 'wholeWords', title: 'Whole words' },
  { id: 'expression', title: 'Expression' },
];

/** The drawer below the text: every edit in its surroundings, or, once something is looked for, its hits. */
export function LedgerDrawer({ piece, drawer }: LedgerDrawerProps) {
  const [look, setLook] = useState(drawer.look ?? '');
  const [options, setOptions] = useState<readonly Option[]>([]);
  const [insert, setInsert] = useState('');
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (drawer.look !== undefined) setLook(drawer.look);
    if (drawer.pass !== undefined) setLook('');
    if (drawer.forTyping) field.current?.select();
  }, [drawer]);
  useFocusBack();
  const query = useMemo<Query>(
    () => ({
      text: readHidden(look),
      expression: options.includes('expression'),
      matchCase: options.includes('matchCase'),
      wholeWords: options.includes('wholeWords'),
    }),
    [look, options],
  );
  const toggle = (option: Option) =>
    setOptions((now) => (now.includes(option) ? now.filter((on) => on !== option) : [...now, option]));
  return (
    <Sheet
      aria-label="Ledger"
      onKeyDown={(event) => {
        if (event.key === 'Escape') piece.openDrawer(undefined);
      }}
    >
      <Top>
        <FindField
          label="Find"
          placeholder="words, spaces, line ends … empty: all edits"
          shown={look}
          onChange={setLook}
          inputRef={field}
        />
        {OPTIONS.map(({ id, title }) => (
          <Chip key={id} isSelected={options.includes(id)} onChange={() => toggle(id)}>
            {title}
          </Chip>
        ))}
        <QuietButton aria-label="Close the ledger" onPress={() => piece.openDrawer(undefined)}>
          ✕
        </QuietButton>
      </Top>
      {(query.expression || /^s[/#|,!]/.test(query.text)) && (
        <CarryOverOffer
          text={query.text}
          insert=""
          onCarry={({ text, insert, matchCase }) => {
            setLook(showHidden(text));
            setInsert(insert);
            setOptions(matchCase === false ? ['expression'] : ['expression', 'matchCase']);
          }}
        />
      )}
      <Suspense>
        {query.text === '' ? (
          <EditList piece={piece} drawer={drawer} />
        ) : (
          <HitList key={insert} piece={piece} query={query} insert={insert} />
        )}
      </Suspense>
    </Sheet>
  );
}

/** Once the drawer closes the keys work again where they did before it opened. */
function useFocusBack(): void {
  useEffect(() => {
    const before = document.activeElement;
    return () => {
      if (before instanceof HTMLElement && before.isConnected) before.focus();
    };
  }, []);
}

const Sheet = styled.section`
  height: 44%;
  min-height: 240px;
  display: flex;
  flex-direction: column;
  border-top: 1px solid var(--line);
  background: var(--sheet);
  box-shadow: 0 -6px 18px #1d233014;
  z-index: 1;
`;

const Top = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 8px 10px 6px 14px;
`;
