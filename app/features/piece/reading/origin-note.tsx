import { styled } from 'styled-components';
import { INCOMING_WORDS, readFile } from '../../../incoming/incoming.ts';
import { QuietButton } from '../../../ui/buttons.tsx';
import PickList from '../../../ui/pick-list.tsx';
import { toast } from '../../../ui/toasts.tsx';
import type { Origin } from '../../../../storage/db.ts';
import { usePiece } from '../state/piece-context.ts';
import { encodingOptions } from '../words/encoding-words.ts';

/** How the text is read, and the other ways in which it can be. Each is a step that can be undone. */
export function OriginNote() {
  const { origin, decisions, readAs } = usePiece();
  const { reading } = decisions;
  if (reading?.as === 'columns') {
    return (
      <Place>
        <span>One column under the other.</span>
        <Way onPress={() => readAs(undefined)}>Use the original order</Way>
      </Place>
    );
  }
  if (reading?.as === 'plain') {
    return (
      <Place>
        <span>Read as plain text.</span>
        <Way onPress={() => readAs(undefined)}>Use the formatting</Way>
      </Place>
    );
  }
  if (!origin) return null;
  const { plain } = origin;
  if (plain !== undefined) {
    return (
      <Place>
        <span>Read with its formatting.</span>
        <Way onPress={() => readAs({ as: 'plain', text: plain })}>Use the plain text</Way>
      </Place>
    );
  }
  return <EncodingNote origin={origin} />;
}

/** The encoding that a text file was read in, where it is not the usual one. */
function EncodingNote({ origin }: { readonly origin: Origin }) {
  const { decisions, readAs } = usePiece();
  const { format, encoding, bytes, name = '' } = origin;
  if (format !== 'text' || encoding === undefined || encoding === 'utf-8' || !bytes) return null;
  const choose = async (chosen: string) => {
    if (chosen === encoding) return readAs(undefined);
    const found = await readFile(new File([bytes as BlobPart], name), { encoding: chosen });
    if (found.ok) readAs({ as: 'encoding', encoding: chosen, text: found.text.source });
    else toast({ ...INCOMING_WORDS[found.problem], tone: 'bad' });
  };
  return (
    <Place>
      <PickList
        label="Read as"
        chosen={decisions.reading?.encoding ?? encoding}
        options={encodingOptions(encoding)}
        onChoose={(chosen) => void choose(chosen)}
      />
    </Place>
  );
}

const Place = styled.span`
  margin-left: auto;
  display: flex;
  gap: 8px;
  align-items: baseline;
  color: var(--soft);
`;

const Way = styled(QuietButton)`
  padding: 0 1px;
  border-radius: 3px;
  text-decoration: underline;
  text-underline-offset: 4px;
`;
