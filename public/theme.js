// Before anything is drawn: the colours the person chose, if they chose.
try {
  const chosen = localStorage.getItem('theme');
  if (chosen === 'light' || chosen === 'dark') document.documentElement.dataset.theme = chosen;
} catch {
  // No storage: the system's colours.
}
// Where the program does not start, the page says so instead of staying empty.
setTimeout(() => {
  const note = document.getElementById('not-started');
  if (note && !('started' in document.documentElement.dataset)) note.hidden = false;
}, 15_000);
