import { expect, test } from '@jest/globals';
import { fitMisses, chooseLooks } from '@hurrow/core/misses';
import type { FittedRate, WeighedLook, WeighedStation } from '@hurrow/core/misses';
import { seeded } from '@hurrow/core/numbers';
import { stationComparer, stationShown } from '@hurrow/core/stations';
import { answerStation } from './answers.ts';
import { DESCRIBED, described, vocabulary } from './described.ts';
import { SPECIES, taxonId } from './libraryRows.ts';

const LIST = [...DESCRIBED.values()];
const WALK = [
  'Fraxinus pennsylvanica',
  'Sorbus aucuparia',
  'Abies grandis',
  'Abies lasiocarpa',
  'Acer glabrum',
  'Betula papyrifera',
];
const ASKS = [
  { kind: 'call', character: 'twig.arrangement' },
  { kind: 'scientific', character: null },
];
const OPPOSITE = new Set(['Fraxinus pennsylvanica', 'Acer glabrum']);

const compare = stationComparer(LIST, vocabulary);

/** A station at a twig in the hand, with what separates every other species of the demo from its tree. */
function station(species: string): WeighedStation {
  const own = described(species);
  const at = stationShown(
    { individual: 'tree', taxon: own.id, certified: {}, cautions: [] },
    {
      date: '2026-10-06',
      material: ['twig', 'leaf'],
      handling: ['look', 'lens', 'touch'],
      distance: 'hand',
      wet: false,
    },
    own,
  );
  return {
    truth: own.id,
    names: LIST.length,
    weeks: null,
    retaught: [],
    doubted: false,
    rivals: compare(at).map((r) => ({
      taxon: r.b,
      verdict: r.verdict,
      tells: r.tells.map((t) => ({
        character: t.character,
        group: vocabulary.get(t.character)?.evidenceGroup ?? t.character,
        overlap: t.overlap,
      })),
    })),
  };
}

/** The species a name with a slip of the pen means, by its first letters; null for none. */
function meant(typed: string): string | null {
  const [genus = '', epithet = ''] = typed.split(' ');
  const found = [...SPECIES].find((s) => {
    const [g = '', e = ''] = s.split(' ');
    return e.startsWith(epithet.slice(0, 2)) && g.startsWith(genus.slice(0, 1)) && epithet !== '';
  });
  return found ? taxonId(found) : null;
}

/** Eight quizzes of one section of 24, as the demo's generator answers them. */
function fitted(section: string): readonly FittedRate[] {
  const random = seeded(11);
  const at = WALK.map(station);
  const stations = Array.from({ length: 8 }, () => at).flat();
  const names = {
    common: (s: string) => s,
    others: () => [],
    shown: (s: string) => (OPPOSITE.has(s) ? 'opposite' : 'alternate'),
  };
  const looks = stations.flatMap((s, i) =>
    Array.from({ length: 24 }, (_, k): WeighedLook => {
      const species = WALK[i % WALK.length] ?? '';
      const [call, name] = answerStation(species, ASKS, 1, names, random, { section, afterLesson: false });
      const answer = meant(name?.typed ?? '');
      const right = call?.state === names.shown(species);
      return {
        student: `s${k}`,
        station: i,
        named: answer === null ? 'blank' : answer === s.truth ? 'right' : 'other',
        answer,
        sure: null,
        metBefore: false,
        calls: call?.state ? [{ character: 'twig.arrangement', right }] : [],
      };
    }),
  );
  const characters = [...vocabulary.values()].map((c) => ({
    id: c.id,
    group: c.evidenceGroup ?? c.id,
    prior: c.misread[0],
  }));
  return fitMisses(chooseLooks(stations, looks, characters).data).rates;
}

test('arrangement, which one section takes for its opposite and the other does not, is found in the one and not in the other', () => {
  const [tuesday, thursday] = ['tuesday', 'thursday'].map((section) =>
    fitted(section).find((r) => r.group === 'arrangement'),
  );
  if (!tuesday || !thursday) throw new Error('No rate of arrangement.');
  expect(tuesday.verdict).toBe('estimated');
  expect(tuesday.m.low).toBeGreaterThan(thursday.m.high);
  expect(tuesday.split?.e ?? 0).toBeGreaterThan(0.03);
  expect(thursday.split?.e ?? 1).toBeLessThan(0.01);
  const ids = WALK.map((s) => taxonId(s));
  const behind = tuesday.pairs.filter((p) => p.avoided > 3).map((p) => [p.truth, p.named]);
  expect(behind).toContainEqual([ids[1], ids[0]]);
});
