import type { Client } from './client.ts';
import { id } from './ids.ts';

/** Adds students to a section of the fixture, numbered one after the other. @throws where they are refused. */
export async function enroll(owner: Client, section: string, from: number, count: number): Promise<void> {
  const students = Array.from({ length: count }, (_, i) => ({ code: String(from + i) }));
  const { status } = await owner.call('POST', `/api/sections/${id(section)}/students`, { students });
  if (status >= 300) throw new Error(`No roster: ${status}`);
}
