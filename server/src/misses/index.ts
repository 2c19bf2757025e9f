import { needSection } from '../access/index.ts';
import { insertRows, maybe } from '../db/index.ts';
import { idParam, notFound } from '../http/index.ts';
import type { CallOf, Handlers } from '../http/index.ts';
import { correctReading, readReadings } from '../mixups/index.ts';
import { fitClass, mustFit } from './fit.ts';
import { readApplied, readCharacters } from './read.ts';
import { readYears } from './years.ts';

export { readApplied } from './read.ts';

/** Applies the rates of a fit to a class, or none. @throws where there is no such fit of it. */
async function apply(call: CallOf<'charactersApply'>, section: string): Promise<void> {
  const { ws, id } = call.who;
  const { fit } = call.body;
  await call.app.db.transaction(async (tx) => {
    await tx.query('delete from applied_fit where ws = $1 and section = $2', [ws, section]);
    if (fit === null) return;
    if (
      !(await maybe(tx, 'select 1 from miss_fit where ws = $1 and section = $2 and id = $3', [
        ws,
        section,
        fit,
      ]))
    )
      throw notFound('These rates are no longer kept.', { remedy: 'Work them out again, then apply them.' });
    await insertRows(tx, 'applied_fit', [
      { ws, section, fit, at: call.app.clock().toISOString(), by_account: id },
    ]);
  });
}

export const missesHandlers = {
  characters: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    return { body: await readCharacters(call.app.db, call.who.ws, section) };
  },
  charactersFit: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    const { ws, id } = call.who;
    await mustFit(call.app.db, ws, section, call.body);
    const job = call.app.jobs.start((progress) =>
      fitClass(call.app, { ws, by: id, section }, call.body, progress),
    );
    return { status: 202, body: { job } };
  },
  charactersApply: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    await apply(call, section);
    return { body: await readCharacters(call.app.db, call.who.ws, section) };
  },
  missRates: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    return { body: await readApplied(call.app.db, call.who.ws, section) };
  },
  readings: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    return { body: await readReadings(call.app.db, call.who.ws, section) };
  },
  readingCorrect: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    const who = { ws: call.who.ws, by: call.who.id, at: call.app.clock().toISOString() };
    await call.app.db.transaction((tx) => correctReading(tx, who, section, call.body));
    return { body: await readReadings(call.app.db, call.who.ws, section) };
  },
  sectionsAndYears: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    return { body: await readYears(call.app.db, call.who, section) };
  },
} satisfies Partial<Handlers>;
