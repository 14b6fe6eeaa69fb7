import { styled } from 'styled-components';

/** A line above the text that offers something: words first, then what can be done. */
export function Notice({ children }: { readonly children: React.ReactNode }) {
  return <Line role="status">{children}</Line>;
}

const Line = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  padding: 6px 14px;
  background: var(--chosen);
  border-bottom: 1px solid var(--line);
  > span {
    margin-right: auto;
  }
  > button {
    padding-block: 3px;
  }
`;
