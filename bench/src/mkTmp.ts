import { mkdirSync } from 'node:fs';
import { fill } from '@hurrow/server';
import { migrate, openPglite } from '@hurrow/server/db';
import { upgradeSums } from '@hurrow/server/sums';
import { WS, fixture } from '@hurrow/server/testing';
import { MILLION, fillLooks } from './millionLooks.ts';
mkdirSync('/tmp/mbdata',{recursive:true});
const db = await openPglite('/tmp/mbdata');
await migrate(db); await fill(db, fixture()); await fillLooks(db, MILLION);
await db.transaction(async (tx) => {
    await tx.query('set local session_replication_role = replica');
    await tx.query(
      `insert into cell_student (ws, section, sitting, student, truth, named, answer, looks)
       select ws, section, sitting, student, truth, named, answer, count(*) from look where ws = $1
       group by ws, section, sitting, student, truth, named, answer`, [WS]);
});
await upgradeSums(db); await db.query('analyze'); await db.close(); console.log('done');
process.exit(0);
