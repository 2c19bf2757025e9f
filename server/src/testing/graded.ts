import type { Grades, GradingDone } from '@hurrow/contract';
import type { Client } from './client.ts';

/** The grades of a sitting as the owner reads them. */
export const gradesOf = async (by: Client, sitting: string): Promise<Grades> =>
  (await by.call<Grades>('GET', `/api/sittings/${sitting}/grades`)).body;

/** Grades a sitting and reads its grades. @throws where it is refused. */
export async function graded(by: Client, sitting: string): Promise<Grades & GradingDone> {
  const { status, body } = await by.call<GradingDone>('POST', `/api/sittings/${sitting}/grading-runs`);
  if (status !== 201) throw new Error(`Grading was refused: ${status} ${JSON.stringify(body)}`);
  return { ...(await gradesOf(by, sitting)), ...body };
}
