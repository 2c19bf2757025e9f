import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { TEACHERS, demoBundle } from '@hurrow/demo';
import { fill, serve } from '@hurrow/server';

const data = mkdtempSync(join(tmpdir(), 'hurrow-demo-'));
const running = await serve({
  data,
  port: Number(process.env['PORT'] ?? 0),
  host: process.env['HOST'] ?? '127.0.0.1',
  prepare: (db) => fill(db, demoBundle()),
});
console.log(`\nHurrow with the demo data is at ${running.address}\n`);
console.log('Sign in as');
for (const t of TEACHERS)
  console.log(`  ${t.name.padEnd(14)} ${t.role.padEnd(11)} passphrase: ${t.passphrase}`);
console.log(
  `\nStudents join at ${running.address}/walk/ with the code an opened sitting shows and a class number,`,
);
console.log(
  '101 to 112 on Tuesday, 201 to 212 on Thursday. Stop with Ctrl+C; the demo data is made anew each time.\n',
);

const stop = (): void => {
  void running.stop().then(() => {
    rmSync(data, { recursive: true, force: true });
    process.exit(0);
  });
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
