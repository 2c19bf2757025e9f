import { describe, expect, test } from '@jest/globals';
import { JOIN_NEEDS } from '@hurrow/contract';
import type { ProblemDetails } from '@hurrow/contract';
import { nextStep } from './joinSteps.ts';
import type { JoinEvent, JoinStep } from './joinSteps.ts';
import { phaseWords } from './phaseWords.ts';
import { suggestWord } from './wordSuggestion.ts';

const refused = (more: Partial<ProblemDetails>): JoinEvent => ({
  type: 'refused',
  problem: { type: 'urn:hurrow:x', title: 't', status: 409, detail: 'd', ...more },
});

describe('joining, step by step', () => {
  test.each<[JoinStep, JoinEvent, JoinStep]>([
    ['number', { type: 'joined' }, 'in'],
    ['number', refused({ type: JOIN_NEEDS.choose, field: 'word' }), 'choose'],
    ['number', refused({ type: JOIN_NEEDS.word, field: 'word' }), 'word'],
    ['number', refused({ field: 'code' }), 'number'],
    ['choose', { type: 'joined' }, 'in'],
    // Somebody else claimed the number a moment earlier.
    ['choose', refused({ type: JOIN_NEEDS.word, field: 'word' }), 'word'],
    ['choose', refused({ field: 'word' }), 'choose'],
    ['word', refused({ field: 'word' }), 'word'],
    // The code was renewed meanwhile.
    ['word', refused({ field: 'code' }), 'number'],
    ['word', { type: 'asked' }, 'waiting'],
    ['word', { type: 'back' }, 'number'],
    ['waiting', { type: 'heard', state: 'asked' }, 'waiting'],
    ['waiting', { type: 'heard', state: 'in' }, 'in'],
    ['waiting', { type: 'heard', state: 'refused' }, 'word'],
    ['waiting', { type: 'heard', state: 'ended' }, 'word'],
    ['waiting', { type: 'heard', state: 'none' }, 'word'],
    // A decision heard late moves nobody who has gone back.
    ['number', { type: 'heard', state: 'refused' }, 'number'],
  ])('from %s, %j leads to %s', (from, event, to) => {
    expect(nextStep(from, event)).toBe(to);
  });
});

test('a suggested word is two words and a number, and fits what the server takes', () => {
  const seen = new Set(Array.from({ length: 300 }, (_, i) => suggestWord(() => (i * 0.618) % 1)));
  for (const word of seen) expect(word).toMatch(/^[a-z]+ [a-z]+ [1-9]\d$/);
  expect(seen.size).toBeGreaterThan(100);
  expect([...seen].every((w) => w.length >= 4 && w.length <= 40)).toBe(true);
});

describe('what the head of a page says of sending', () => {
  const say = (phase: Parameters<typeof phaseWords>[0]['phase'], n: number, unsaved = 0): string =>
    phaseWords({
      phase,
      waiting: new Set(Array.from({ length: n }, (_, i) => String(i))),
      unsaved: Array.from({ length: unsaved }, () => ({
        id: 'x',
        owner: 'o',
        ask: 'q',
        seq: 1,
        at: '',
        sent: false,
      })),
    });
  test.each([
    [say('ready', 0), 'all sent'],
    [say('sending', 1), 'sending 1 answer'],
    [say('sending', 3), 'sending 3 answers'],
    [say('offline', 0), 'no network, all sent'],
    [say('offline', 2), 'no network, 2 answers kept on this phone'],
    [say('blocked', 2, 1), '1 answer not kept'],
    [say('blocked', 0, 0), 'this phone keeps no drafts'],
    [say('signed_out', 2), 'join again to send 2 answers'],
  ])('%s', (said, expected) => {
    expect(said).toBe(expected);
  });
});
