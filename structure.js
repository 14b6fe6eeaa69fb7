/**
 * Where things are: each folder may import from those above it, none from those below. Run as a program it prints the order;
 * .dependency-cruiser.js holds the code to it, tests and types included.
 */
export const CORE = [
  ['text', 'characters, words, lines, languages: what any text is made of'],
  ['layout', 'what a format told of lines and ranges, beside the words'],
  ['testing', 'generators of texts for tests: marked prose, typesetting, distorters'],
  ['shapes', 'line shapes: groups of lines alike, what is kept of them by example, expressions by dialect'],
  ['columns', 'columns of prose side by side in plain text'],
  ['lines', 'lines with their features and kinds; captions, pages, web pages, laid-out lines'],
  ['seams', 'what the evidence says of each line end'],
  ['blocks', 'what a run of lines is: paragraph, heading, list item …'],
  ['edits', 'edits, pieces that tile the source, positions, conservation of words'],
  ['passes', 'the cleaning passes, one file each, and their one list'],
  ['rules', 'own rules of a person: query and replacement'],
  ['choices', 'what a person decided, as data'],
  ['style', 'house style: passes, settings, order, own rules'],
  ['history', 'steps, undo, redo'],
  ['decided', 'lines and seams as they stand once a person decided'],
  ['cleaning', 'a whole cleaning: clean, revise, the clean text'],
  ['report', 'counts, doubts and word changes of a cleaning; differences of two'],
  ['findings', 'what a source is made of'],
  ['doubts', 'what a person is asked about'],
  ['portion', 'what can be done with a selection'],
  ['rows', 'a cleaning cut into rows for the screen'],
  ['ledger', 'the list of all edits'],
  ['search', 'finding words in the clean text'],
  ['record', 'all that became of a text, as a file'],
  ['formats', 'documents in from files of all kinds'],
  ['output', 'the clean text in the shape and format in which it goes out'],
  ['house-styles', 'styles with a name: files, the built-in ones, differences, which text each is for'],
  ['jobs', 'texts that are cleaned without anyone looking on, as a plan says'],
  ['engine', 'tests of the whole engine: laws, kinds of text, passes'],
];

/** The folders of core/seams; its own files are what they are built on, but for those that put all together. */
export const SEAMS = [
  ['measure', 'how wide a line may be, where lines were cut or set wide apart'],
  ['evidence', 'what speaks for a paragraph at a line end: conventions, words, weights, the second look'],
  ['verse', 'lines that stay lines: verse, stanzas, displays'],
  ['speech', 'turns, scripts, captions, quoted mail'],
  ['lists', 'items, entries, rows, forms, indexes'],
  ['prose', 'wraps and ends of prose that the evidence alone does not tell'],
  ['words', 'words cut at line ends'],
  ['heads', 'titles, salutations, lines that stand alone'],
  ['told', 'what a format, a page or a person said'],
];

export const PROJECT = [
  ['core', 'the engine: no interface, no storage, no clock, no network'],
  ['pdf', 'the PDF library, behind one function'],
  ['node', 'what the command and the server share: word lists, files, a pool of threads'],
  ['worker', 'the engine in a web worker, and its client'],
  ['storage', 'pieces, versions and preferences in the browser’s database'],
  ['offline', 'the program without a network: what is kept of a build, shortcuts, what is shared with it'],
  ['cli', 'the command'],
  ['api', 'the engine for programs, over HTTP'],
  ['app/ui', 'parts of the interface that know nothing of the product'],
  ['app/incoming', 'texts that are to become pieces: pasted, dropped, chosen'],
  ['app/style-parts', 'what several screens show of styles: words, passes, output'],
  ['app/features', 'a folder for each screen'],
  ['app', 'routes and entries'],
];

if (process.argv[1]?.endsWith('structure.js')) {
  for (const [title, folders] of [
    ['The project', PROJECT],
    ['The core', CORE],
    ['core/seams', SEAMS],
  ]) {
    process.stdout.write(`${title}, each from those above it:\n`);
    for (const [folder, what] of folders) process.stdout.write(`  ${folder.padEnd(14)}${what}\n`);
  }
}
