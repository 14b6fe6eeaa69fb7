/** A moment as people say it: the time today, else the day. Both in ms since the epoch. */
export function whenWords(moment: number, now: number): string {
  const date = new Date(moment);
  const isToday = date.toDateString() === new Date(now).toDateString();
  return isToday
    ? `today, ${date.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}`
    : date.toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
}
