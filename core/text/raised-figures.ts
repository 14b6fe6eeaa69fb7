const RAISED = '⁰¹²³⁴⁵⁶⁷⁸⁹';

/** Figures as the raised figures that Unicode has; other characters as they are. */
export function raisedFigures(text: string): string {
  return text.replace(/\d/g, (figure) => RAISED[Number(figure)]!);
}

/** Raised figures as plain ones; other characters as they are. */
export function plainFigures(text: string): string {
  return text.replace(/[⁰¹²³⁴-⁹]/g, (figure) => String(RAISED.indexOf(figure)));
}
