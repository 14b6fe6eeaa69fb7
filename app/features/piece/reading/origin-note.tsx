import { styled } from 'styled-components';
import { readFile, checkText } from '../../../incoming/incoming.ts';
import { QuietButton } from '../../../ui/buttons.tsx';
import PickList from '../../../ui/pick-list.tsx';
import { usePiece } from '../state/piece-context.ts';

/** Where the text came from, and the other ways in which it can be read: each gives a piece of its own. */
export function OriginNote() {
  const { origin, title, takeAgain } = usePiece();
  if (!origin) return null;
  const { plain, encoding, bytes, name = '' } = origin;
  if (plain !== undefined) {
    return (
      <Place>
        <span>Read with its formatting.</span>
        <Way onPress={() => takeAgain(Promise.resolve(checkText({ source: plain }, title)))}>Use the plain text</Way>
      </Place>
    );
  }
  if (origin.format !== 'text' || encoding === undefined || encoding === 'utf-8' || !bytes) return null;
  return (
    <Place>
      <PickList
        label="Read as"
        chosen={encoding}
        options={optionsWith(encoding)}
        onChoose={(chosen) => takeAgain(readFile(new File([bytes as BlobPart], name), { encoding: chosen }))}
      />
    </Place>
  );
}

/** Encodings that texts are still found in, as the Encoding Standard names them. */
const ENCODINGS = [
  ['utf-8', 'Unicode (UTF-8)'],
  ['utf-16le', 'Unicode (UTF-16)'],
  ['windows-1252', 'Western'],
  ['windows-1250', 'Central European'],
  ['iso-8859-2', 'Central European (ISO)'],
  ['windows-1251', 'Cyrillic'],
  ['koi8-r', 'Cyrillic (KOI8-R)'],
  ['windows-1253', 'Greek'],
  ['windows-1254', 'Turkish'],
  ['windows-1255', 'Hebrew'],
  ['windows-1256', 'Arabic'],
  ['windows-1257', 'Baltic'],
  ['shift_jis', 'Japanese (Shift JIS)'],
  ['euc-jp', 'Japanese (EUC)'],
  ['gb18030', 'Chinese (GB 18030)'],
  ['big5', 'Chinese (Big5)'],
  ['euc-kr', 'Korean'],
  ['macintosh', 'Mac'],
] as const;

function optionsWith(encoding: string): { readonly value: string; readonly title: string }[] {
  const options = ENCODINGS.map(([value, title]) => ({ value: value as string, title }));
  return options.some(({ value }) => value === encoding) ? options : [{ value: encoding, title: encoding }, ...options];
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
