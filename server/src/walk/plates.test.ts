import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { SittingDetail, Sketch } from '@hurrow/contract';
import { id, joinWalk, moveSitting, openTestApp } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const lines = (all: readonly Sketch[]): readonly string[] => all.flatMap((s) => s.lines.map(([d]) => d));

test('a station that is a plate is drawn for card and phone alike, anew in each sitting, and names nothing', async () => {
  const sitting = async (): Promise<SittingDetail> => {
    const made = await owner.call<SittingDetail>('POST', `/api/quizzes/${id('quiz')}/sittings`, {
      section: id('first'),
      on: '2026-10-01',
      handling: ['look'],
    });
    expect(made.body.stations.flatMap((s) => s.drawn)).toEqual([]);
    const [first] = made.body.stations;
    const put = await owner.call(
      'PUT',
      `/api/sitting-stations/${first?.id ?? ''}`,
      { material: ['plate'], distance: 'hand' },
      { version: first?.version ?? 1 },
    );
    expect(put.status).toBe(200);
    return (await owner.call<SittingDetail>('GET', `/api/sittings/${made.body.id}`)).body;
  };
  const [one, two] = [await sitting(), await sitting()];
  const drawn = one.stations[0]?.drawn ?? [];
  expect(lines(drawn).length).toBeGreaterThan(3);
  // Another sitting shows another individual of the same species.
  expect(lines(two.stations[0]?.drawn ?? [])).not.toEqual(lines(drawn));

  await moveSitting(owner, one.id, 'open');
  const code = await owner.call<{ code: string }>('POST', `/api/sittings/${one.id}/code`);
  const { phone, walk } = await joinWalk(app, code.body.code, '11');
  expect(walk.stations[0]?.drawn).toEqual(drawn);
  expect(walk.stations.slice(1).flatMap((s) => s.drawn)).toEqual([]);
  const sent = JSON.stringify(walk.stations[0]?.drawn);
  expect(sent).not.toMatch(/needle|leaf|blade|seed|part|by"|Abies|Pinus|fir|pine/i);
  expect(phone.received()).not.toContain(one.stations[0]?.station.tree.taxon.id);
});
