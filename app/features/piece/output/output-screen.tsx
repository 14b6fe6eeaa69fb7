import { useState } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { OUTPUTS, USUAL_SHAPE, type OutputId, type Written } from '../../../../core/index.ts';
import { Button, PrimaryButton } from '../../../ui/buttons.tsx';
import { download } from '../../../ui/download.ts';
import { home } from '../../../ui/focus-home.tsx';
import { Segments } from '../../../ui/segments.tsx';
import { faces, WORD_SPACING } from '../../../ui/theme.ts';
import { toast } from '../../../ui/toasts.tsx';
import { Key } from '../keys/key.tsx';
import { usePiece } from '../state/piece-context.ts';
import { copyText } from '../state/copying.ts';
import { OutputForm } from '../../../style-parts/output-form.tsx';
import { useOutput } from './use-output.ts';

const PREVIEWS = OUTPUTS.filter(({ id }) => id === 'text' || id === 'markdown' || id === 'html').map(
  ({ id, title }) => ({ value: id, title }),
);

/** The clean text as it goes out: its shape, what it then is sign for sign, and the ways out. */
export function OutputScreen() {
  const { id, ready, title, shape, setShape, copy } = usePiece();
  const [format, setFormat] = useState<OutputId>('text');
  const shown = useOutput(ready, format, shape, title);
  const navigate = useNavigate();
  const saveAs = (as: OutputId) => {
    const { ending, type } = OUTPUTS.find((one) => one.id === as)!;
    return hand(`${fileName(title)}.${ending}`, type, ready.client.output(as, shape, title));
  };
  const saveRecord = () => hand(`${fileName(title)}, changes.json`, 'application/json', ready.client.record(title));
  const hand = async (name: string, type: string, written: Promise<Written>) => {
    try {
      download(await written, name, type);
      toast({ text: `${name} was handed to the browser`, detail: 'It is where your downloads are kept.' });
    } catch {
      toast({
        text: `${name} could not be written`,
        detail: 'Try another format, or copy the text.',
        tone: 'bad',
      });
    }
  };
  const words = ready.summary.tally.wordsOut;
  return (
    <Screen {...home}>
      <OutputForm shape={shape} usual={USUAL_SHAPE} onChange={setShape}>
        These settings are remembered for every piece.
      </OutputForm>
      <Middle>
        <Segments label="Preview" chosen={format} options={PREVIEWS} onChoose={(value) => setFormat(value)} />
        <Sheet
          tabIndex={0}
          role="region"
          aria-label="The clean text as it goes out"
          data-format={format}
          aria-busy={!shown}
        >
          {shown?.parts.map((part, at) => (
            <pre key={at}>{part}</pre>
          ))}
          {ready.summary.blocks === 0 && <p>There is no text left to put out.</p>}
        </Sheet>
      </Middle>
      <Ways>
        <h2>Copy</h2>
        <PrimaryButton data-primary="" onPress={copy}>
          Copy, plain and formatted <Key of="copy" />
        </PrimaryButton>
        <Button onPress={() => copyText('Markdown copied', ready.client.output('markdown', shape, title))}>
          Copy as Markdown
        </Button>
        <Button onPress={() => copyText('HTML copied', ready.client.output('html', shape, title))}>Copy as HTML</Button>
        <h2>Save as a file</h2>
        <Files>
          {OUTPUTS.map(({ id: as, ending, title: name }) => (
            <Button key={as} aria-label={`Save as ${name} (.${ending})`} onPress={() => void saveAs(as)}>
              .{ending}
            </Button>
          ))}
        </Files>
        <h2>The whole record</h2>
        <Button onPress={() => void saveRecord()}>Save the changes (.json)</Button>
        <h2>On paper</h2>
        <Button onPress={() => void navigate(`/piece/${id}/read`)}>Read and print</Button>
        <Note role="status">
          {shown &&
            `The preview is what is copied and saved, sign for sign: ${words.toLocaleString('en')} ${words === 1 ? 'word' : 'words'}, ${shown.lines.toLocaleString('en')} ${shown.lines === 1 ? 'line' : 'lines'}, ${shown.length.toLocaleString('en')} characters.`}
        </Note>
      </Ways>
    </Screen>
  );
}

const LONGEST_NAME = 80;

/** A title as a file's name, without the signs that some systems do not have in names. */
function fileName(title: string): string {
  const name = title
    // eslint-disable-next-line no-control-regex
    .replace(/[\\/:*?"<>|\u0000-\u001f…]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, LONGEST_NAME)
    .replace(/[. ]+$/, '');
  return name === '' ? 'clean text' : name;
}

const Screen = styled.main`
  display: grid;
  grid-template-columns: 310px minmax(0, 1fr) 272px;
  min-height: 0;
  background: var(--paper);
  @media (max-width: 1000px) {
    grid-template-columns: 290px minmax(0, 1fr);
    grid-template-rows: minmax(0, 1fr) auto;
  }
`;

const Middle = styled.section`
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  gap: 10px;
  min-height: 0;
  padding: 14px 20px 20px;
  [role='radiogroup'] {
    justify-content: flex-start;
  }
  @media (max-width: 1000px) {
    grid-column: 2;
  }
`;

const Sheet = styled.div`
  overflow: auto;
  padding: 22px 28px 40px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--sheet);
  scrollbar-width: thin;
  pre {
    margin: 0;
    font: 16.5px/1.55 ${faces.reading};
    word-spacing: ${WORD_SPACING};
    white-space: pre-wrap;
    overflow-wrap: break-word;
    content-visibility: auto;
    contain-intrinsic-size: auto 5000px;
  }
  &[data-format='markdown'] pre,
  &[data-format='html'] pre {
    font: 14px/1.55 ${faces.source};
    word-spacing: normal;
  }
`;

const Ways = styled.aside`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  align-content: start;
  padding: 16px 18px;
  overflow: auto;
  border-left: 1px solid var(--line);
  h2 {
    margin-top: 10px;
    font-size: 13px;
    font-weight: 600;
    color: var(--soft);
  }
  h2:first-child {
    margin-top: 0;
  }
  @media (max-width: 1000px) {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    border-left: 0;
    border-top: 1px solid var(--line);
    h2 {
      display: none;
    }
  }
`;

const Files = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  @media (max-width: 1000px) {
    flex-wrap: nowrap;
  }
`;

const Note = styled.p`
  margin-top: 8px;
  color: var(--soft);
  font-size: 13px;
`;
