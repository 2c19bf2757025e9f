import { fill } from '../fill/index.ts';
import { serve } from '../serve.ts';
import { fixture } from './fixture.ts';

// A server on a folder, as its own process: says when it is ready, how much it brought in, and what it has stored.
const [data = '', port = ''] = process.argv.slice(2);
let stored = '';
const running = await serve({
  data,
  port: Number(port),
  host: '127.0.0.1',
  prepare: (db) => fill(db, fixture()),
  started: async (db) => {
    const rows = await db.query<{ id: string }>('select id from response');
    stored = rows.map((r) => r.id).join(' ');
  },
});
process.stdout.write(`replayed ${running.recovery.stored}\nstored ${stored}\nready at ${running.address}\n`);
