/** Where letters are typed or choose something, and Ctrl or Cmd with letters belongs to the field; not switches and sliders. */
export const TYPED_IN = 'input:not([type="checkbox"], [type="radio"], [type="range"]), textarea, select';
