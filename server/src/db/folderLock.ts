import { mkdirSync, openSync, closeSync, readFileSync, rmSync, writeSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';

interface Owner {
  readonly pid: number;
  readonly host: string;
  readonly startedAt: string;
  readonly started: string;
  readonly address: string;
}

/** The moment a process began, from the kernel where it tells, so that a reused pid is not taken for its owner. */
function processStart(pid: number): string {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? '';
  } catch {
    return '';
  }
}

function isAlive(owner: Owner): boolean {
  if (owner.host !== hostname()) return true;
  try {
    process.kill(owner.pid, 0);
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
  return owner.started === '' || owner.started === processStart(owner.pid);
}

export type Locked =
  { readonly ok: true; readonly release: () => void } | { readonly ok: false; readonly message: string };

function readOwner(file: string): Owner | null {
  try {
    return JSON.parse(readFileSync(file, 'utf8')) as Owner;
  } catch {
    return null;
  }
}

/**
 * Takes a data folder for this process. Two processes on one folder would lose rows without an error, so the second
 * is refused with the address of the first. A lock whose owner is gone is taken over.
 */
export function lockFolder(folder: string, address: string): Locked {
  mkdirSync(folder, { recursive: true });
  const file = join(folder, 'hurrow.lock');
  const own: Owner = {
    pid: process.pid,
    host: hostname(),
    startedAt: new Date().toISOString(),
    started: processStart(process.pid),
    address,
  };
  for (let attempt = 0; attempt < 2; attempt += 1) {
    try {
      const handle = openSync(file, 'wx');
      writeSync(handle, JSON.stringify(own));
      closeSync(handle);
      return { ok: true, release: () => rmSync(file, { force: true }) };
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
    }
    const owner = readOwner(file);
    if (owner && isAlive(owner)) {
      const where = owner.host === hostname() ? `process ${owner.pid}` : `the machine ${owner.host}`;
      return {
        ok: false,
        message:
          `The data folder ${folder} is in use by ${where} since ${owner.startedAt}, at ${owner.address}. ` +
          'Use that address, or stop it first.',
      };
    }
    rmSync(file, { force: true });
  }
  return {
    ok: false,
    message: `The data folder ${folder} could not be locked; is another process starting?`,
  };
}
