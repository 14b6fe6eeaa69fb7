import type { StyleProblem } from '../../core/index.ts';

/** Why a file is no style that can be read, and what to do. */
export function styleProblemWords(problem: StyleProblem): { readonly text: string; readonly detail: string } {
  switch (problem.kind) {
    case 'no-json':
    case 'other-file':
      return {
        text: 'This file is not a house style',
        detail: 'A house style is a .json file that this program saved; choose another.',
      };
    case 'newer':
      return {
        text: 'A newer version of this program wrote this style',
        detail: 'Reload the page to have the newest version, then open the file again.',
      };
    case 'wrong':
      return {
        text: 'This house style has a mistake in it',
        detail: `At “${problem.place}”: ${problem.message}. Correct it in a text editor, or save the style anew.`,
      };
  }
}
