/**
 * What captions hold beside words, as the source of an expression that goes without regard to case: tags of WebVTT and of styled
 * captions, times within a line, overrides of a script of captions. Whatever else stands in "<" and ">" is said.
 */
export const CAPTION_TAG = String.raw`<(?:\d{1,2}:)?\d{2}:\d{2}[.,]\d{3}>|</?(?:c|v|i|b|u|s|p|br|span|font|ruby|rt|lang|text)(?:[.\s][^<>\n]{0,60})?/?>|\{\\[^{}\n]{1,40}\}|\{[cfhopsyCFHPSY]:[^{}\n ]{1,40}\}`;
