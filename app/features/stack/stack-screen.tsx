import { useDeferredValue, useState } from 'react';
import { styled } from 'styled-components';
import type { StyleRecord } from '../../../storage/db.ts';
import type { StorageProblem } from '../../../storage/errors.ts';
import { StorageProblemNote } from '../../storage-problem-note.tsx';
import { home } from '../../ui/focus-home.tsx';
import { HeaderLink, PageHeader, PageTitle } from '../../ui/page-header.tsx';
import { chosenFiles, droppedFiles, type NamedFile } from './dropped-files.ts';
import { AddFiles } from './add-files.tsx';
import { StackBody } from './stack-body.tsx';
import { tellProblem } from './tell-problem.ts';
import { useStack } from './use-stack.ts';

interface StackScreenProps {
  readonly styles: readonly StyleRecord[];
  readonly problem: StorageProblem | undefined;
}

/** Many files cleaned together: what became of each, what is asked in several, and all of them out again. */
export function StackScreen({ styles, problem }: StackScreenProps) {
  const stack = useStack(styles);
  const [isDropping, setDropping] = useState(false);
  const isHere = stack !== undefined && stack !== 'elsewhere';
  const isUsed = isHere && (stack.state.files.length > 0 || stack.state.taking !== undefined);
  // The first drawing of the list and the chart is long: it is made in parts.
  const isListed = useDeferredValue(isUsed);
  const take = (files: Promise<NamedFile[]> | NamedFile[]) => {
    if (!isHere) return;
    const add = async () => {
      const found = await files;
      // The browser is long at handing over a thousand files: what the page makes of them is a task of its own.
      await new Promise((done) => setTimeout(done));
      await stack.run.add(found);
    };
    add().catch(tellProblem);
  };
  return (
    <Page
      data-dropping={isDropping || undefined}
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes('Files')) return;
        event.preventDefault();
        setDropping(true);
      }}
      onDragLeave={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget as Node | null)) setDropping(false);
      }}
      onDrop={(event) => {
        event.preventDefault();
        setDropping(false);
        take(droppedFiles(event.dataTransfer.items));
      }}
    >
      <PageHeader>
        <PageTitle>Stack</PageTitle>
        <HeaderLink to="/styles">House styles</HeaderLink>
        <HeaderLink to="/">Desk</HeaderLink>
      </PageHeader>
      <StorageProblemNote problem={problem} />
      <Main {...home}>
        {stack === 'elsewhere' && (
          <Words role="status">
            The stack is open in another tab, which is at work on it. Close that tab, and it goes on here.
          </Words>
        )}
        {isHere && !(isUsed && isListed) && <AddFiles onFiles={(files) => take(chosenFiles(files))} />}
        {isHere && isUsed && isListed && (
          <StackBody stack={stack} styles={styles} onFiles={(files) => take(chosenFiles(files))} />
        )}
      </Main>
    </Page>
  );
}

const Page = styled.div`
  height: 100%;
  display: flex;
  flex-direction: column;
  &[data-dropping] {
    box-shadow: inset 0 0 0 4px var(--ribbon);
  }
`;

const Main = styled.main`
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
`;

const Words = styled.p`
  padding: 32px;
  color: var(--soft);
`;
