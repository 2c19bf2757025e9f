import type { CorrectedReading } from '@hurrow/contract';
import type { TaxonNode, Value, Vocabulary } from '@hurrow/core/characters';
import type { Conditions } from '@hurrow/core/conditions';
import { diagnose, misreadAs, termsThroughout } from '@hurrow/core/mixups';
import type { ReadCall, Reading } from '@hurrow/core/mixups';
import { acceptedCall, gradeValue } from '@hurrow/core/quizzes';
import type { CallOutcome } from '@hurrow/core/quizzes';
import { charactersOf, checkRule, misleads } from '@hurrow/core/rules';
import type { Rule } from '@hurrow/core/rules';
import type { Described } from '@hurrow/core/tells';
import type { Sql } from '../db/index.ts';
import { vocabularyToRead } from '../library/index.ts';
import {
  readCalled,
  readCorrected,
  readProfiles,
  readRules,
  readShown,
  readVerdicts,
} from './diagnosisGround.ts';
import { shownOf, stateCalls, taughtSo } from './diagnosisShown.ts';
import type { Shown } from './diagnosisShown.ts';
import { readGroups } from './groups.ts';
import type { LookRow } from './looks.ts';

/** What a wrong answer was read as, and what an instructor put in its place. */
export interface Diagnosed {
  readonly readings: readonly Reading[];
  readonly corrected: CorrectedReading | null;
}

const CALLED: ReadonlySet<string> = new Set<CallOutcome>(['right', 'wrong', 'coarse', 'not_recorded']);
const asCall = (outcome: string): CallOutcome =>
  CALLED.has(outcome) ? (outcome as CallOutcome) : 'not_recorded';

const isWrong = (l: LookRow): boolean => l.named !== 'right';

/** All that readings of some looks rest on. */
interface Ground {
  readonly vocabulary: Vocabulary;
  readonly shown: Shown;
  readonly verdict: (l: LookRow) => 'told' | 'twins' | 'unproven' | null;
  readonly profile: (sitting: string, taxon: string, character: string) => Value | undefined;
  readonly taughtSo: (station: string, rev: number) => readonly string[];
  readonly throughout: (student: string) => ReturnType<typeof termsThroughout>;
  readonly leads: (l: LookRow) => boolean;
  readonly looksOf: (student: string) => readonly LookRow[];
}

const NOWHERE: Conditions = {
  date: '2026-07-01',
  material: [],
  handling: ['look'],
  distance: 'hand',
  wet: false,
};

/** Taxa with the genus, family and groups above them, as rules ask for them. */
async function taxaOf(
  sql: Sql,
  ws: string,
  species: readonly string[],
): Promise<ReadonlyMap<string, TaxonNode>> {
  const groups = await readGroups(sql, ws, species);
  const taxa = new Map<string, TaxonNode>();
  for (const s of species) {
    const parents = [...groups.genus(s), ...groups.family(s), ...groups.group(s)];
    taxa.set(s, { id: s, label: s, parents });
    for (const p of parents) if (!taxa.has(p)) taxa.set(p, { id: p, label: p, parents: [] });
  }
  return taxa;
}

/** Whether any rule leads from the tree of a look to the name written for it. */
function leadsBy(
  rules: readonly Rule[],
  taxa: ReadonlyMap<string, TaxonNode>,
  characters: readonly string[],
  g: Pick<Ground, 'vocabulary' | 'shown' | 'profile'>,
): Ground['leads'] {
  const known = new Map<string, boolean>();
  return (l) => {
    if (l.answer === null || rules.length === 0) return false;
    const { answer } = l;
    const key = `${l.sitting_station}/${answer}`;
    const had = known.get(key);
    if (had !== undefined) return had;
    const described = (id: string, of: (c: string) => Value | undefined): Described => ({
      id,
      subject: { windows: [] },
      values: new Map(
        characters.flatMap((c) => {
          const value = of(c);
          return value ? [[c, { value }] as const] : [];
        }),
      ),
    });
    const list = [
      described(l.truth, (c) => g.shown.at(l.sitting_station, l.key_rev, c)),
      described(answer, (c) => g.profile(l.sitting, answer, c)),
    ];
    const found = rules.some((r) => misleads(checkRule(r, list, taxa, g.vocabulary, NOWHERE), 0, 1));
    known.set(key, found);
    return found;
  };
}

const unique = (all: readonly (string | null)[]): readonly string[] => [
  ...new Set(all.filter((x): x is string => x !== null)),
];

/**
 * Reads the ground of some looks.
 * @param all every look of the classes at the species at hand: others at the same stations say what was taught so.
 * @param wrong the wrong ones that are read.
 */
async function groundOf(
  sql: Sql,
  ws: string,
  sections: readonly string[],
  all: readonly LookRow[],
  wrong: readonly LookRow[],
): Promise<Ground> {
  const vocabulary = await vocabularyToRead(sql, ws);
  const rules = await readRules(sql, ws);
  const inRules = [...new Set(rules.flatMap(charactersOf))];
  // Only a state called wrong may be a term used for another throughout.
  const doubtful = wrong.filter((l) =>
    l.calls.some((c) => c.outcome === 'wrong' && c.value.kind === 'state'),
  );
  const called = await readCalled(sql, ws, sections, unique(doubtful.map((l) => l.student)));
  const characters = [
    ...new Set([
      ...inRules,
      ...[...wrong, ...called].flatMap((l) => l.calls.map((c) => c.character)),
      'leaf.complexity',
    ]),
  ];
  const stations = unique([...wrong, ...called].map((l) => l.sitting_station));
  const shown = shownOf(await readShown(sql, ws, stations, characters), vocabulary);
  const named = unique(wrong.map((l) => l.answer));
  const verdicts = new Map(
    (await readVerdicts(sql, ws, unique(wrong.map((l) => l.sitting_station)), named)).map((v) => [
      `${v.station}/${v.rev}/${v.rival}`,
      v.verdict,
    ]),
  );
  const profiles = new Map(
    (await readProfiles(sql, ws, unique(wrong.map((l) => l.sitting)), named, characters)).map((p) => [
      `${p.sitting}/${p.taxon}/${p.character}`,
      p.value,
    ]),
  );
  const profile: Ground['profile'] = (sitting, taxon, character) =>
    profiles.get(`${sitting}/${taxon}/${character}`);
  const terms = stateCalls(called, shown);
  const taxa =
    rules.length === 0
      ? new Map<string, TaxonNode>()
      : await taxaOf(sql, ws, unique(wrong.flatMap((l) => [l.truth, l.answer])));
  const byStudent = new Map<string, LookRow[]>();
  const atStation = new Map<string, LookRow[]>();
  const add = (to: Map<string, LookRow[]>, key: string, l: LookRow): void => {
    const had = to.get(key);
    if (had) had.push(l);
    else to.set(key, [l]);
  };
  for (const l of all) {
    add(byStudent, l.student, l);
    add(atStation, l.sitting_station, l);
  }
  const base = { vocabulary, shown, profile };
  return {
    ...base,
    verdict: (l) =>
      l.answer === null ? null : (verdicts.get(`${l.sitting_station}/${l.key_rev}/${l.answer}`) ?? null),
    taughtSo: (station, rev) =>
      taughtSo(atStation.get(station) ?? [], shown.differing(station, rev), vocabulary),
    throughout: (student) => termsThroughout(terms.get(student) ?? []),
    leads: leadsBy(rules, taxa, inRules, base),
    looksOf: (student) => byStudent.get(student) ?? [],
  };
}

function callsOf(l: LookRow, g: Ground): readonly ReadCall[] {
  const throughout = g.throughout(l.student);
  return l.calls.flatMap(({ character, value, outcome }): ReadCall[] => {
    const c = g.vocabulary.get(character);
    if (!c) return [];
    const named = l.answer === null ? undefined : g.profile(l.sitting, l.answer, character);
    const own = asCall(outcome);
    return [
      {
        character,
        own,
        other: asCall(gradeValue(value, acceptedCall(c, named)).outcome),
        as:
          own === 'wrong'
            ? misreadAs(
                { character, value },
                (id) => g.shown.at(l.sitting_station, l.key_rev, id),
                g.vocabulary,
                throughout,
              )
            : null,
      },
    ];
  });
}

/** What the student did at the pair before and after: repeats count once results were returned, clean looks on new trees. */
function aroundIt(
  l: LookRow,
  own: readonly LookRow[],
): { readonly isRepeat: boolean; readonly later: { readonly clean: number; readonly repeats: number } } {
  const isPair = (x: LookRow): boolean =>
    (x.truth === l.truth || x.truth === l.answer) && x.sitting_station !== l.sitting_station;
  const isMixed = (x: LookRow): boolean =>
    x.named === 'other' && (x.answer === l.truth || x.answer === l.answer) && x.answer !== x.truth;
  const pair = own.filter(isPair);
  const later = pair.filter((x) => x.on_date > l.on_date && !x.met_before);
  const isKnown = (from: LookRow, x: LookRow): boolean =>
    from.returned_on !== null && from.returned_on < x.on_date;
  return {
    isRepeat: !l.met_before && pair.some((x) => isMixed(x) && isKnown(x, l)),
    later: {
      clean: new Set(later.filter((x) => x.named === 'right').map((x) => x.on_date)).size,
      repeats: later.filter((x) => isMixed(x) && isKnown(l, x)).length,
    },
  };
}

/** Both names of the pair were swapped in one sitting. */
const isSwapped = (l: LookRow, own: readonly LookRow[]): boolean =>
  own.some((x) => x.sitting === l.sitting && x.truth === l.answer && x.answer === l.truth);

function readingsOf(l: LookRow, g: Ground): readonly Reading[] {
  if (l.named === 'right') return [];
  const own = g.looksOf(l.student);
  return diagnose({
    named: l.named,
    sure: l.sure,
    calls: callsOf(l, g),
    verdict: g.verdict(l),
    contradicted: g.shown.contradicted(l.sitting_station, l.key_rev),
    taughtSo: g.taughtSo(l.sitting_station, l.key_rev),
    nameFault: l.named === 'other' && (l.outcome === 'shared_common' || isSwapped(l, own)),
    rule: l.named === 'other' && g.leads(l),
    ...aroundIt(l, own),
  });
}

/**
 * Reads wrong answers: every reading that fits, and what an instructor put in its place.
 * Source: docs/formulas.md, Diagnosis of one wrong answer.
 * @param all every look of the classes at the species at hand, right ones too.
 * @param wanted the wrong ones that are read; all of them where left out.
 */
export async function diagnoses(
  sql: Sql,
  ws: string,
  sections: readonly string[],
  all: readonly LookRow[],
  wanted: readonly LookRow[] = all.filter(isWrong),
): Promise<(look: LookRow) => Diagnosed> {
  const g = await groundOf(sql, ws, sections, all, wanted);
  const corrected = new Map(
    (await readCorrected(sql, ws, unique(wanted.map((l) => l.sitting_station)))).map((c) => [
      `${c.station}/${c.student}`,
      { reading: c.reading, insteadOf: c.insteadOf, by: c.by, at: c.at } as CorrectedReading,
    ]),
  );
  return (look) => ({
    readings: readingsOf(look, g),
    corrected: corrected.get(`${look.sitting_station}/${look.student}`) ?? null,
  });
}
