import { describe, expect, test } from '@jest/globals';
import { readJson } from './jsonText.ts';
import { readLibraryJson, writeLibraryJson } from './libraryJson.ts';
import { planImport } from './plan.ts';
import { LIBRARY, said, vocabulary } from './sample.ts';
import { readSdd } from './sddRead.ts';
import { notInSdd, writeSdd } from './sddWrite.ts';
import { readXml } from './xml.ts';

describe('library JSON', () => {
  const text = writeLibraryJson(LIBRARY, '1.2.3');

  test('comes back as it was written, and says who wrote it', () => {
    const read = readLibraryJson(text);
    expect(read.ok && read.value).toEqual({
      format: 'hurrow-library',
      version: 1,
      writtenBy: 'hurrow 1.2.3',
      ...LIBRARY,
    });
  });

  test.each([
    ['no JSON', '{"format": "hurrow-library",\n  "version": }', 2, 14, /This is not JSON: value expected/],
    ['another format', '{\n"format": "x"}', 2, 11, /no library file/],
    ['another version', '{"format": "hurrow-library",\n"version": 9}', 2, 12, /version 9/],
    [
      'a property nobody knows',
      '{"format":"hurrow-library","version":1,"writtenBy":"x",\n"species":[]}',
      1,
      1,
      /“species”/,
    ],
    [
      'a value out of bounds',
      '{"format":"hurrow-library","version":1,"writtenBy":"x","sources":[\n{"citation":"","kind":"book","n":null,"rank":1}]}',
      2,
      13,
      /must NOT have fewer/,
    ],
  ])('refuses %s by line and column', (_, wrong, line, column, message) => {
    const read = readLibraryJson(wrong);
    expect(read.ok ? null : read.refused[0]).toMatchObject({
      line,
      column,
      message: expect.stringMatching(message),
    });
  });

  test('refuses what is too large or nests too deep, before it is read', () => {
    const large = readJson(`"${'x'.repeat(41_000_000)}"`);
    expect(large.ok ? null : large.refused[0]?.message).toMatch(/41 million characters/);
    const deep = readJson('['.repeat(5000) + ']'.repeat(5000));
    expect(deep.ok ? null : deep.refused[0]?.message).toMatch(/deeper than 60/);
  });
});

describe('XML', () => {
  test.each([
    ['an entity of its own', '<!DOCTYPE a [<!ENTITY x "boom">]>\n<a>&x;</a>', /document type/],
    ['an outside reference', '<!DOCTYPE a SYSTEM "file:///etc/hosts"><a/>', /document type/],
    ['an entity nobody knows', '<a>&nbsp;</a>', /not well-formed/],
    ['a tag left open', '<a>\n<b></a>', /not well-formed/],
    ['a hostile depth', '<a>'.repeat(100) + '</a>'.repeat(100), /nests too deep/],
    ['nothing', '', /not well-formed|empty/],
  ])('with %s is refused at its place', (_, text, message) => {
    const read = readXml(text);
    expect(read.ok ? '' : read.refused[0]?.message).toMatch(message);
    expect(read.ok ? 0 : read.refused[0]?.line).toBeGreaterThan(0);
  });

  test('knows the place of every element', () => {
    const read = readXml('<a>\n  <b x="1">t<c/></b>\n</a>');
    expect(read.ok && read.value.children[0]).toMatchObject({
      name: 'b',
      attributes: { x: '1' },
      text: 't',
      place: { line: 2 },
    });
  });
});

describe('SDD', () => {
  const text = writeSdd(LIBRARY, '1.2.3', '2026-10-01T00:00:00Z');

  test('keeps taxa, classification, states, ranges as typed, notes and sources', () => {
    const read = readSdd(text, vocabulary, 'unnamed');
    if (!read.ok) throw new Error(read.refused[0]?.message);
    const plan = planImport(LIBRARY, read.value, { adding: true, where: read.where });
    expect([plan.changes, plan.refused]).toEqual([[], []]);
    expect(read.value.taxa?.find((t) => t.name === 'Abies grandis')?.statements).toEqual(
      LIBRARY.taxa[1]?.statements,
    );
  });

  test('says what it cannot hold', () => {
    expect(notInSdd(LIBRARY)).toEqual(
      expect.arrayContaining([
        '1 lists',
        '1 look-alikes',
        '1 season windows',
        '1 cautions',
        '2 range records',
      ]),
    );
  });

  test('finds characters and states of another file by their words', () => {
    const foreign = `<?xml version="1.0"?>
<Datasets xmlns="http://rs.tdwg.org/UBIF/2006/"><Dataset>
<TaxonNames><TaxonName id="x"><Representation><Label>Abies alba</Label></Representation></TaxonName></TaxonNames>
<Characters><CategoricalCharacter id="c9"><Representation><Label>Bark texture</Label></Representation>
<States><StateDefinition id="s1"><Representation><Label>smooth</Label></Representation></StateDefinition></States></CategoricalCharacter></Characters>
<CodedDescriptions><CodedDescription id="d"><Scope><TaxonName ref="x"/></Scope><SummaryData>
<Categorical ref="c9"><State ref="s1"/></Categorical></SummaryData></CodedDescription></CodedDescriptions>
<Audiences/></Dataset></Datasets>`;
    const read = readSdd(foreign, vocabulary, 'A colleague');
    expect(read.ok && read.value.taxa).toEqual([
      {
        name: 'Abies alba',
        rank: 'species',
        statements: [
          said(
            'bark.texture',
            { kind: 'states', states: [{ state: 'smooth', freq: 'usual' }] },
            'A colleague',
          ),
        ],
      },
    ]);
    expect(read.ok && read.left).toEqual(['<Audiences> is not read.']);
  });

  test('refuses a state that is not defined and a unit that lies, where they stand', () => {
    const broken = readSdd(
      text.replace('<State ref="bark.texture__smooth"/>', '<State ref="nowhere"/>'),
      vocabulary,
      'x',
    );
    expect(broken.ok ? '' : broken.refused[0]?.message).toMatch(/the state “nowhere” is not defined/);
    const inches = readSdd(text.replace('<Label>mm</Label>', '<Label>inch</Label>'), vocabulary, 'x');
    expect(inches.ok ? '' : inches.refused[0]?.message).toMatch(/in “inch” in the file and in “mm” here/);
  });
});

test('a statement without a value is refused at its place', () => {
  const text = writeLibraryJson(LIBRARY, 'test').replace(/"value": \{[^]*?\n {5}\}/, '"value": null');
  const read = readLibraryJson(text);
  expect(read.ok).toBe(false);
  expect(read.ok ? '' : read.refused[0]?.message).toContain('must be object');
});
