import { MATERIAL_CLASSES } from '@hurrow/core/quizzes';
import { isDate } from '@hurrow/core/conditions';
import { needSection } from '../access/index.ts';
import { idParam, invalid, notFound } from '../http/index.ts';
import type { CallOf, Handlers } from '../http/index.ts';
import { mixUpSettings } from '../sums/index.ts';
import { readWorkspace } from '../workspace/index.ts';
import { readMisreads } from './misreads.ts';
import { readEvidence } from './evidence.ts';
import { readMixUpGroups } from './levels.ts';
import { readMixUps } from './read.ts';
import { dropRetest, keepRetest, readRetest } from './retest.ts';
import type { BoardScope } from './boardTypes.ts';
import { keepSettings, settingsEffect } from './settings.ts';
import { readByStudent } from './students.ts';

export { readEvidence } from './evidence.ts';
export { readMixUps } from './read.ts';
export type { BoardScope } from './boardTypes.ts';
export { ownMixUps } from './students.ts';
export { correctReading, readReadings } from './readings.ts';
export { doubtedStations } from './tags.ts';
export { looksOfPair } from './writtenLooks.ts';
export type { WrittenLook } from './writtenLooks.ts';

const FORMS = ['typed', 'choice', 'number', 'completion'];

/** A choice of the address, refused where it is none of those there are. */
function chosen(
  value: string | undefined,
  field: string,
  isOne: (v: string) => boolean,
  remedy: string,
): string | null {
  if (value === undefined || value === '') return null;
  if (!isOne(value)) throw invalid(`“${value}” cannot be chosen here.`, { field, remedy });
  return value;
}

/** The classes, days, material and form a board is asked for; each class is one the account sees. */
async function scopeOf(
  call: CallOf<'mixups'> | CallOf<'mixUpGroups'> | CallOf<'evidence'>,
): Promise<BoardScope> {
  const sections = [idParam(call, 'id'), ...(call.query['with'] ?? '').split(',').filter((s) => s !== '')];
  for (const s of sections) await needSection(call, s);
  const day = (field: 'from' | 'to') =>
    chosen(call.query[field], field, isDate, 'Write a date as 2026-10-06.');
  return {
    sections: [...new Set(sections)],
    from: day('from'),
    to: day('to'),
    material: chosen(
      call.query['material'],
      'material',
      (v) => (MATERIAL_CLASSES as readonly string[]).includes(v),
      `Choose one of ${MATERIAL_CLASSES.join(', ')}.`,
    ),
    form: chosen(call.query['form'], 'form', (v) => FORMS.includes(v), `Choose one of ${FORMS.join(', ')}.`),
  };
}

export const mixupsHandlers = {
  mixups: async (call) => ({ body: await readMixUps(call.app.db, call.who.ws, await scopeOf(call)) }),
  mixUpGroups: async (call) => ({
    body: await readMixUpGroups(call.app.db, call.who.ws, await scopeOf(call)),
  }),
  misreads: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    return { body: await readMisreads(call.app.db, call.who.ws, section) };
  },
  evidence: async (call) => {
    const scope = await scopeOf(call);
    const found = await readEvidence(
      call.app.db,
      call.who.ws,
      scope,
      idParam(call, 'truth'),
      idParam(call, 'answer'),
    );
    if (!found) throw notFound('There is no such mix-up.', { remedy: 'Choose one under Mix-ups.' });
    return { body: found };
  },
  mixUpsByStudent: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    return { body: await readByStudent(call.app.db, call.who.ws, section) };
  },
  mixUpSettings: async (call) => ({ body: await mixUpSettings(call.app.db, call.who.ws) }),
  mixUpSettingsKeep: async (call) => ({
    body: await call.app.db.transaction((tx) => keepSettings(tx, call.who.ws, call.body)),
  }),
  mixUpSettingsEffect: async (call) => ({
    body: await settingsEffect(call.app.db, call.who.ws, call.body),
  }),
  retest: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    return { body: await readRetest(call.app.db, call.who.ws, section) };
  },
  retestKeep: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    const on =
      (await readWorkspace(call.app.db, call.app.clock()))?.today ??
      call.app.clock().toISOString().slice(0, 10);
    const who = { ws: call.who.ws, by: call.who.id, on };
    return {
      status: 201,
      body: await call.app.db.transaction((tx) => keepRetest(tx, who, section, call.body)),
    };
  },
  retestDrop: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    return {
      body: await call.app.db.transaction((tx) =>
        dropRetest(tx, call.who.ws, section, idParam(call, 'retest')),
      ),
    };
  },
} satisfies Partial<Handlers>;
