import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { SITTING, phone } from './testing.ts';

const typed = (p: ReturnType<typeof phone>): (string | undefined)[] =>
  [...p.at.stored.values()].sort((a, b) => a.seq - b.seq).map((a) => a.typed);

describe('a phone with a network', () => {
  test('sends each answer once, and says all is sent', async () => {
    const p = phone();
    await p.walk.refresh();
    await p.walk.answer('name', { typed: 'grand fir' });
    await p.walk.answer('sure', { sure: 'sure' });
    expect([p.walk.state().phase, p.at.stored.size, p.at.batches]).toEqual(['ready', 2, [1, 1]]);
  });

  test('hands in what was left blank as blank, then all of it', async () => {
    const p = phone();
    await p.walk.refresh();
    await p.walk.handIn();
    expect([typed(p), p.at.state.submitted, p.walk.state().sitting?.submitted]).toEqual([[''], 1, true]);
  });

  test('goes on after handing in, and hands in again', async () => {
    const p = phone();
    await p.walk.refresh();
    await p.walk.handIn();
    await p.walk.takeBack();
    expect(p.walk.state().sitting?.submitted).toBe(false);
    await p.walk.answer('name', { typed: 'grand fir' });
    await p.walk.handIn();
    expect([typed(p).at(-1), p.walk.state().sitting?.submitted]).toEqual(['grand fir', true]);
  });

  test('tells the student of another phone as soon as a receipt tells of it', async () => {
    const p = phone();
    await p.walk.refresh();
    p.at.state.others = ['2026-10-01T18:30:00.000Z'];
    await p.walk.answer('name', { typed: 'grand fir' });
    expect(p.walk.state().sitting?.otherDevices).toEqual(['2026-10-01T18:30:00.000Z']);
  });

  test('says that an answer was refused, sends the others, and does not send it again', async () => {
    const p = phone();
    p.at.state.refuse.add('sure');
    await p.walk.refresh();
    await p.walk.answer('sure', { sure: 'sure' });
    await p.walk.answer('name', { typed: 'grand fir' });
    expect(p.walk.state()).toMatchObject({ phase: 'ready' });
    expect(p.walk.state().refused.get('sure')).toMatchObject({ why: 'no such choice' });
    const again = p.reopen();
    await again.refresh();
    expect([p.at.batches.length, again.state().refused.has('sure')]).toEqual([2, true]);
  });
});

describe('a phone without a network', () => {
  test('keeps everything, waits longer each time, and sends all of it once', async () => {
    const p = phone();
    await p.walk.refresh();
    p.at.state.mood = 'away';
    await p.walk.answer('name', { typed: 'one' });
    expect([p.walk.state().phase, p.waits()]).toEqual(['offline', 2000]);
    await p.pass();
    expect(p.waits()).toBe(4000);
    await p.walk.answer('name', { typed: 'two' });
    expect(p.waits()).toBe(8000);
    p.at.state.mood = 'well';
    await p.pass();
    expect([p.walk.state().phase, typed(p), p.waits()]).toEqual(['ready', ['one', 'two'], null]);
  });

  test('waits at least as long as a busy server asks', async () => {
    const p = phone();
    await p.walk.refresh();
    p.at.state.mood = 'busy';
    await p.walk.answer('name', { typed: 'one' });
    expect(p.waits()).toBe(7000);
  });

  test('opened again, shows what it keeps', async () => {
    const p = phone();
    await p.walk.refresh();
    p.at.state.mood = 'away';
    await p.walk.answer('name', { typed: 'kept' });
    await p.walk.draft('name', 'kept and mo');
    const again = p.reopen();
    await again.refresh();
    expect([again.state().phase, again.state().contents.get('name')]).toEqual([
      'offline',
      { typed: 'kept and mo' },
    ]);
  });

  test('does not hand in, and says so', async () => {
    const p = phone();
    await p.walk.refresh();
    p.at.state.mood = 'away';
    await expect(p.walk.handIn()).rejects.toThrow('away');
    expect(p.at.state.submitted).toBe(0);
  });
});

describe('a phone that refuses to keep', () => {
  test('says so at once, still sends from memory, and goes on when it was sent', async () => {
    const p = phone();
    await p.walk.refresh();
    p.store.refuse(true);
    const seen: string[] = [];
    p.walk.subscribe(() => seen.push(p.walk.state().phase));
    await p.walk.answer('name', { typed: 'grand fir' });
    expect(seen).toContain('blocked');
    expect([p.walk.state().phase, typed(p)]).toEqual(['ready', ['grand fir']]);
  });

  test('without a network too, it stays blocked, and trying again keeps it', async () => {
    const p = phone();
    await p.walk.refresh();
    p.store.refuse(true);
    p.at.state.mood = 'away';
    await p.walk.answer('name', { typed: 'grand fir' });
    expect([p.walk.state().phase, p.store.all()]).toEqual(['blocked', []]);
    await p.walk.tryAgain();
    expect(p.walk.state().phase).toBe('blocked');
    p.store.refuse(false);
    await p.walk.tryAgain();
    expect([p.walk.state().phase, p.store.all().map((a) => a.typed)]).toEqual(['offline', ['grand fir']]);
  });

  test('a draft that cannot be kept is said too, and passes with the next one that can', async () => {
    const p = phone();
    await p.walk.refresh();
    p.store.refuse(true);
    await p.walk.draft('name', 'gra');
    expect(p.walk.state().phase).toBe('blocked');
    p.store.refuse(false);
    await p.walk.tryAgain();
    expect(p.walk.state().phase).toBe('ready');
  });

  test('an answer takes the place of its draft, so a phone that keeps no drafts is ready once all is sent', async () => {
    const p = phone();
    p.store.refuse(true);
    await p.walk.refresh();
    await p.walk.draft('name', 'gra');
    expect(p.walk.state().phase).toBe('blocked');
    await p.walk.answer('name', { typed: 'grand fir' });
    expect(p.walk.state().phase).toBe('ready');
  });

  test('from the start, it can still take part', async () => {
    const p = phone();
    p.store.refuse(true);
    await p.walk.refresh();
    await p.walk.answer('name', { typed: 'grand fir' });
    expect(typed(p)).toEqual(['grand fir']);
  });
});

describe('a phone the server does not know any more', () => {
  test('keeps its answers, asks to join again, and sends them then', async () => {
    const p = phone();
    await p.walk.refresh();
    p.at.state.joined = false;
    await p.walk.answer('name', { typed: 'one' });
    expect([p.walk.state().phase, p.walk.state().waiting.size, p.waits()]).toEqual(['signed_out', 1, null]);
    p.at.state.joined = true;
    await p.walk.refresh();
    expect([p.walk.state().phase, typed(p)]).toEqual(['ready', ['one']]);
  });

  test('nobody joined here: it asks to join', async () => {
    const p = phone();
    p.at.state.joined = false;
    await p.walk.refresh();
    expect(p.walk.state().phase).toBe('nobody');
  });

  test('leaving forgets everything, also without a network', async () => {
    const p = phone();
    await p.walk.refresh();
    await p.walk.answer('name', { typed: 'one' });
    p.at.state.mood = 'away';
    await p.walk.leave();
    expect([p.walk.state().phase, p.store.all()]).toEqual(['nobody', []]);
  });
});

describe('a server put back from an earlier copy', () => {
  test('gets again what it once acknowledged and does not know any more', async () => {
    const p = phone();
    await p.walk.refresh();
    await p.walk.answer('name', { typed: 'one' });
    await p.walk.answer('name', { typed: 'two' });
    p.at.stored.clear();
    await p.walk.refresh();
    expect(typed(p)).toEqual(['one', 'two']);
  });
});

test('an older answer that was kept back does not go before a newer one that was sent from memory', async () => {
  const p = phone();
  await p.walk.refresh();
  p.at.state.mood = 'away';
  await p.walk.answer('name', { typed: 'older' });
  p.store.refuse(true);
  await p.walk.answer('name', { typed: 'newer' });
  p.at.state.mood = 'well';
  await p.pass();
  expect(typed(p)).toEqual(['older', 'newer']);
  p.store.refuse(false);
  await p.reopen().refresh();
  expect(typed(p)).toEqual(['older', 'newer']);
});

test('a phone that kept nothing and numbers from one again does not put its new answer before the one that stands', async () => {
  const p = phone();
  p.store.refuse(true);
  await p.walk.refresh();
  for (const text of ['one', 'two', 'three']) await p.walk.answer('name', { typed: text });
  p.at.state.mood = 'away';
  p.store.refuse(false);
  await p.store.keepSitting(SITTING);
  const again = p.reopen();
  await again.refresh();
  await again.answer('name', { typed: 'four' });
  p.at.state.mood = 'well';
  await again.refresh();
  expect(typed(p)).toEqual(['one', 'two', 'three', 'four']);
});

test('whatever the network, the store and the page do, every answer given arrives once, in its order', async () => {
  const step = fc.oneof(
    { weight: 4, arbitrary: fc.string({ maxLength: 6 }).map((text) => ({ do: 'answer', text }) as const) },
    fc.constant({ do: 'away' } as const),
    fc.constant({ do: 'back' } as const),
    fc.constant({ do: 'pass' } as const),
    fc.constant({ do: 'reopen' } as const),
    fc.constant({ do: 'break' } as const),
    fc.boolean().map((refuses) => ({ do: 'store', refuses }) as const),
  );
  await fc.assert(
    fc.asyncProperty(fc.array(step, { maxLength: 25 }), async (steps) => {
      const p = phone();
      let walk = p.walk;
      const given: string[] = [];
      await walk.refresh();
      for (const s of steps) {
        if (s.do === 'answer') {
          given.push(s.text);
          await walk.answer('name', { typed: s.text });
        }
        if (s.do === 'away') p.at.state.mood = 'away';
        if (s.do === 'back') p.at.state.mood = 'well';
        if (s.do === 'break') p.at.state.breakAfter = p.at.batches.length;
        if (s.do === 'pass') {
          p.at.state.breakAfter = Infinity;
          await p.pass();
        }
        if (s.do === 'store') p.store.refuse(s.refuses);
        // A page closed while the phone keeps nothing loses what is in memory; the student was told not to.
        if (s.do === 'reopen' && walk.state().unsaved.length === 0) {
          p.store.refuse(false);
          walk = p.reopen();
          await walk.refresh();
        }
      }
      p.at.state.mood = 'well';
      p.at.state.breakAfter = Infinity;
      p.store.refuse(false);
      await walk.tryAgain();
      await walk.refresh();
      expect(typed(p)).toEqual(given);
      expect(walk.state().phase).toBe('ready');
    }),
    { numRuns: 150 },
  );
});

test('a phone that kept nothing and is opened without a network numbers on behind what the server has', async () => {
  const p = phone();
  await p.walk.refresh();
  p.store.refuse(true);
  await p.walk.answer('name', { typed: 'one' });
  await p.walk.answer('name', { typed: 'two' });
  p.at.state.mood = 'away';
  p.store.refuse(false);
  const again = p.reopen();
  await again.refresh();
  await again.answer('name', { typed: 'three' });
  await again.answer('name', { typed: 'four' });
  p.at.state.mood = 'well';
  await p.pass();
  expect(typed(p)).toEqual(['one', 'two', 'three', 'four']);
  expect([...p.at.stored.values()].map((a) => a.seq)).toEqual([1, 2, 3, 4]);
});

describe('a phone in two sittings', () => {
  test('goes over to the one joined last, sends each answer to its own, and goes back', async () => {
    const p = phone();
    await p.walk.refresh();
    await p.walk.answer('name', { typed: 'grand fir' });
    p.at.state.newest = 'second';
    await p.walk.open(null);
    expect(p.walk.state().sitting?.sitting).toBe('second');
    expect(p.walk.state().contents.get('name')).toBeUndefined();
    await p.walk.answer('name', { typed: 'western larch' });
    await p.walk.open('s');
    expect(p.walk.state().contents.get('name')).toEqual({ typed: 'grand fir' });
    expect([...p.at.stored.values()].map((a) => [a.typed, p.at.sentTo.get(a.id)])).toEqual([
      ['grand fir', 's'],
      ['western larch', 'second'],
    ]);
  });

  test('what waited for the first when it was left is sent to the first, from the second', async () => {
    const p = phone();
    await p.walk.refresh();
    p.at.state.mood = 'away';
    await p.walk.answer('name', { typed: 'grand fir' });
    // The sending fails once more, then the network is back in time for the reading.
    const going = p.walk.open('second');
    await Promise.resolve();
    p.at.state.mood = 'away';
    await going;
    p.at.state.mood = 'well';
    await p.walk.open('second');
    await p.walk.answer('sure', { sure: 'sure' });
    expect([...p.at.sentTo.values()].sort()).toEqual(['s', 'second']);
    expect(p.walk.state().sitting?.sitting).toBe('second');
  });

  test('a page opened again stays with the sitting it was in', async () => {
    const p = phone();
    await p.walk.refresh();
    p.at.state.newest = 'second';
    const again = p.reopen();
    await again.refresh();
    expect(again.state().sitting?.sitting).toBe('s');
  });

  test('that staff ended in the other one stays in the one that stands', async () => {
    const p = phone();
    await p.walk.refresh();
    p.at.state.ended.add('second');
    await p.walk.open('second');
    expect([p.walk.state().sitting?.sitting, p.walk.state().signedOut]).toEqual(['s', false]);
    p.at.state.ended.add('s');
    await p.walk.refresh();
    expect(p.walk.state().signedOut).toBe(true);
  });
});
