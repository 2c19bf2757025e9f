import { needSection } from '../access/index.ts';
import { idParam, notFound } from '../http/index.ts';
import type { Handlers } from '../http/index.ts';
import { readMisreads } from './misreads.ts';
import { readEvidence, readMixUps } from './read.ts';

export const mixupsHandlers = {
  mixups: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    return { body: await readMixUps(call.app.db, call.who.ws, section) };
  },
  misreads: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    return { body: await readMisreads(call.app.db, call.who.ws, section) };
  },
  evidence: async (call) => {
    const section = idParam(call, 'id');
    await needSection(call, section);
    const found = await readEvidence(
      call.app.db,
      call.who.ws,
      section,
      idParam(call, 'truth'),
      idParam(call, 'answer'),
    );
    if (!found) throw notFound('There is no such mix-up.', { remedy: 'Choose one under Mix-ups.' });
    return { body: found };
  },
} satisfies Partial<Handlers>;
