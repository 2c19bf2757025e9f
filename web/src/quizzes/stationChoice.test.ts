import { describe, expect, test } from '@jest/globals';
import type { ListMember, QuizDetail, TreeRow } from '@hurrow/contract';
import { stationFixture, treeFixture } from './stationFixture.ts';
import { ofWeeks, offeredTrees, oneOfEach, weeksOf } from './stationChoice.ts';

const tree = treeFixture;
const member = (id: string, week: number | null): ListMember => ({
  id,
  rank: 'species',
  scientific: id,
  authority: null,
  common: null,
  week,
  label: null,
  own: 1,
  hazardous: false,
});
const quizOf = (...trees: TreeRow[]): Pick<QuizDetail, 'stations'> => ({
  stations: trees.map((t, i) => stationFixture(t, { id: `s${i}`, number: i + 1 })),
});

const away = { id: 'away', name: 'Away', lat: 40, lon: -105, elevM: 1600 };
const trees = [
  tree('L10', 'fir'),
  tree('L9', 'fir'),
  tree('L2', 'larch'),
  tree('L3', 'larch', { retired: true }),
  tree('A1', 'fir', { site: away }),
  tree('K4', 'not on the list'),
  tree('L5', 'pine'),
];
const members = [member('larch', 1), member('fir', 2), member('pine', null)];

describe('trees for a quiz', () => {
  const offered = offeredTrees(trees, members, quizOf(tree('L9', 'fir')), 'home');

  test('are those of the list that are not retired: of the site first, by week, then by tag as people count', () => {
    expect(offered.map((o) => [o.tree.tag, o.week, o.used])).toEqual([
      ['L2', 1, false],
      ['L9', 2, true],
      ['L10', 2, false],
      ['L5', null, false],
      ['A1', 2, false],
    ]);
  });

  test('are narrowed to weeks, and one of each species is what the quiz lacks', () => {
    expect(weeksOf(offered)).toEqual([1, 2]);
    expect(ofWeeks(offered, [1]).map((o) => o.tree.tag)).toEqual(['L2']);
    expect(ofWeeks(offered, [])).toHaveLength(5);
    expect(oneOfEach(offered, quizOf(tree('L9', 'fir')))).toEqual(['L2', 'L5']);
    expect(oneOfEach(offeredTrees(trees, members, quizOf(), 'home'), quizOf())).toEqual(['L2', 'L9', 'L5']);
  });
});
