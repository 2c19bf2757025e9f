import { characterWritten } from '../answers/index.ts';
import type { Character, Vocabulary } from '../characters/index.ts';
import { matrixOf, rowReports } from '../compare/index.ts';
import type { Conditions, Material } from '../conditions/index.ts';
import { MATERIALS } from '../conditions/index.ts';
import { chooseLooks, fitMisses } from '../misses/index.ts';
import type { LeftOut, MissCall, MissFit, WeighedLook, WeighedStation } from '../misses/index.ts';
import { acceptedCall, gradeValue } from '../quizzes/index.ts';
import type { DescribedTable } from '../scripted/index.ts';
import { expectedCharacters } from '../tells/index.ts';
import type { Described } from '../tells/index.ts';
import type { Lesson } from './lessons.ts';
import { inOrder } from './sections.ts';
import type { Row } from './types.ts';

const WEEK = 7 * 86_400_000;

/** What is in hand where the file says nothing of how stations were met. */
const IN_HAND: Omit<Conditions, 'date' | 'material'> = {
  handling: ['look', 'lens', 'touch'],
  distance: 'hand',
  wet: false,
};
const ALL: readonly Material[] = ['tree', 'twig', 'leaf', 'bark'];

const isMaterial = (m: string): m is Material => (MATERIALS as readonly string[]).includes(m);

/** Characters that can be seen whenever their material is at hand: a table brings no seasons. */
const withoutSeasons = (vocabulary: Vocabulary): Vocabulary =>
  new Map([...vocabulary].map(([id, c]): [string, Character] => [id, { ...c, season: ['always'] }]));

type Rivals = WeighedStation['rivals'];

/** What separates every species from each other one with some material, worked out once for each of both. */
function rivalsOf(file: Extract<DescribedTable, { ok: true }>): (truth: string, row: Row) => Rivals {
  const vocabulary = file.hasSeasons ? file.vocabulary : withoutSeasons(file.vocabulary);
  const list: readonly Described[] = file.described;
  const places = new Map(list.map((d, i) => [d.id, i]));
  const expected = expectedCharacters(list);
  const matrices = new Map<
    string,
    { readonly matrix: ReturnType<typeof matrixOf>; readonly c: Conditions }
  >();
  const found = new Map<string, Rivals>();
  return (truth, { line }) => {
    const material = line.material.filter(isMaterial);
    const date = file.hasSeasons ? line.on : '2026-07-01';
    const key = `${date}/${material.join(' ')}`;
    const had = found.get(`${key}/${truth}`);
    if (had) return had;
    let at = matrices.get(key);
    if (!at) {
      const c = { ...IN_HAND, date, material: material.length > 0 ? material : ALL };
      at = { matrix: matrixOf([...list], vocabulary, c, expected), c };
      matrices.set(key, at);
    }
    const place = places.get(truth);
    const rivals: Rivals =
      place === undefined
        ? []
        : rowReports(at.matrix, place, at.c).map((r) => ({
            taxon: r.b,
            verdict: r.verdict,
            tells: r.tells
              // Where a tree stands is no mark of it: it may be planted.
              .filter((t) => vocabulary.get(t.character)?.organ !== 'site')
              .map((t) => ({
                character: t.character,
                group: vocabulary.get(t.character)?.evidenceGroup ?? t.character,
                overlap: t.overlap,
              })),
          }));
    found.set(`${key}/${truth}`, rivals);
    return rivals;
  };
}

/** Weeks from the last lesson that taught a species to a class until a day; null where no lesson says. */
function weeksSince(lessons: readonly Lesson[], section: string, species: string, on: string): number | null {
  const days = lessons.flatMap((l) =>
    l.kind === 'taught' &&
    l.section === section &&
    (l.species === species || l.other === species) &&
    l.on <= on
      ? [l.on]
      : [],
  );
  const last = [...days].sort().at(-1);
  return last === undefined ? null : Math.floor((Date.parse(on) - Date.parse(last)) / WEEK);
}

const retaughtBefore = (lessons: readonly Lesson[], row: Row): readonly string[] =>
  lessons.flatMap((l) => {
    if (l.kind !== 'retaught' || l.section !== row.line.section || l.on >= row.line.on) return [];
    if (l.species === row.line.species) return [l.other];
    return l.other === row.line.species ? [l.species] : [];
  });

function callsOf(
  row: Row,
  file: Extract<DescribedTable, { ok: true }>,
  own: Described | undefined,
): readonly MissCall[] {
  return Object.entries(row.line.calls).flatMap(([id, said]): MissCall[] => {
    const character = file.vocabulary.get(id);
    const value = character ? characterWritten(character, said) : null;
    if (!character || value === null) return [];
    const { outcome } = gradeValue(value, acceptedCall(character, own?.values.get(id)?.value));
    return outcome === 'right' || outcome === 'coarse' || outcome === 'wrong'
      ? [{ character: id, right: outcome !== 'wrong' }]
      : [];
  });
}

export interface Characters {
  readonly fit: MissFit;
  readonly leftOut: Readonly<Record<LeftOut, number>>;
}

/**
 * Fits how often characters are missed, from answers and a character table. What can be seen follows from the material of a
 * row alone, since a table brings no seasons. Source: docs/formulas.md, The miss model.
 * @param doubted whether the tag of a station is to be checked, by its quiz and number.
 */
export function findCharacters(
  rows: readonly Row[],
  file: Extract<DescribedTable, { ok: true }>,
  lessons: readonly Lesson[],
  doubted: (station: string) => boolean,
): Characters {
  const rivals = rivalsOf(file);
  const described = new Map(file.described.map((d) => [d.id, d]));
  const stations: WeighedStation[] = [];
  const places = new Map<string, number>();
  const looks = inOrder(rows).map(({ row, metBefore }): WeighedLook => {
    const key = `${row.sitting}/${row.line.station}/${row.line.species}/${row.line.material.join(' ')}`;
    let station = places.get(key);
    if (station === undefined) {
      station =
        stations.push({
          truth: row.line.species,
          names: Math.max(2, file.described.length),
          rivals: rivals(row.line.species, row),
          weeks: weeksSince(lessons, row.line.section, row.line.species, row.line.on),
          retaught: retaughtBefore(lessons, row),
          doubted: doubted(row.station),
        }) - 1;
      places.set(key, station);
    }
    return {
      student: row.student,
      station,
      named: row.named,
      answer: row.answer,
      sure: row.line.sure,
      metBefore,
      calls: callsOf(row, file, described.get(row.line.species)),
    };
  });
  const characters = [...file.vocabulary.values()].map((c) => ({
    id: c.id,
    group: c.evidenceGroup ?? c.id,
    prior: c.misread[0],
  }));
  const { data, leftOut } = chooseLooks(stations, looks, characters);
  return { fit: fitMisses(data), leftOut };
}

/** The fit in the shape of the report; nothing of it where no table was given. */
export function characterParts(found: Characters | null) {
  if (!found) return { characters: undefined, slope: null, readiness: [] };
  const { fit } = found;
  return {
    characters: fit.rates.map((r) => ({
      character: r.character,
      m: r.m.value,
      low: r.m.low,
      high: r.m.high,
      level: 0.9,
      u: r.split?.u ?? null,
      e: r.split?.e ?? null,
      direct: r.direct,
      indirect: r.indirect,
      verdict: r.verdict,
      bundle: r.bundle,
    })),
    slope: fit.slope && { per_week: fit.slope.value, low: fit.slope.low, high: fit.slope.high },
    readiness: fit.readiness.map((r) => ({ species: r.species, w: r.w })),
  };
}
