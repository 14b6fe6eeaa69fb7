import { createGlobalStyle, css } from 'styled-components';

/** The colours of the product, as custom properties: paper and ink, a blue ribbon, amber for doubt, plum for what goes. */
const light = css`
  --paper: #f4f1ea;
  --sheet: #fffdf8;
  --raw: #ece8de;
  --raw-deep: #e2ddd0;
  --ink: #1d2330;
  --soft: #565d6b;
  --faint: #625b4a;
  --line: #d9d3c5;
  --ribbon: #27608f;
  --ribbon-a: #27608f2b;
  --ribbon-b: #3d7c8a2b;
  --strand: #27608f3d;
  --doubt: #a34f00;
  --doubt-back: #fff0d9;
  --gone: #86386a;
  --gone-back: #86386a1f;
  --go: #174a73;
  --go-ink: #ffffff;
  --lit: #f6dd8e;
  --hover: #e5eaec;
  --chosen: #dde9f2;
  --bad: #9c2a22;
  --shadow: 0 6px 24px #1d233026;
`;

const dark = css`
  --paper: #171b22;
  --sheet: #1d222b;
  --raw: #14181e;
  --raw-deep: #0f1318;
  --ink: #e6e2d8;
  --soft: #a5abb8;
  --faint: #979ca9;
  --line: #343b48;
  --ribbon: #7fb4dd;
  --ribbon-a: #7fb4dd2b;
  --ribbon-b: #72b5b52b;
  --strand: #7fb4dd42;
  --doubt: #f0a95a;
  --doubt-back: #3a2b16;
  --gone: #e2abd0;
  --gone-back: #d694bd26;
  --go: #8fc1e6;
  --go-ink: #10202d;
  --lit: #5f5220;
  --hover: #272e39;
  --chosen: #24384a;
  --bad: #f0968d;
  --shadow: 0 6px 24px #00000080;
`;

export const GlobalStyle = createGlobalStyle`
  :root { color-scheme: light; ${light} }
  @media (prefers-color-scheme: dark) { :root:not([data-theme='light']) { color-scheme: dark; ${dark} } }
  :root[data-theme='dark'] { color-scheme: dark; ${dark} }
  *, *::before, *::after { box-sizing: border-box; }
  html, body { height: 100%; margin: 0; }
  body {
    background: var(--paper);
    color: var(--ink);
    font: 14px/1.4 'Atkinson Hyperlegible Next Variable', 'Signs', system-ui, sans-serif;
    -webkit-font-smoothing: antialiased;
  }
  h1, h2, h3, p { margin: 0; }
  #not-started { padding: 16px 24px; background: var(--doubt-back); }
  /* Boxes and switches that are hidden but for readers stay where their labels are: elsewhere they would make the page scroll. */
  label { position: relative; }
  :focus-visible { outline: 2px solid var(--ribbon); outline-offset: 2px; }
  @media (prefers-reduced-motion: reduce) { * { transition: none !important; animation: none !important; } }
`;

export const faces = {
  reading: "'Literata Variable', 'Signs', Georgia, serif",
  source: "'Commit Mono', 'Signs', ui-monospace, monospace",
};

/** Between words in the reading face: its own space is so narrow that "2025 10:12" looks like one word. */
export const WORD_SPACING = '0.09em';
