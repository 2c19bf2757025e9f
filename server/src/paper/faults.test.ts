import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import type { SecondEntries, Section, Sheet, SheetAnswer, SheetAsk } from '@hurrow/contract';
import { id, longQuiz, moveSitting, openLongFor, openTestApp } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const SPECIES = ['grandis', 'lasiocarpa', 'albicaulis', 'flexilis', 'occidental'] as const;
const STATIONS = 30;
const SIZE = 24;
const POINTS = 2;
const keyAt = (station: number): string => SPECIES[station % SPECIES.length] ?? '';

/** What stands on a line of a sheet, both names alike; a species by the station it is right at. */
type OnLine = 'right' | 'misspelled' | 'blank' | { readonly station: number };

/** Numbers that are the same in every run. */
function numbers(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

/** What a student wrote: mostly right, some lines misspelled, blank or another species. */
const sheetOf = (next: () => number): OnLine[] =>
  Array.from({ length: STATIONS }, (_, i): OnLine => {
    const x = next();
    if (x < 0.8) return 'right';
    if (x < 0.85) return 'misspelled';
    if (x < 0.9) return 'blank';
    // Never a neighbor of the line, so that no honest sheet looks shifted by chance of the seed.
    return { station: i + 2 + Math.floor(next() * 2) };
  });

/** The total that whoever read the sheet wrote on it in pencil; a misspelled name earns all here. */
const pencilled = (sheet: readonly OnLine[]): number =>
  sheet.filter((l) => l === 'right' || l === 'misspelled').length * 2 * POINTS;

const entryOf = (line: OnLine): Pick<SheetAnswer, 'typed' | 'as'> => {
  if (line === 'blank') return { typed: '', as: 'blank' };
  return typeof line === 'string'
    ? { typed: null, as: line }
    : { typed: id(keyAt(line.station)), as: 'species' };
};
const answersOf = (asks: readonly SheetAsk[], sheet: readonly OnLine[]): readonly SheetAnswer[] =>
  asks.map(({ sittingStation, number, ask }) => ({
    id: v7(),
    sittingStation,
    ask,
    ...entryOf(sheet[number - 1] ?? 'blank'),
  }));

/** Enters the sheets of a class of 24 with one fault of each kind, and says which faults are found and which were planted. */
async function enterClass(quiz: string, from: number): Promise<{ found: string[]; planted: string[] }> {
  const { body: section } = await owner.call<Section>('POST', '/api/sections', {
    name: `Section ${from}`,
    term: 'Fall 2026',
    list: id('list'),
    site: id('site'),
    level: 'general',
    students: Array.from({ length: SIZE }, (_, i) => ({ code: String(from + i) })),
  });
  const sitting = await openLongFor(owner, quiz, section.id);
  const seconds = `/api/sittings/${sitting.id}/second-entries`;
  const chosen = await owner.call<SecondEntries>('PUT', seconds, { share: 0.2 });
  const twice = new Set(chosen.body.sheets.map((s) => s.student));
  expect(twice.size).toBe(Math.ceil(SIZE * 0.2));
  const next = numbers(from);
  const truth = new Map(sitting.people.map((p) => [p.student, sheetOf(next)]));
  const entered = new Map<string, readonly OnLine[]>();
  const once = sitting.people.filter((p) => !twice.has(p.student));
  const [shifted, total] = [once[2], once[5]];
  const differs = sitting.people.find((p) => twice.has(p.student));
  if (!shifted || !total || !differs) throw new Error('Too few sheets');

  // A student who left out station 12 and wrote on from there one line too low.
  const off = truth.get(shifted.student) ?? [];
  for (let i = STATIONS - 1; i >= 12; i -= 1) off[i] = { station: i - 1 };
  off[11] = 'blank';
  // Staff take a wrong name for right, and write down another species than stands there.
  const overlooked = [...(truth.get(total.student) ?? [])];
  overlooked[6] = overlooked[6] === 'right' ? 'blank' : 'right';
  entered.set(total.student, overlooked);
  (truth.get(differs.student) ?? [])[8] = { station: 10 };
  const other = [...(truth.get(differs.student) ?? [])];
  other[8] = { station: 11 };
  entered.set(differs.student, other);

  const found: string[] = [];
  for (const { student, code } of sitting.people) {
    const path = `/api/sittings/${sitting.id}/sheets/${student}`;
    const stands = truth.get(student) ?? [];
    const { asks } = (await owner.call<Sheet>('GET', path)).body;
    const { body } = await owner.call<Sheet>('POST', path, {
      answers: answersOf(asks, entered.get(student) ?? stands),
    });
    const points = body.asks.reduce((sum, a) => sum + (a.points ?? 0), 0);
    if (points !== pencilled(stands)) found.push(`total ${code}`);
    if (body.shift) found.push(`shift ${code} ${body.shift.first}-${body.shift.last}`);
    if (twice.has(student))
      expect(
        (await owner.call('POST', `${seconds}/${student}`, { answers: answersOf(asks, stands) })).status,
      ).toBe(201);
  }
  for (const s of (await owner.call<SecondEntries>('GET', seconds)).body.sheets)
    for (const d of s.differences) found.push(`second ${s.code} ${d.number}`);
  await moveSitting(owner, sitting.id, 'closed');
  return {
    found,
    planted: [
      `shift ${shifted.code} 13-30`,
      `total ${total.code}`,
      `second ${differs.code} 9`,
      `second ${differs.code} 9`,
    ],
  };
}

test('on 48 sheets every planted fault is found by the total, the second entry or the shift check, none is invented', async () => {
  const asks = ['scientific', 'common'].map((kind) => ({ kind, points: POINTS }));
  const quiz = await longQuiz(
    owner,
    Array.from({ length: STATIONS }, (_, i) => keyAt(i)),
    asks,
  );
  for (const from of [401, 501]) {
    const { found, planted } = await enterClass(quiz.id, from);
    expect([from, found.sort()]).toEqual([from, planted.sort()]);
  }
});
