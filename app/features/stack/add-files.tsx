import { FileTrigger } from 'react-aria-components';
import { styled } from 'styled-components';
import { memoryProblem } from '../../../storage/db.ts';
import { Button, PrimaryButton } from '../../ui/buttons.tsx';
import { faces } from '../../ui/theme.ts';

interface AddFilesProps {
  readonly onFiles: (files: readonly File[]) => void;
}

/** The stack before there is anything on it. */
export function AddFiles({ onFiles }: AddFilesProps) {
  return (
    <Sheet>
      <h2>Clean many files at once</h2>
      <p>
        Drop files or a whole folder here: texts, web pages, PDF, Word, OpenDocument, RTF, e-books, captions, scans. You
        see what became of each, settle a question once for all files that ask it, and save all clean texts together.
      </p>
      <p>
        {memoryProblem()
          ? 'The files stay in this page, and are gone when it is closed.'
          : 'The files stay in this browser. The stack goes on where it was when you come back.'}
      </p>
      <Choices>
        <FileChoices onFiles={onFiles} isFirst />
      </Choices>
    </Sheet>
  );
}

/** The two buttons that put files on the stack. */
export function FileChoices({ onFiles, isFirst = false }: AddFilesProps & { readonly isFirst?: boolean }) {
  const First = isFirst ? PrimaryButton : Button;
  const take = (files: FileList | null) => {
    if (files) onFiles([...files]);
  };
  return (
    <>
      <FileTrigger allowsMultiple onSelect={take}>
        <First>Add files</First>
      </FileTrigger>
      <FileTrigger acceptDirectory onSelect={take}>
        <Button>Add a folder</Button>
      </FileTrigger>
    </>
  );
}

const Sheet = styled.section`
  margin: 48px auto;
  width: min(640px, calc(100% - 48px));
  padding: 32px 36px;
  display: grid;
  gap: 12px;
  border: 2px dashed var(--line);
  border-radius: 14px;
  background: var(--sheet);
  h2 {
    font: 600 22px/1.3 ${faces.reading};
  }
  p {
    color: var(--soft);
  }
`;

const Choices = styled.div`
  display: flex;
  gap: 10px;
  margin-top: 8px;
`;
