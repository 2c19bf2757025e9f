// Reads what a person may read, and refuses words that are kept out of it: an aid beside reading aloud.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join, relative } from 'node:path';
import { globSync } from 'tinyglobby';
import readability from 'text-readability';
import { ROOT } from './run.mjs';

// Imported as a module, its nine megabytes would first be searched for what it exports.
const ts = createRequire(import.meta.url)('typescript');

/** What is not said, and what is said instead. */
const KEPT_OUT = [
  [/\bcolour/i, 'color'],
  [/\bgrey/i, 'gray'],
  [/\bautumn\b/i, 'fall'],
  [/\bmend(?:s|ed|ing)?\b/i, 'fix'],
  [/\banew\b|\bafresh\b/i, 'again'],
  [/\btold by\b/i, 'told apart by'],
  [/\bparts them\b/i, 'separates them'],
  [/\btaken? in\b|\btakes in\b/i, 'imported'],
  [/\bgiven? out\b/i, 'exported'],
  [/\bgiven? back\b/i, 'returned'],
  [/\bnot testable\b/i, 'cannot be checked'],
];
/** Words of grading that mean something else in botany, so that only screens and messages are held to them. */
const OF_GRADING = [
  [
    /(?<!quotation |question |hybrid |pale |corky |needle |white |branch )\bmark(?:s|ing)\b/i,
    'grades, grading',
  ],
];
const SCREENS = /^(web|server|contract)\//;

/** Data whose keys keep the ids they were first given; what is said stands behind them. */
const BLOCK = /^\s*(?:prose|caution|pair|say)[^:]*:(.*)$/;
const MEANING = /^\s*[a-z0-9-]+: ([A-Z].*)$/;
const CLAUSE = /^\s*[\w. -]+ = (.*)$/;

/** What of a text is said to people: of blocks of data their sentences, of lists of states the terms behind an old id. */
function said(text) {
  if (!text.includes('\n')) return text.replace(/[a-z -]+=(?=[a-z])/g, '');
  const lines = text
    .split('\n')
    .flatMap((l) => BLOCK.exec(l)?.[1] ?? MEANING.exec(l)?.[1] ?? CLAUSE.exec(l)?.[1] ?? []);
  return lines.length > 0 ? lines.join('\n') : /[a-z_]+\.[a-z_]+\//.test(text) ? '' : text;
}

const isSpoken = (text) =>
  /[a-zA-Z]{3,} [a-zA-Z]{2,}|^[A-Z][a-z]+$/.test(text) && !/^[\w./#@:-]+$/.test(text);

function readTexts(file) {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, false);
  const found = [];
  const add = (node, whole) => {
    const text = said(whole).trim();
    const line = source.getLineAndCharacterOfPosition(node.getStart(source)).line + 1;
    if (isSpoken(text)) found.push({ line, text });
  };
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
    if (ts.isJsxText(node)) add(node, node.text);
    else if (ts.isStringLiteralLike(node)) add(node, node.text);
    else if (ts.isTemplateExpression(node))
      add(node, node.head.text + node.templateSpans.map((s) => `…${s.literal.text}`).join(''));
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

const read = new Map();

/** Every text of a file that may reach a person: string literals of words, JSX text, templates. A file is read once. */
function textsOf(file) {
  if (!read.has(file)) read.set(file, readTexts(file));
  return read.get(file);
}

const MOST_GRADE = 9;
const isSentence = (text) => /^[A-Z“].*[.?!]$/.test(text) && text.split(' ').length >= 4;

/** @returns the school grade that sentences of each package read at, in one line, and the packages that are over grade 9. */
function readingLevels() {
  const files = globSync('{core,contract,server,web}/src/**/*.{ts,tsx}', { cwd: ROOT });
  const texts = new Map();
  for (const f of files.filter((x) => !/\.test\.tsx?$|\.data\.ts$|\/testing\//.test(x))) {
    const [folder] = f.split('/');
    const said = textsOf(join(ROOT, f)).flatMap(({ text }) => {
      const one = text.replace(/\s+/g, ' ').replace(/…/g, 'it ');
      return isSentence(one) ? [one] : [];
    });
    texts.set(folder, [...(texts.get(folder) ?? []), ...said]);
  }
  const levels = [...texts].map(([folder, said]) => ({
    folder,
    sentences: said.length,
    grade: readability.fleschKincaidGrade(said.join(' ')),
  }));
  return {
    line: levels.map((l) => `${l.folder}: ${l.sentences} texts at grade ${l.grade.toFixed(1)}`).join(', '),
    over: levels.filter((l) => l.grade > MOST_GRADE).map((l) => `${l.folder} reads at grade ${l.grade}`),
  };
}

/** @returns every text that says a word kept out: file, line, the word and what to say. */
function wordsKeptOut() {
  const files = globSync('{core,contract,server,web,demo}/src/**/*.{ts,tsx}', { cwd: ROOT });
  return (
    files
      // Names of trees are what they are, and what people type may be spelled either way.
      .filter((f) => !/\.test\.tsx?$|\/testing\/|src\/names\//.test(f))
      .flatMap((f) =>
        textsOf(join(ROOT, f)).flatMap(({ line, text }) =>
          [...KEPT_OUT, ...(SCREENS.test(f) ? OF_GRADING : [])].flatMap(([word, instead]) => {
            const m = word.exec(text);
            const around = m && text.slice(Math.max(0, m.index - 30), m.index + 40).replace(/\s+/g, ' ');
            return m
              ? [`${relative(ROOT, join(ROOT, f))}:${line}  “${m[0]}”: say “${instead}”.  ${around}`]
              : [];
          }),
        ),
      )
  );
}

const { line, over } = readingLevels();
console.log(line);
const found = [...wordsKeptOut(), ...over];
for (const f of found) console.log(f);
process.exit(found.length === 0 ? 0 : 1);
