import type { CountOf, PairAtSitting, PairSplit, PairStudent, TellSeen } from '@hurrow/contract';
import type { LookRow } from './looks.ts';
import { pairsByStudent } from './students.ts';

/** Both directions of a pair, sitting by sitting in the order they were held. */
export function throughOf(
  looks: readonly LookRow[],
  truth: string,
  answer: string,
): readonly PairAtSitting[] {
  const by = new Map<string, LookRow[]>();
  for (const l of looks) by.set(l.sitting, [...(by.get(l.sitting) ?? []), l]);
  const count = (own: readonly LookRow[], a: string, b: string): CountOf => {
    const at = own.filter((l) => l.truth === a);
    return { k: at.filter((l) => l.named === 'other' && l.answer === b).length, n: at.length };
  };
  return [...by.values()]
    .flatMap((own): PairAtSitting[] => {
      const [first] = own;
      const [there, back] = [count(own, truth, answer), count(own, answer, truth)];
      if (!first || there.n + back.n === 0) return [];
      const { sitting, quiz_name: quiz, on_date: on, returned_on: returnedOn } = first;
      return [{ sitting, quiz, on, returnedOn, there, back }];
    })
    .sort((a, b) => a.on.localeCompare(b.on));
}

/** Of the tells that could be seen each time, which were called right, called wrong, or never asked. */
export function tellsSeen(
  looks: readonly LookRow[],
  tellsAt: (station: string, rev: number) => readonly string[],
  isSeen: (character: string) => boolean,
): readonly TellSeen[] {
  const by = new Map<string, { visible: number; right: number; wrong: number }>();
  for (const l of looks) {
    const outcomes = new Map(l.calls.map((c) => [c.character, c.outcome]));
    for (const character of tellsAt(l.sitting_station, l.key_rev).filter(isSeen)) {
      const had = by.get(character) ?? { visible: 0, right: 0, wrong: 0 };
      const outcome = outcomes.get(character);
      by.set(character, {
        visible: had.visible + 1,
        right: had.right + (outcome === 'right' ? 1 : 0),
        wrong: had.wrong + (outcome === 'wrong' ? 1 : 0),
      });
    }
  }
  return [...by]
    .map(([character, t]) => ({ character, ...t }))
    .sort(
      (a, b) =>
        b.right + b.wrong - (a.right + a.wrong) ||
        b.visible - a.visible ||
        a.character.localeCompare(b.character),
    );
}

const SEASON_OF = [
  'winter',
  'winter',
  'spring',
  'spring',
  'spring',
  'summer',
  'summer',
  'summer',
  'fall',
  'fall',
  'fall',
  'winter',
];

/** Looks at the true species by what was at hand, by season and by class, the most first. */
export function splitsOf(all: readonly LookRow[], truth: string, answer: string): readonly PairSplit[] {
  const looks = all.filter((l) => l.truth === truth);
  const split = (by: PairSplit['by'], of: (l: LookRow) => string): readonly PairSplit[] => {
    const counts = new Map<string, { k: number; n: number }>();
    for (const l of looks) {
      const had = counts.get(of(l)) ?? { k: 0, n: 0 };
      const isIt = l.named === 'other' && l.answer === answer;
      counts.set(of(l), { k: had.k + (isIt ? 1 : 0), n: had.n + 1 });
    }
    return [...counts].map(([at, c]) => ({ by, of: at, ...c })).sort((x, y) => y.n - x.n);
  };
  return [
    ...split('material', (l) => [...l.conditions.material].sort().join(', ')),
    ...split('season', (l) => SEASON_OF[Number(l.on_date.slice(5, 7)) - 1] ?? ''),
    ...split('class', (l) => l.section_name),
  ];
}

/** Each student who mixed the two up, those it came back to first. */
export function whoOf(all: readonly LookRow[], truth: string, answer: string): readonly PairStudent[] {
  const codes = new Map(all.map((l) => [l.student, l]));
  return [...pairsByStudent(all).values()]
    .flatMap((p): PairStudent[] => {
      const of = codes.get(p.student);
      const isPair = p.pair.includes(truth) && p.pair.includes(answer);
      if (!of || !isPair) return [];
      return [
        {
          id: p.student,
          code: of.code,
          firstName: of.first_name,
          first: p.first,
          again: { k: p.repeats, n: p.chances },
          clean: p.clean,
          resolved: p.resolved,
        },
      ];
    })
    .sort((x, y) => y.again.k - x.again.k || x.code.length - y.code.length || x.code.localeCompare(y.code));
}
