import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { SAYS, START, firstOpen, press, write } from './entry.ts';
import type { AskAt, Given, Line, Place } from './entry.ts';

const ask = (id: string, part: Partial<AskAt> = {}): AskAt => ({
  sittingStation: id.split('.')[0] ?? id,
  ask: id,
  picks: true,
  named: true,
  states: [],
  answered: false,
  byPhone: false,
  ...part,
});
const call = (id: string, states = 4): AskAt =>
  ask(id, { picks: false, named: false, states: Array.from({ length: states }, (_, i) => `s${i + 1}`) });
const sheet = (n: number): Line[] =>
  Array.from({ length: n }, (_, i) => ({
    id: `${i + 1}`,
    asks: [call(`${i + 1}.call`), ask(`${i + 1}.scientific`), ask(`${i + 1}.common`)],
  }));

/** Presses keys one after the other, entering what each leads to. */
function typed(keys: readonly string[], lines: readonly Line[], fits: readonly string[] = []) {
  let place: Place = START;
  let now = lines;
  const given: Given[] = [];
  let next = false;
  for (const key of keys) {
    const pressed = press(key.replace('Shift+', ''), key.startsWith('Shift+'), place, now, fits);
    // What no key takes changes the text of the field.
    const step = pressed ?? (key.length === 1 ? write(place.text + key, place, now) : null);
    if (!step) continue;
    place = step.place;
    next = step.next;
    given.push(...step.given);
    now = now.map((l) => ({
      ...l,
      asks: l.asks.map((a) => (given.some((g) => g.ask === a.ask) ? { ...a, answered: true } : a)),
    }));
  }
  return { place, given, next, lines: now };
}
const told = (given: readonly Given[]): readonly string[] => given.map((g) => `${g.ask} ${g.as ?? g.typed}`);

describe('entering a sheet by exception', () => {
  test('one key takes every question of a station as right, and the next sheet is one key', () => {
    const { given, place, next } = typed(['Enter', 'Enter', 'Enter'], sheet(2));
    expect(told(given)).toEqual([
      '1.call right',
      '1.scientific right',
      '1.common right',
      '2.call right',
      '2.scientific right',
      '2.common right',
    ]);
    expect([place.line, next]).toEqual([2, true]);
  });

  test('a digit enters a circled call, one key a misspelled name, Enter the rest of the line', () => {
    expect(told(typed(['3', '/', 'Enter'], sheet(1)).given)).toEqual([
      '1.call 3',
      '1.scientific misspelled',
      '1.common right',
    ]);
  });

  test('letters and Enter pick a species; Shift and Enter take them as written', () => {
    const fits = ['lasiocarpa', 'lyallii'];
    expect(told(typed([' ', 's', 'f', 'Enter'], sheet(1), fits).given)).toEqual([
      '1.call right',
      '1.scientific species',
    ]);
    const second = typed([' ', 's', 'ArrowDown', 'Enter'], sheet(1), fits).given[1];
    expect(second).toMatchObject({ typed: 'lyallii', as: 'species' });
    expect(typed([' ', 's', 'f', 'Shift+Enter'], sheet(1), fits).given[1]).toMatchObject({ typed: 'sf' });
    expect(typed([' ', 'q', 'Enter'], sheet(1)).given[1]).toMatchObject({ typed: 'q' });
  });

  test.each(Object.entries(SAYS).filter(([, as]) => as !== 'not_reached' && as !== 'misspelled'))(
    '“%s” says %s',
    (key, as) => {
      expect(typed([key], sheet(1)).given).toEqual([
        expect.objectContaining({ ask: '1.call', as }) as unknown,
      ]);
    },
  );

  test('not reached is the whole line, and a call is not misspelled', () => {
    expect(told(typed(['*'], sheet(1)).given)).toEqual([
      '1.call not_reached',
      '1.scientific not_reached',
      '1.common not_reached',
    ]);
    expect(typed(['/'], sheet(1)).given).toEqual([]);
  });

  test('a number of two digits waits for its second, and one that is too large is none', () => {
    const lines = [{ id: '1', asks: [call('1.call', 12)] }];
    expect(told(typed(['1', '2'], lines).given)).toEqual(['1.call 12']);
    expect(told(typed(['1', 'Enter'], lines).given)).toEqual(['1.call 1']);
    expect(told(typed(['7'], lines).given)).toEqual(['1.call 7']);
    expect(typed(['5'], sheet(1)).given).toEqual([]);
  });

  test('Backspace goes back and opens what was entered; other keys never replace an answer', () => {
    const again = typed([' ', 'Backspace', '2'], sheet(1));
    expect(told(again.given)).toEqual(['1.call right', '1.call 2']);
    const done = sheet(1).map((l) => ({ ...l, asks: l.asks.map((a) => ({ ...a, answered: true })) }));
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('Enter', ' ', '-', '/', '3', 'a', '?', '!', 'ArrowUp', 'ArrowRight')),
        (keys) => {
          expect(typed(keys, done).given).toEqual([]);
        },
      ),
    );
    expect(told(typed(['F2', '-'], done).given)).toEqual(['1.call blank']);
  });

  test('the hand begins at the first question that has no answer', () => {
    const lines = sheet(3);
    expect(firstOpen(lines)).toMatchObject({ line: 0, ask: 0 });
    const some = lines.map((l, i) => ({
      ...l,
      asks: l.asks.map((a, k) => ({ ...a, answered: i === 0 || (i === 1 && k === 0) })),
    }));
    expect(firstOpen(some)).toMatchObject({ line: 1, ask: 1 });
    const all = lines.map((l) => ({ ...l, asks: l.asks.map((a) => ({ ...a, answered: true })) }));
    expect(firstOpen(all)).toMatchObject({ line: 3 });
  });

  test('what came by phone is corrected, what was entered from paper is entered again', () => {
    const lines = [{ id: '1', asks: [{ ...ask('1.common'), answered: true, byPhone: true }] }];
    expect(typed(['F2', '-'], lines).given).toEqual([
      expect.objectContaining({ correction: true }) as unknown,
    ]);
    expect(typed(['-'], sheet(1)).given).toEqual([expect.objectContaining({ correction: false }) as unknown]);
  });

  test('22 right stations of three questions and 8 exceptions take at most 75 keys plus letters', () => {
    const fits = ['other'];
    const keys: string[] = [];
    let letters = 0;
    for (let station = 1; station <= 30; station += 1) {
      const kind = station % 4 === 0 && station <= 28 ? (station / 4) % 4 : station === 30 ? 0 : null;
      if (kind === null) keys.push('Enter');
      else if (kind === 0) keys.push(' ', '/', 'Enter');
      else if (kind === 1) {
        // Both names are another species.
        keys.push(' ', 's', 'f', 'Enter', 's', 'f', 'Enter');
        letters += 4;
      } else if (kind === 2) keys.push('2', 'Enter');
      else keys.push(' ', '-', '-');
    }
    const { given, place, next } = typed([...keys, 'Enter'], sheet(30), fits);
    expect(given).toHaveLength(90);
    expect([place.line, next]).toEqual([30, true]);
    expect(keys.length - letters).toBeLessThanOrEqual(75);
  });
});
