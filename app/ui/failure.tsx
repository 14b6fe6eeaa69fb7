import { Link } from 'react-router';
import { home } from './focus-home.tsx';
import { styled } from 'styled-components';

/** A whole page that says what went wrong, and what to do. */
export function Failure({
  title,
  advice,
  detail,
}: {
  readonly title: string;
  readonly advice: string;
  readonly detail?: string;
}) {
  return (
    <Page {...home}>
      <h1>{title}</h1>
      <p>{advice}</p>
      {detail && <Detail>{detail}</Detail>}
      <Link to="/">Go to the desk</Link>
    </Page>
  );
}

const Page = styled.main`
  max-width: 34rem;
  margin: 16vh auto 0;
  padding: 0 24px;
  display: grid;
  gap: 14px;
  h1 {
    font:
      600 26px/1.2 'Literata Variable',
      Georgia,
      serif;
  }
  a {
    color: var(--go);
  }
`;

const Detail = styled.p`
  color: var(--soft);
  font:
    12.5px/1.5 'Commit Mono',
    monospace;
  overflow-wrap: anywhere;
`;
