import { useSyncExternalStore } from 'react';
import { QuietButton } from './buttons.tsx';

type Theme = 'light' | 'dark';

/** Switches between light and dark; the choice is kept in this browser. */
export function ThemeSwitch() {
  const theme = useSyncExternalStore(watchTheme, currentTheme, () => 'light' as const);
  const other = theme === 'light' ? 'dark' : 'light';
  return (
    <QuietButton aria-label={`Use ${other} colours`} onPress={() => chooseTheme(other)}>
      <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
        <circle cx="8" cy="8" r="6.4" fill="none" stroke="currentColor" strokeWidth="1.4" />
        <path d="M8 1.6a6.4 6.4 0 0 1 0 12.8Z" fill="currentColor" />
      </svg>
    </QuietButton>
  );
}

function watchTheme(onChange: () => void): () => void {
  const system = matchMedia('(prefers-color-scheme: dark)');
  system.addEventListener('change', onChange);
  const observer = new MutationObserver(onChange);
  observer.observe(document.documentElement, { attributeFilter: ['data-theme'] });
  return () => {
    system.removeEventListener('change', onChange);
    observer.disconnect();
  };
}

function currentTheme(): Theme {
  const chosen = document.documentElement.dataset['theme'];
  if (chosen === 'light' || chosen === 'dark') return chosen;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

function chooseTheme(theme: Theme): void {
  document.documentElement.dataset['theme'] = theme;
  try {
    localStorage.setItem('theme', theme);
  } catch {
    // Without storage the choice lasts as long as the page.
  }
}
