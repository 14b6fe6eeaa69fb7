import { css, styled } from 'styled-components';
import { fieldStyle } from '../../ui/field-style.ts';

/** A part of a style, under its title. */
export function Card({
  title,
  about,
  children,
}: {
  readonly title: string;
  readonly about?: string;
  readonly children: React.ReactNode;
}) {
  return (
    <Sheet aria-label={title}>
      <h2>{title}</h2>
      {about && <p>{about}</p>}
      {children}
    </Sheet>
  );
}

const Sheet = styled.section`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  justify-items: start;
  padding: 14px 18px 16px;
  border: 1px solid var(--line);
  border-radius: 10px;
  background: var(--sheet);
  > * {
    width: 100%;
  }
  > button {
    width: auto;
  }
  h2 {
    font-size: 14px;
  }
  p {
    font-size: 13px;
    color: var(--soft);
  }
`;

/** A field for a line of text with its label before it. */
export const field = css`
  display: grid;
  grid-template-columns: 170px minmax(0, 1fr);
  gap: 4px 12px;
  align-items: center;
  input,
  textarea {
    ${fieldStyle}
  }
  textarea {
    resize: vertical;
    min-height: 34px;
  }
  small {
    grid-column: 2;
    color: var(--soft);
    font-size: 12.5px;
  }
`;
