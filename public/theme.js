// Before anything is drawn: the colours the person chose, if they chose.
try {
  const chosen = localStorage.getItem('theme');
  if (chosen === 'light' || chosen === 'dark') document.documentElement.dataset.theme = chosen;
} catch {
  // No storage: the system's colours.
}
