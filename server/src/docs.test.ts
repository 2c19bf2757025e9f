import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, test } from '@jest/globals';

const ROOT = fileURLToPath(new URL('../../', import.meta.url));
const FOLDERS = ['core', 'contract', 'server', 'web', 'demo', 'bench'];

const files = FOLDERS.flatMap((folder) =>
  readdirSync(join(ROOT, folder, 'src'), { recursive: true, withFileTypes: true })
    .filter((f) => f.isFile() && /\.(ts|tsx|sql|mjs)$/.test(f.name))
    .map((f) => join(f.parentPath, f.name)),
);

const doc = (name: string): string => readFileSync(join(ROOT, 'docs', name), 'utf8');
const headingsOf = (name: string): readonly string[] =>
  [...doc(name).matchAll(/^#{2,3} (.+)$/gm)].map(([, heading = '']) => heading);

/** The comments of a file, each as one line. */
function comments(file: string): readonly string[] {
  const text = readFileSync(file, 'utf8');
  const blocks = [...text.matchAll(/\/\*\*?([\s\S]*?)\*\//g)].map(([, body = '']) =>
    body.replace(/^\s*\*/gm, ' '),
  );
  const lines = [...text.matchAll(/(?:^\s*(?:\/\/|--).*\n?)+/gm)].map(([body]) =>
    body.replace(/^\s*(?:\/\/|--)/gm, ' '),
  );
  return [...blocks, ...lines].map((c) => c.replace(/\s+/g, ' '));
}

const all = files.flatMap((file) => comments(file).map((text) => ({ file: relative(ROOT, file), text })));

/** A heading ends where it is named in a comment; what follows says more. */
const begins = (text: string, heading: string): boolean =>
  text.startsWith(heading) && !/^[a-z0-9]/i.test(text.slice(heading.length));

test('every place of docs/ that a comment names is there', () => {
  const lost = all.flatMap(({ file, text }) =>
    [...text.matchAll(/docs\/([a-z-]+\.md)(?:, )?/g)].flatMap((match) => {
      const [named, name = ''] = match;
      if (!existsSync(join(ROOT, 'docs', name))) return [`${file}: docs/${name}`];
      if (!named.endsWith(', ')) return [];
      const rest = text.slice(match.index + named.length);
      return headingsOf(name).some((h) => begins(rest, h)) ? [] : [`${file}: ${named}${rest.slice(0, 40)}`];
    }),
  );
  expect(lost).toEqual([]);
  expect(all.filter(({ text }) => text.includes('docs/formulas.md')).length).toBeGreaterThan(30);
});

test('every source is a place of docs/, or a work with its year, a manual or a standard', () => {
  const vague = all.flatMap(({ file, text }) =>
    [...text.matchAll(/\bSource: (.{1,160})/g)].flatMap(([, source = '']) =>
      /docs\/|\b(1[89]|20)\d\d\b|\bmanual\b|\bed\.|\bSDD 1\.1|\bRFC \d+/.test(source)
        ? []
        : [`${file}: ${source.slice(0, 60)}`],
    ),
  );
  expect(vague).toEqual([]);
});

test('every formula has a worked example in a test that is there, and names code that is there', () => {
  const sections = doc('formulas.md').split(/^## /m).slice(1);
  const without = sections.flatMap((section) => {
    const [title = ''] = section.split('\n');
    const paths = [...section.matchAll(/`([a-z]+\/src\/[^`]+)`/g)].map(([, p = '']) => p);
    const missing = paths.filter((p) => !existsSync(join(ROOT, p)));
    const hasExample = /^Example: /m.test(section) && paths.some((p) => p.endsWith('.test.ts'));
    return [...missing.map((p) => `${title}: ${p}`), ...(hasExample ? [] : [`${title}: no example`])];
  });
  expect(without).toEqual([]);
  expect(sections.length).toBeGreaterThan(15);
});
