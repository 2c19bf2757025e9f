import type { CharacterLevelRow, LevelRow, MixUps, TruthRow } from '@hurrow/contract';
import { countByCharacter, countLevel, matrixOrder, namesInDoubt, oftenMissed } from '@hurrow/core/mixups';
import type { Look } from '@hurrow/core/mixups';
import type { Sql } from '../db/index.ts';
import { background } from './background.ts';
import type { Background, BoardScope } from './background.ts';
import type { Level } from './groups.ts';
import { pairsOf } from './pairs.ts';
import { readStateOf, statedCharacters } from './states.ts';

function truthsOf(b: Background): readonly TruthRow[] {
  return [...new Set(b.looks.map((l) => l.truth))].flatMap((id): TruthRow[] => {
    const truth = b.headers.get(id);
    if (!truth) return [];
    const own = b.looks.filter((l) => l.truth === id);
    const count = (named: Look['named']): number => own.filter((l) => l.named === named).length;
    return [
      {
        truth,
        n: own.length,
        right: count('right'),
        other: count('other'),
        unlisted: count('unlisted'),
        blank: count('blank'),
        genusOnly: count('genus_only'),
        family: count('family'),
        cannotTell: count('cannot_tell'),
      },
    ];
  });
}

function levelOf(b: Background, level: Level): readonly LevelRow[] {
  return countLevel(b.looks, b.groups[level]).flatMap((c): LevelRow[] => {
    const [truth, answer] = [b.headers.get(c.truth), b.headers.get(c.answer)];
    if (!truth || !answer) return [];
    const answers = c.answers.flatMap(({ species, students }) => {
      const taxon = b.headers.get(species);
      return taxon ? [{ taxon, students }] : [];
    });
    return [{ truth, answer, students: c.students, of: c.of, answers }];
  });
}

/** The most that are shown by character: below them are the same few students again. */
const MOST_BY_CHARACTER = 40;

async function byCharacter(sql: Sql, ws: string, b: Background): Promise<readonly CharacterLevelRow[]> {
  const species = [...new Set(b.looks.flatMap((l) => (l.answer ? [l.truth, l.answer] : [l.truth])))];
  const stateOf = await readStateOf(sql, ws, b.scope.sections, species);
  return countByCharacter(b.looks, statedCharacters(b.vocabulary), stateOf)
    .slice(0, MOST_BY_CHARACTER)
    .map(({ answers, ...c }) => ({
      ...c,
      answers: answers.flatMap(({ species: s, students }) => {
        const taxon = b.headers.get(s);
        return taxon ? [{ taxon, students }] : [];
      }),
    }));
}

/** How many looks there are of each value, the most first. */
const tally = (values: readonly string[]): readonly (readonly [string, number])[] => {
  const by = new Map<string, number>();
  for (const v of values) by.set(v, (by.get(v) ?? 0) + 1);
  return [...by].sort((a, b) => b[1] - a[1]);
};

/** Mix-ups of classes with direction, base, interval and who. Source: docs/formulas.md, Counting mix-ups. */
export async function readMixUps(sql: Sql, ws: string, scope: BoardScope): Promise<MixUps> {
  const b = await background(sql, ws, scope);
  const pairs = pairsOf(b);
  const sittings = new Map(
    b.looks.map((l) => [l.sitting, { id: l.sitting, on: l.on_date, quiz: l.quiz_name }]),
  );
  const { species, clusters } = matrixOrder(
    pairs.map((p) => ({
      truth: p.truth.id,
      answer: p.answer.id,
      students: p.students.length,
      flagged: p.slips?.flagged ?? false,
    })),
  );
  return {
    section: scope.sections[0] ?? '',
    looks: b.looks.length,
    students: new Set(b.looks.map((l) => l.student)).size,
    sittings: [...sittings.values()],
    pairs,
    truths: truthsOf(b),
    small: b.small,
    flagsFrom: b.flags === null ? 'chosen' : 'returns',
    settings: b.settings,
    materials: tally(b.inRange.map((l) => l.material_class)).map(([material, looks]) => ({
      material,
      looks,
    })),
    forms: tally(b.inRange.map((l) => l.form)).map(([form, looks]) => ({ form, looks })),
    levels: { genus: levelOf(b, 'genus'), family: levelOf(b, 'family'), group: levelOf(b, 'group') },
    byCharacter: await byCharacter(sql, ws, b),
    missed: oftenMissed(b.looks).flatMap(({ truth, ...m }) => {
      const header = b.headers.get(truth);
      return header ? [{ truth: header, ...m }] : [];
    }),
    inDoubt: namesInDoubt(b.looks).flatMap(({ answer, ...d }) => {
      const header = b.headers.get(answer);
      return header ? [{ answer: header, ...d }] : [];
    }),
    order: species,
    clusters,
  };
}
