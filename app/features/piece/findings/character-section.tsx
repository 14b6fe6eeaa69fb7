import { useState } from 'react';
import { styled } from 'styled-components';
import { HIDDEN_SIGNS, showHidden, type CharacterClass, type CharacterFinding } from '../../../../core/index.ts';
import { QuietButton } from '../../../ui/buttons.tsx';
import { faces } from '../../../ui/theme.ts';
import type { FindingsPart } from './findings-part.ts';
import { PassSwitch } from './pass-switch.tsx';
import { Places, Section, Table } from './section.tsx';

const CLASS_WORDS: Readonly<Record<CharacterClass, string>> = {
  space: 'an odd space',
  invisible: 'not to be seen',
  control: 'a control character',
  'line-end': 'a line end',
  broken: 'lost or private',
  form: 'another form of usual letters',
  accent: 'an accent on its own',
  foreign: 'a letter of another script',
  emoji: 'emoji',
  sign: 'a sign',
};
const SHOWN_AT_FIRST = 12;

/** Every hidden or unusual character: what it is, how often, and what becomes of it. */
export function CharacterSection({ piece, findings }: FindingsPart) {
  const [all, setAll] = useState(false);
  const { characters, names } = findings;
  const shown = all ? characters : characters.slice(0, SHOWN_AT_FIRST);
  return (
    <Section
      title="Hidden and unusual characters"
      lead="What cannot be seen, or does not belong to the letters and marks of plain prose. A switch says what becomes of it; what no pass is made for can be looked for and replaced."
    >
      <Table>
        <thead>
          <tr>
            <th>Sign</th>
            <th>Name</th>
            <th>Code point</th>
            <th className="number">Places</th>
            <th>What happens to it</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((found) => (
            <tr key={found.codePoint}>
              <td>
                <Sign>{signOf(found)}</Sign>
              </td>
              <td title={CLASS_WORDS[found.class]}>{nameOf(found, names)}</td>
              <td>
                <code>{hexOf(found.codePoint)}</code>
              </td>
              <td className="number">
                <Places piece={piece} title={nameOf(found, names)} places={found.places} count={found.count} />
              </td>
              <td>
                <Fate>
                  {found.pass !== undefined && <PassSwitch piece={piece} pass={found.pass} />}
                  <small>{fateWords(found)}</small>
                  {found.left > 0 && (
                    <QuietButton
                      onPress={() => {
                        piece.show({ title: nameOf(found, names), places: found.places, at: 0 });
                        piece.openDrawer({ look: showHidden(String.fromCodePoint(found.codePoint)), forTyping: true });
                      }}
                    >
                      Replace…
                    </QuietButton>
                  )}
                </Fate>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      {shown.length < characters.length && (
        <QuietButton onPress={() => setAll(true)}>Show all {characters.length}</QuietButton>
      )}
    </Section>
  );
}

function hexOf(code: number): string {
  return `U+${code.toString(16).toUpperCase().padStart(4, '0')}`;
}

function nameOf({ codePoint, class: kind }: CharacterFinding, names: FindingsPart['findings']['names']): string {
  return names[codePoint] || CLASS_WORDS[kind];
}

/** What can be shown is shown; the rest by its sign, or not at all: its name and code point stand beside it. */
function signOf({ codePoint, class: kind }: CharacterFinding): string {
  const char = String.fromCodePoint(codePoint);
  const sign = HIDDEN_SIGNS.find((hidden) => hidden.char === char)?.sign;
  if (sign !== undefined) return sign.length === 1 ? sign : '';
  if (codePoint < 0x20) return String.fromCodePoint(0x2400 + codePoint);
  if (kind === 'accent') return `\u25cc${char}`;
  return ['space', 'invisible', 'control', 'line-end'].includes(kind) ? '' : char;
}

function fateWords({ left, count }: CharacterFinding): string {
  if (left === 0) return 'none is left';
  return left === count ? 'stays' : `${left.toLocaleString('en')} stay`;
}

const Sign = styled.span`
  display: inline-grid;
  place-items: center;
  min-width: 30px;
  height: 24px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--raw);
  font: 15px ${faces.source};
`;

const Fate = styled.span`
  display: flex;
  align-items: center;
  gap: 10px;
  small {
    color: var(--soft);
    font-size: 12.5px;
  }
  button {
    padding: 1px 7px;
    color: var(--go);
  }
`;
