import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { BUILT_IN_STYLES, type OutputShape } from '../../../core/index.ts';
import type { StyleRecord } from '../../../storage/db.ts';
import { PrimaryButton } from '../../ui/buttons.tsx';
import { home } from '../../ui/focus-home.tsx';
import { HeaderLink, PageHeader, PageTitle } from '../../ui/page-header.tsx';
import { faces } from '../../ui/theme.ts';
import { useClipboardRun } from './use-clipboard-run.ts';

interface RunScreenProps {
  readonly styles: readonly StyleRecord[];
  readonly shape: OutputShape;
  /** The id of a style; undefined where each text takes the one that is meant for it. */
  readonly wanted: string | undefined;
}

/** Cleans the clipboard as it opens, from a shortcut of the installed app, and says what it did or what kept it from it. */
export function RunScreen({ styles, shape, wanted }: RunScreenProps) {
  const style = [...styles, ...BUILT_IN_STYLES].find(({ id }) => id === wanted);
  const { isBusy, told, run } = useClipboardRun(styles, shape);
  const begun = useRef(false);
  useEffect(() => {
    if (begun.current) return;
    begun.current = true;
    void run(style);
  });
  const styleWords = style ? `in the style “${style.name}”` : 'in the style that fits the text';
  return (
    <Page>
      <PageHeader>
        <PageTitle>Clean the clipboard</PageTitle>
        <HeaderLink to="/">Desk</HeaderLink>
      </PageHeader>
      <Sheet {...home} data-tone={told && !told.isGood ? 'bad' : undefined}>
        <div role="status">
          <h2>{told ? told.text : 'Cleaning what is on the clipboard…'}</h2>
          <p>{told ? told.detail : `It is cleaned ${styleWords} and written back.`}</p>
          {wanted !== undefined && !style && (
            <p>The style of this shortcut is no longer there, so the one that fits the text is used.</p>
          )}
        </div>
        <Row>
          <PrimaryButton isDisabled={isBusy} onPress={() => void run(style)}>
            {told?.isGood ? 'Clean the clipboard again' : 'Clean the clipboard'}
          </PrimaryButton>
          {told?.piece !== undefined && <Way to={`/piece/${told.piece}`}>Look at the text</Way>}
          {!told?.isGood && told && <Way to="/">Paste it on the desk</Way>}
        </Row>
      </Sheet>
    </Page>
  );
}

const Page = styled.div`
  min-height: 100%;
  display: flex;
  flex-direction: column;
`;

const Sheet = styled.main`
  margin: 56px auto;
  width: min(620px, calc(100% - 48px));
  display: grid;
  gap: 22px;
  padding: 30px 36px;
  border: 1px solid var(--line);
  border-left: 5px solid var(--ribbon);
  border-radius: 12px;
  background: var(--sheet);
  &[data-tone='bad'] {
    border-left-color: var(--doubt);
  }
  h2 {
    font: 600 21px/1.35 ${faces.reading};
  }
  p {
    margin-top: 8px;
    color: var(--soft);
  }
`;

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
`;

const Way = styled(Link)`
  color: var(--go);
`;
