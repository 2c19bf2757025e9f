// Where folders of tests are made: in memory where the machine has room there, since a database is a thousand small files.
import { statfsSync } from 'node:fs';
import { tmpdir } from 'node:os';

const IN_MEMORY = '/dev/shm';
/** Two databases of tests at once, a PostgreSQL cluster and a crash test need a quarter of it. */
const ROOM_BYTES = 4e9;

function hasRoom() {
  try {
    const { bavail, bsize } = statfsSync(IN_MEMORY);
    return bavail * bsize >= ROOM_BYTES;
  } catch {
    return false;
  }
}

/** The folder in which tests make theirs; HURROW_SCRATCH names another one. */
export const SCRATCH = process.env['HURROW_SCRATCH'] ?? (hasRoom() ? IN_MEMORY : tmpdir());
