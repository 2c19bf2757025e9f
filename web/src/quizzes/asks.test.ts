import { expect, test } from '@jest/globals';
import type { AskBody } from '@hurrow/contract';
import { PRESET_SETTINGS } from '@hurrow/core/quizzes';
import type { Preset } from '@hurrow/core/quizzes';
import { addAsk, asksFor, asksFrom } from './asks.ts';

const common: AskBody = { kind: 'common', character: null, points: 2 };
const sure: AskBody = { kind: 'sureness', character: null, points: 0 };
const call: AskBody = { kind: 'call', character: 'leaf.kind', points: 1 };

test('a question goes where it belongs, whatever was added first', () => {
  expect(addAsk(addAsk([sure], common), call)).toEqual([call, common, sure]);
  const genus: AskBody = { kind: 'genus', character: null, points: 1 };
  expect(addAsk([common, sure], genus)).toEqual([common, genus, sure]);
});

test.each([
  [JSON.stringify([call, common]), [call, common]],
  [null, [common, sure]],
  ['[]', [common, sure]],
  ['not json', [common, sure]],
  [JSON.stringify([{ kind: 'call', character: null, points: 1 }]), [common, sure]],
  [JSON.stringify([{ kind: 'shouting', points: 1 }]), [common, sure]],
  [JSON.stringify({ kind: 'common', points: 1 }), [common, sure]],
])('what was asked last is read from %j', (kept, asks) => {
  expect(asksFrom(kept)).toEqual(asks);
});

test('a preset asks its own, and what was asked last where there is none', () => {
  const plan = (preset: Preset | null, sureness = true) => ({ preset, sureness });
  expect(asksFor(plan('college')).map((a) => [a.kind, a.points])).toEqual([
    ['scientific', 2],
    ['common', 1],
  ]);
  expect(asksFor(plan('contest_seniors'))).toHaveLength(PRESET_SETTINGS.contest_seniors.asks.length);
  expect(asksFor(plan('young'))).toEqual([]);
  expect(asksFor(plan(null)).map((a) => a.kind)).toEqual(['common', 'sureness']);
  expect(asksFor(plan(null, false)).map((a) => a.kind)).toEqual(['common']);
});
