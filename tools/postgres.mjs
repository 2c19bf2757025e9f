// A PostgreSQL cluster of its own for the tests: in a temporary folder, on the loopback only, gone afterwards.
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { run } from './run.mjs';
import { SCRATCH } from './scratch.mjs';

const BIN = '/usr/lib/postgresql/15/bin';

const freePort = () =>
  new Promise((resolve) => {
    const s = createServer().listen(0, '127.0.0.1', () => {
      const { port } = s.address();
      s.close(() => resolve(port));
    });
  });

/** PostgreSQL refuses to run as root, so root hands over to the package's own user. */
function as(command, args) {
  return process.getuid?.() === 0
    ? run('runuser', ['-u', 'postgres', '--', command, ...args], { quiet: true })
    : run(command, args, { quiet: true });
}

/** Runs `fn` with the address of a fresh cluster. */
export async function withPostgres(fn) {
  const folder = mkdtempSync(join(SCRATCH, 'hurrow-postgres-'));
  if (process.getuid?.() === 0) await run('chown', ['postgres', folder], { quiet: true });
  else chmodSync(folder, 0o700);
  const data = join(folder, 'data');
  const port = await freePort();
  try {
    await as(`${BIN}/initdb`, [
      '-D',
      data,
      '-A',
      'trust',
      '-U',
      'hurrow',
      '-E',
      'UTF8',
      '--locale=C.UTF-8',
      '--no-sync',
    ]);
    const settings = `-p ${port} -k ${folder} -c listen_addresses=127.0.0.1 -c fsync=off -c full_page_writes=off`;
    await as(`${BIN}/pg_ctl`, ['-D', data, '-o', settings, '-l', join(folder, 'log'), '-w', 'start']);
    try {
      return await fn(`postgres://hurrow@127.0.0.1:${port}`);
    } finally {
      await as(`${BIN}/pg_ctl`, ['-D', data, '-m', 'immediate', 'stop']);
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
