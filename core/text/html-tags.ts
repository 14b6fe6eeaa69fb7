const NAMES =
  'html|head|title|body|p|br|hr|b|i|u|s|em|strong|small|sub|sup|span|div|font|center|a|img|h[1-6]|ul|ol|li|dl|dt|dd|table|tbody|thead|tr|td|th|blockquote|cite|q|code|pre|section|article|header|footer|o:p';
/** An attribute has a value; "p <q and q> r" has none. */
const ATTRIBUTE = String.raw`\s+[a-z][a-z:-]{0,30}\s?=\s?(?:"[^"<>]{0,300}"|'[^'<>]{0,300}'|[^\s"'<>=]{1,300})`;

/** A tag of HTML, as the source of an expression that goes without regard to case. What else stands in "<" and ">" are words. */
export const HTML_TAG = String.raw`(?:</?(?:${NAMES})(?:${ATTRIBUTE}){0,12}\s?/?>|<!doctype html[^<>]{0,200}>)`;
