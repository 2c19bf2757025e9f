import { v7 } from 'uuid';
import type { Sheet, SittingDetail } from '@hurrow/contract';
import { moveSitting } from './app.ts';
import type { Client } from './client.ts';
import { graded } from './graded.ts';
import { id } from './ids.ts';
import { openLong } from './longQuiz.ts';

/**
 * Holds a sitting on paper and grades it.
 * @param named the species that a student in some place writes at a station, by its id in the fixture.
 * @param count how many of the class take part.
 * @param called the state that a student in some place calls a character at a station; empty for none.
 */
export async function satLong(
  owner: Client,
  quiz: string,
  section: string,
  on: string,
  named: (student: number, station: number) => string,
  count: number,
  called: (student: number, station: number, character: string) => string = () => '',
): Promise<SittingDetail> {
  const sitting = await openLong(owner, quiz, section, on);
  for (const [i, person] of sitting.people.slice(0, count).entries()) {
    const path = `/api/sittings/${sitting.id}/sheets/${person.student}`;
    const { asks } = (await owner.call<Sheet>('GET', path)).body;
    const stations = [...new Set(asks.map((a) => a.sittingStation))];
    const answers = asks.flatMap((a) => {
      const j = stations.indexOf(a.sittingStation);
      const of = { id: v7(), sittingStation: a.sittingStation, ask: a.ask };
      if (a.kind !== 'call') return [{ ...of, typed: id(named(i, j)), as: 'species' }];
      const typed = called(i, j, a.character ?? '');
      return typed === '' ? [] : [{ ...of, typed }];
    });
    const { status, body } = await owner.call('POST', path, { answers });
    if (status >= 300) throw new Error(`Not entered: ${JSON.stringify(body)}`);
  }
  await moveSitting(owner, sitting.id, 'closed');
  await graded(owner, sitting.id);
  return sitting;
}
