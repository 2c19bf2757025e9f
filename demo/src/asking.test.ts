import { describe, expect, test } from '@jest/globals';
import { makeQuestion, nearest } from '@hurrow/core/asking';
import type { AskGround } from '@hurrow/core/asking';
import { EVERYTHING_AT_THE_TREE, visible } from '@hurrow/core/conditions';
import { seeded } from '@hurrow/core/numbers';
import { ANSWERED_BY, QUESTION_KINDS, questionFault } from '@hurrow/core/quizzes';
import type { AskParams, QuestionKind } from '@hurrow/core/quizzes';
import { DESCRIBED, vocabulary } from './described.ts';
import { SPECIES, taxonId } from './libraryRows.ts';

const list = SPECIES.map((s) => ({ id: taxonId(s), scientific: s, common: null }));
const ground = (species: string, seed = 1, part: Partial<AskGround> = {}): AskGround => ({
  own: { id: taxonId(species), scientific: species, common: null },
  list,
  described: DESCRIBED,
  vocabulary,
  conditions: { ...EVERYTHING_AT_THE_TREE, date: '2026-10-06', material: ['tree', 'twig', 'leaf'] },
  closest: [
    'Abies lasiocarpa',
    'Picea engelmannii',
    'Pseudotsuga menziesii',
    'Tsuga heterophylla',
    'Acer grandidentatum',
  ]
    .filter((s) => s !== species)
    .map(taxonId),
  rules: [],
  elevM: 760,
  wording: { words: 'plain', units: 'customary' },
  next: seeded(seed),
  ...part,
});
const paramsOf = (kind: QuestionKind, g: AskGround): AskParams => {
  const made = makeQuestion(kind, g);
  if (!('params' in made)) throw new Error(made.why);
  return made.params;
};
const right = (p: AskParams) => p.options.filter((o) => p.right.includes(o.id));
const RULE = {
  sentence: 'Every conifer keeps its leaves all year.',
  breaks: [taxonId('Larix occidentalis'), taxonId('Larix lyallii')],
  keeps: [taxonId('Abies grandis'), taxonId('Picea pungens'), taxonId('Pinus contorta')],
};

describe('questions made from what is recorded', () => {
  test.each(QUESTION_KINDS)('%s is whole, and its ids say nothing of the species', (kind) => {
    let made = 0;
    for (const species of ['Abies grandis', 'Acer glabrum', 'Larix occidentalis']) {
      for (const seed of [1, 2, 3]) {
        const found = makeQuestion(kind, ground(species, seed, { rules: [RULE] }));
        if (!('params' in found)) continue;
        made += 1;
        expect(questionFault(ANSWERED_BY[kind], found.params)).toBeNull();
        const ids = [...found.params.options, ...found.params.others].map((o) => o.id);
        expect(ids.every((id) => /^[cd]?[a-l]$/.test(id))).toBe(true);
      }
    }
    expect(made).toBeGreaterThan(0);
  });

  test('the right one of two is the tree’s own, and what told them is among the characters', () => {
    const p = paramsOf('which_of_two', ground('Abies grandis'));
    expect(right(p).map((o) => o.taxon)).toEqual([taxonId('Abies grandis')]);
    expect(p.others.length).toBeGreaterThanOrEqual(3);
  });

  test('what is seen in January is visible then, and the others are not', () => {
    const p = paramsOf('january', ground('Acer glabrum'));
    const own = DESCRIBED.get(taxonId('Acer glabrum'));
    const seen = (id: string | undefined) => {
      const c = vocabulary.get(id ?? '');
      return c && own
        ? visible(own.subject, c, {
            date: '2026-01-15',
            material: ['tree', 'twig'],
            handling: ['look', 'lens', 'touch'],
            distance: 'hand',
            wet: false,
          }).seen
        : 'unknown';
    };
    expect(right(p).map((o) => seen(o.character))).toEqual(['yes']);
    expect(p.options.filter((o) => !p.right.includes(o.id)).every((o) => seen(o.character) === 'no')).toBe(
      true,
    );
  });

  test('the odd one out has another state than the three others', () => {
    const p = paramsOf('odd_one_out', ground('Acer glabrum'));
    const [odd] = right(p);
    const others = p.options.filter((o) => o !== odd);
    expect(others).toHaveLength(3);
    expect(others.map((o) => o.taxon)).toContain(taxonId('Acer glabrum'));
  });

  test('who could grow here is recorded there, the others are not', () => {
    const p = paramsOf('grows_here', ground('Abies grandis'));
    const holds = (taxon: string | undefined) => {
      const v = DESCRIBED.get(taxon ?? '')?.values.get('site.elevation')?.value;
      return v?.kind === 'range' && v.low <= 760_000 && v.high >= 760_000;
    };
    expect(p.options.map((o) => holds(o.taxon))).toEqual(p.options.map((o) => p.right.includes(o.id)));
    expect(p.prompt).toBe('Who could grow here, at about 2,500 ft?');
  });

  test('a rule is broken by the one that breaks it; without exceptions there is no question', () => {
    const p = paramsOf('rule_breaker', ground('Larix occidentalis', 1, { rules: [RULE] }));
    expect(right(p).map((o) => o.taxon)).toEqual([taxonId('Larix occidentalis')]);
    expect(makeQuestion('rule_breaker', ground('Larix occidentalis'))).toHaveProperty('why');
  });

  test('every option of a match has its own match, drawn and not named', () => {
    for (const kind of ['match_parts', 'term_drawing'] as const) {
      const p = paramsOf(kind, ground('Abies grandis'));
      expect(new Set(p.pairs.map(([l]) => l)).size).toBe(p.options.length);
      expect(new Set(p.pairs.map(([, r]) => r)).size).toBe(p.others.length);
      expect(p.others.every((o) => o.label === '' && o.draw !== undefined)).toBe(true);
    }
    const p = paramsOf('match_parts', ground('Abies grandis'));
    for (const [l, r] of p.pairs) {
      const [left, other] = [p.options.find((o) => o.id === l), p.others.find((o) => o.id === r)];
      expect(left?.taxon).toBe(other?.taxon);
    }
  });

  test('the bud lies on the drawing, near its tip', () => {
    const p = paramsOf('find_bud', ground('Fraxinus pennsylvanica'));
    expect(p.place?.y).toBeLessThan(0.35);
    expect(p.place?.x).toBeGreaterThan(0);
    expect(p.place?.x).toBeLessThan(1);
  });

  test('where nothing is recorded, a reason is given instead', () => {
    const nothing = ground('Abies grandis', 1, { described: new Map(), closest: [], list: [] });
    for (const kind of QUESTION_KINDS.filter((k) => k !== 'spelling')) {
      expect(makeQuestion(kind, nothing)).toHaveProperty('why');
    }
  });
});

test('the nearest of a species are those a student would take it for', () => {
  const own = DESCRIBED.get(taxonId('Abies grandis'));
  if (!own) throw new Error('No fir');
  const near = nearest(own, [...DESCRIBED.values()]).slice(0, 4);
  expect(near).toContain(taxonId('Abies lasiocarpa'));
  expect(near).not.toContain(taxonId('Acer glabrum'));
  expect(nearest(own, [own])).toEqual([]);
});

test('for young groups the two are drawn beside their names, and nobody is asked why', () => {
  const p = paramsOf('which_of_two', ground('Acer glabrum', 1, { drawn: true }));
  expect(p.others).toEqual([]);
  expect(p.options.every((o) => o.label !== '' && o.draw !== undefined)).toBe(true);
  expect(right(p).map((o) => o.taxon)).toEqual([taxonId('Acer glabrum')]);
});
