/*
 * What the lines of programs look like, in the languages that are written most: told by signs that prose hardly has. A line of prose
 * with a bracket or a path in it is none.
 */

/** What is left of its margin in a program, and hardly ever in prose; each of them is all of a line. */
const SURE = new RegExp(
  [
    // "int on(void) {", "});", "} else {"
    String.raw`.*\{`,
    String.raw`[\])}]+[;,)]*`,
    String.raw`\}.*[{;(]|[^{]*\{ ?.*[;:,].*\}`,
    // "tides.sort();", "x = 4;", "return 0;"
    String.raw`.*(?:\w\(.*\)|[\w)\]] ?=.*);`,
    String.raw`(?:return|break|continue|throw|goto|use|using|package|import)\b[^ ]*(?: [^ ]+)?;`,
    // "print(height(13))", "@app.route('/')"; no reference with a year
    String.raw`@?[\w.$:]*\w[!?]?\((?!\d{4}[a-z]?\)).*\)`,
    // "def height(hour):", "with open('tides.csv') as f:", "else:"
    String.raw`(?:async )?(?:def|class) \w+(?:\(.*\))?(?: -> .+)?:`,
    String.raw`(?:if|elif|while|for|with|match|case|except)\b.*(?:[=<>!]=|[<>]|\w\(.*\)|\w\[.*\]|\bin [\w.]+|\bas \w+):`,
    String.raw`(?:for|while|until|if|elif) .*; ?(?:do|then)`,
    String.raw`(?:def|function|fn|func|sub|proc) [\w.$]+[!?]?\s?(?:<.*>)?\(.*|def \w+[!?]?`,
    // "#include <stdio.h>", "#!/bin/sh", "// a note"
    String.raw`#(?:include|define|ifdef|ifndef|endif|pragma)\b.*`,
    String.raw`(?:#!|//|/\*|\*/|<\?php|\?>|--\[\[).*`,
    String.raw`(?:from [\w.]+ import .+|import .+ from ['"].+['"];?|import (?:"[^"]+"|\()|(?:import|use|require) [\w.:]*[.:]\w+;?)`,
    String.raw`(?:public|private|protected|static|export|extern)\b.*[({;]`,
    // "height :: Int -> Double", "$tide->height"
    String.raw`\w+ :: \S.*|\| .* = .*`,
    String.raw`\$\w+\s?(?:=|->).*`,
    String.raw`(?:SELECT|INSERT INTO|DELETE FROM|CREATE TABLE|ALTER TABLE|RUN|ENTRYPOINT|WORKDIR) .*[a-z*\d].*|CMD \[.*`,
    String.raw`(?:WHERE|AND|OR|ON|SET|HAVING) .*[=<>].*`,
    String.raw`\((?:define|defun|defn|let|lambda|setq|ns)\b.*`,
    String.raw`.*[\w)\]"'] ?(?:=>|&&|\|\||\\)`,
  ]
    .map((form) => `(?:${form})`)
    .join('|')
    .replace(/^/, '^(?:')
    .concat(')$'),
);

/** "rows = load('tides.csv')", "const PLACE = "Wrackby"", "on=17:40": a name, and what it is given. */
const GIVES =
  /^(?:(?:const|let|var|val|my|local|static|final|mut|auto|int|float|double|char|bool|string) )?(?<name>[a-z_$@][\w.$]*(?:\[.*\])?|[A-Z][A-Z\d_]+)(?:: ?[\w<>[\]|]+)? ?(?:[-+*/%|&.?:]?=|<-) ?(?<value>\S.*?);?$/;
/** A number, a text in quotation marks, one word, or something with the signs of a program in it. */
const IS_VALUE =
  /^(?:[-+]?\d[\d.,_:]*\w{0,2}|["'`].*["'`]|[\w.$@*&-]+)$|\w\(|\w\[|[{}\\$]|[\w)] ?(?:[-+*/<>]|[=!<>]=) ?[\w("']/;

/** Words that nothing but single spaces part, as in a sentence. */
const SENTENCE = /(?:^|[^\p{L}\p{N}_.$(])(?:[\p{L}’'-]{1,20}[,;:.]? ){4}[\p{L}’'-]{2,20}(?![\p{L}\p{N}_($])/u;
/** What programs write for people. */
const WRITTEN = /"(?:[^"\\]|\\.)*"|'(?:[^'\\]|\\.)*'|`[^`]*`|(?:\/\/|#|--|;|\/\*|^\*) .*$/g;
const LIST_SIGN = /^(?:[-*•–—] |\d{1,3}[.)] |\(\w{1,3}\) )/;

/** Whether a line is one of a program by itself. */
export function isSurelyCode(text: string): boolean {
  if (text.length > LONGEST) return false;
  if (SURE.test(text)) return !isSentence(text);
  const given = GIVES.exec(text)?.groups;
  return given !== undefined && IS_VALUE.test(given['value']!) && !isSentence(text);
}

const LONGEST = 200;

/** Whether a line is prose or an item of a list, and stands in no program; what a program says to people is not looked at. */
export function isNoCode(text: string): boolean {
  return text.length > LONGEST || LIST_SIGN.test(text) || isSentence(text);
}

function isSentence(text: string): boolean {
  return SENTENCE.test(text.replace(WRITTEN, ''));
}

/** What stands between the lines of a program: notes, names of what it uses, and ends of what it began. */
const BESIDE =
  /^(?:(?:#|--|;|\*) .*|(?:import|package|module|use|using|require|include|namespace) \S.{0,60}|(?:end|else|endif|fi|done|esac|then|do|begin|try|finally|pass|return|break)[:;]?|[\w$]+(?:\.\w+)+|\[\[?[\w.-]+\]?\]|@\w+(?:\.\w+)*|class [A-Z]\w*|\.\.\. \d+ more|(?:SELECT|INSERT INTO|FROM|WHERE|AND|OR|ORDER BY|GROUP BY|HAVING|LIMIT|JOIN|LEFT JOIN|VALUES|SET|UNION|RUN|COPY|CMD|ENV|ADD|ARG|EXPOSE|USER) .*)$/;

/** Whether a line belongs to a program where others beside it do. */
export function isBesideCode(text: string): boolean {
  return BESIDE.test(text);
}

/** "import csv", "package main": what a program begins with, by itself it may be words. */
const BEGINS = /^(?:import|package|module|use|using|namespace) [\w.:*]+;?$/;

/** Whether a line is what a program begins with, where one stands below it. */
export function beginsCode(text: string): boolean {
  return BEGINS.test(text);
}

const OPENS_BY_INDENT =
  /:$|^(?:class|module) [A-Z]\w*(?: < [\w:]+)?$|^def \w+[!?]?(?:\(.*\))?$|\b(?:do|then|where|begin)(?: \|.*\|)?$/;

/** How many brackets a line opens that it does not close, and whether lines that are set in below it are what it holds. */
export function opensOf(text: string): { readonly brackets: number; readonly isHead: boolean } {
  let brackets = 0;
  for (const sign of text.replace(WRITTEN, '')) {
    if (sign === '{' || sign === '(' || sign === '[') brackets++;
    else if (sign === '}' || sign === ')' || sign === ']') brackets--;
  }
  return { brackets, isHead: OPENS_BY_INDENT.test(text) };
}
