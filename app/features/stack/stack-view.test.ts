import { describe, expect, test } from '@jest/globals';
import type { Question } from '../../../core/index.ts';
import type { StackFile } from '../../../storage/stack.ts';
import { chosenFiles, isToClean } from './dropped-files.ts';
import { outputNames, saveAll, type Sink } from './save-all.ts';
import { overviewOf, sharedQuestions, viewFiles, type Sort } from './stack-view.ts';
import { questionWords, readingWords } from './stack-words.ts';

const question = (topic: string, count = 1): Question => ({
  topic,
  kind: 'edit',
  count,
  words: '..',
  becomes: '.',
  now: 'changed',
  other: 'kept',
});

function file(id: number, name: string, wordsOut: number, removed: number, questions: Question[] = []): StackFile {
  const words = { wordsIn: wordsOut + removed, wordsOut, removed, inserted: 0, mended: 0 };
  const doubts = questions.reduce((sum, { count }) => sum + count, 0);
  return { id, name, size: 99, result: { kind: 'pages', words, doubts, questions, style: 'The usual', time: id } };
}

const FILES: StackFile[] = [
  file(1, 'in/chapter 10.txt', 100, 50, [question('a', 3), question('b')]),
  file(2, 'in/chapter 2.txt', 300, 3, [question('a')]),
  { id: 3, name: 'broken.docx', size: 99, problem: 'damaged' },
  { id: 4, name: 'later.txt', size: 99 },
  { ...file(5, 'notes.md', 200, 0), isStale: true },
];

const view = (asked: Partial<Parameters<typeof viewFiles>[1]> = {}) =>
  viewFiles(FILES, { shown: 'all', query: '', sort: { key: 'order', isDown: false }, ...asked }).map(({ id }) => id);

describe('the list of files', () => {
  test.each<[Sort, number[]]>([
    [{ key: 'order', isDown: false }, [1, 2, 3, 4, 5]],
    [{ key: 'order', isDown: true }, [5, 4, 3, 2, 1]],
    [{ key: 'name', isDown: false }, [3, 2, 1, 4, 5]],
    [{ key: 'words', isDown: true }, [2, 5, 1, 3, 4]],
    [{ key: 'words', isDown: false }, [1, 5, 2, 3, 4]],
    [{ key: 'removed', isDown: true }, [1, 2, 5, 3, 4]],
    [{ key: 'questions', isDown: true }, [1, 2, 5, 3, 4]],
    [{ key: 'time', isDown: true }, [5, 2, 1, 3, 4]],
  ])('in the order of %j, what has no figure last', (sort, ids) => {
    expect(view({ sort })).toEqual(ids);
  });

  test('shows what is asked for', () => {
    expect(view({ shown: 'questions' })).toEqual([1, 2]);
    expect(view({ shown: 'problems' })).toEqual([3]);
    expect(view({ shown: 'waiting' })).toEqual([4, 5]);
    expect(view({ query: ' CHAPTER ' })).toEqual([1, 2]);
    expect(view({ bucket: { from: 2, to: 4, files: 1 } })).toEqual([1]);
  });

  test('adds up', () => {
    expect(overviewOf(FILES)).toMatchObject({
      all: 5,
      done: 2,
      problems: 1,
      waiting: 2,
      withQuestions: 2,
      words: 600,
      removed: 53,
      questions: 5,
      share: 0.6,
    });
    expect(overviewOf(FILES).buckets.map(({ files }) => files)).toEqual([1, 1, 1, 0, 0, 0]);
    expect(overviewOf([])).toMatchObject({ all: 0, share: 1 });
  });
});

test('questions of several files are one, those of the most files first; answered ones are not asked', () => {
  expect(sharedQuestions(FILES, []).map(({ topic, files, count }) => [topic, files, count])).toEqual([
    ['a', 2, 4],
    ['b', 1, 1],
  ]);
  expect(sharedQuestions(FILES, [{ topic: 'a', reading: 'kept' }]).map(({ topic }) => topic)).toEqual(['b']);
});

test('a question is said in words, and its answers as what becomes of it', () => {
  expect(questionWords(question('a'))).toBe('“..” to “.”?');
  expect(readingWords({ becomes: '.' }, 'changed')).toBe('Change');
  expect(questionWords({ ...question('a'), becomes: ' ' })).toBe('Leave out “..”?');
  expect(readingWords({ becomes: ' ' }, 'changed')).toBe('Leave out');
  expect(readingWords({ becomes: '' }, 'kept')).toBe('Keep');
  expect(questionWords({ kind: 'split', words: 'salt- fern' })).toBe('Split word “salt-fern”');
});

test('of a folder those files are taken that can be read; files that were chosen all are', () => {
  expect(['a/b.TXT', 'a/b.pdf', 'a/.b.txt', '.git/b.txt', 'a/b.png', 'a/txt'].map(isToClean)).toEqual([
    true,
    true,
    false,
    false,
    false,
    false,
  ]);
  const chosen = (path: string, name = path) => Object.assign(new File(['x'], name), { webkitRelativePath: path });
  const names = chosenFiles([chosen('in/a.txt'), chosen('in/b.png'), chosen('', 'c.png')]).map(({ name }) => name);
  expect(names).toEqual(['in/a.txt', 'c.png']);
});

describe('clean texts that go out', () => {
  const named = (...names: string[]) => names.map((name, id) => ({ id, name, size: 1 }));

  test('have names of their own that lead nowhere else', () => {
    const files = named('in/a.txt', 'in/a.md', 'in/A.docx', '../../etc/x.txt', '/y', '...', 'C:\\z.txt', '.profile');
    expect([...outputNames(files, 'docx').values()]).toEqual([
      'in/a.docx',
      'in/a (2).docx',
      'in/A (3).docx',
      'etc/x.docx',
      'y.docx',
      '....docx',
      'C:/z.docx',
      '.profile.docx',
    ]);
  });

  test('are written in order; those that fail are named, and stopping gives the rest up', async () => {
    const put: string[] = [];
    const ends: string[] = [];
    const sink: Sink = {
      put: async (name) => void put.push(name),
      end: async () => void ends.push('end'),
      giveUp: async () => void ends.push('given up'),
    };
    const write = async (id: number) => {
      if (id === 1) throw new Error('no');
      return { bytes: new Uint8Array(1), record: new Uint8Array(1) };
    };
    const stop = new AbortController();
    const options = { to: 'text', withRecords: true, together: 2, signal: stop.signal, onProgress: () => {} } as const;
    expect(await saveAll({ write }, named('a.md', 'b.md', 'c.md'), sink, options)).toEqual(['b.md']);
    expect([put, ends]).toEqual([['a.txt', 'a.txt.record.json', 'c.txt', 'c.txt.record.json'], ['end']]);
    stop.abort();
    await expect(saveAll({ write }, named('a.md'), sink, options)).rejects.toThrow();
    expect(ends).toEqual(['end', 'given up']);
  });
});
