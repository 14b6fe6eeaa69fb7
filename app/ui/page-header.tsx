import { Link } from 'react-router';
import { styled } from 'styled-components';
import { Brand } from './brand.tsx';
import { ThemeSwitch } from './theme-switch.tsx';

/** The head of a page: our name, what the page says of itself, and the switch of colours. */
export function PageHeader({ children }: { readonly children: React.ReactNode }) {
  return (
    <Header>
      <Brand />
      {children}
      <ThemeSwitch />
    </Header>
  );
}

const Header = styled.header`
  display: flex;
  align-items: center;
  gap: 18px;
  padding: 0 24px;
  min-height: 56px;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
`;

/** What the page is, in the head. */
export const PageTitle = styled.h1`
  margin-right: auto;
  font-size: 16px;
  font-weight: 600;
`;

/** A way to another page, in the head. */
export const HeaderLink = styled(Link)`
  color: var(--ink);
  text-decoration: none;
  padding: 5px 8px;
  border-radius: 8px;
  &:hover {
    background: var(--hover);
  }
`;
