import { cpSync, existsSync, mkdtempSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { TEACHERS, demoBundle } from '@hurrow/demo';
import { fill, makeData, serve } from '@hurrow/server';

/** The demo data as it begins, beside what was built: it goes when a source changes. Making it is most of a first start. */
const BEGINNING = fileURLToPath(new URL('./demo-data', import.meta.url));

async function makeBeginning(): Promise<void> {
  const making = `${BEGINNING}.${process.pid}`;
  await makeData(making, (db) => fill(db, demoBundle()));
  try {
    renameSync(making, BEGINNING);
  } catch (error) {
    // Another demo was faster; theirs is as good.
    rmSync(making, { recursive: true, force: true });
    if (!existsSync(BEGINNING)) throw error;
  }
}

if (!existsSync(BEGINNING)) await makeBeginning();
const data = mkdtempSync(join(tmpdir(), 'hurrow-demo-'));
cpSync(BEGINNING, data, { recursive: true });
const running = await serve({
  data,
  port: Number(process.env['PORT'] ?? 0),
  host: process.env['HOST'] ?? '127.0.0.1',
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
