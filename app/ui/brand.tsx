import { memo } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';

/** The product's mark and name, a link to the desk. */
export const Brand = memo(function Brand() {
  return (
    <Home to="/" aria-label="Lucid Ribbon: to the desk">
      <svg width="26" height="20" viewBox="0 0 26 20" aria-hidden="true" fill="none">
        <path d="M1 4c9 0 9 12 24 12" stroke="var(--ribbon)" strokeWidth="3" />
        <path d="M1 10c9 0 9 6 24 6" stroke="#3d7c8a" strokeWidth="3" opacity=".7" />
        <path d="M1 16h24" stroke="var(--go)" strokeWidth="3" />
      </svg>
      <span>Lucid Ribbon</span>
    </Home>
  );
});

const Home = styled(Link)`
  display: flex;
  align-items: center;
  gap: 9px;
  font:
    600 16px 'Literata Variable',
    Georgia,
    serif;
  color: var(--go);
  text-decoration: none;
  white-space: nowrap;
`;
