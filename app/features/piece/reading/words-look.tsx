import { styled } from 'styled-components';
import type { Run } from '../../../../core/index.ts';
import { faces } from '../../../ui/theme.ts';

/** Words as their format has them look. A link leads nowhere here: a press sets the caret. */
export function withLook(look: Run['look'], words: React.ReactNode): React.ReactNode {
  if (!look) return words;
  let drawn = words;
  if (look.isCode) drawn = <Code>{drawn}</Code>;
  if (look.isEmphasis) drawn = <em>{drawn}</em>;
  if (look.isStrong) drawn = <strong>{drawn}</strong>;
  return look.link === undefined ? drawn : <Leading title={look.link}>{drawn}</Leading>;
}

const Code = styled.code`
  font-family: ${faces.source};
  font-size: 0.84em;
  /* Its face is higher than that of the words around it. */
  line-height: 0;
`;

const Leading = styled.span`
  text-decoration: underline dotted 1px var(--soft);
  text-underline-offset: 4px;
`;
