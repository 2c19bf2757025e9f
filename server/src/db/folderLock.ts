import { closeSync, fsyncSync, ftruncateSync, mkdirSync, openSync, readFileSync, writeSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { createRequire } from 'node:module';

/** Locks of open files, by the operating system; the package brings no types of its own. */
const native = createRequire(import.meta.url)('fs-native-extensions') as {
  tryLock(fd: number): boolean;
  unlock(fd: number): void;
};

interface Owner {
  readonly pid: number;
  readonly host: string;
  readonly startedAt: string;
  readonly address: string;
}

export type Locked =
  | { readonly ok: true; readonly release: () => void }
  | { readonly ok: false; readonly message: string };

function readOwner(file: string): Partial<Owner> {
  try {
    const owner = JSON.parse(readFileSync(file, 'utf8')) as Partial<Owner> | null;
    return typeof owner === 'object' && owner !== null && !Array.isArray(owner) ? owner : {};
  } catch {
    return {};
  }
}

function refusal(folder: string, { pid, host, startedAt, address }: Partial<Owner>): string {
  const by =
    typeof pid !== 'number'
      ? 'another process'
      : host === hostname()
        ? `process ${pid}`
        : `process ${pid} on ${host ?? 'another machine'}`;
  const since = typeof startedAt === 'string' ? ` since ${startedAt}` : '';
  const at = typeof address === 'string' ? ` Use ${address}, or stop it first.` : ' Stop it first.';
  return `The data folder ${folder} is in use by ${by}${since}.${at}`;
}

/**
 * Locks a data folder for this process. Two processes on one folder would lose rows without an error, so the second
 * is refused with the address of the first.
 * The lock is the operating system's, on an open file (an exclusive lock of the open file description): the kernel
 * gives it to one process and takes it back when that process ends, however it ends. What the file says is only for
 * people; the file is never deleted, so that nobody can lock a file that another has just removed.
 */
export function lockFolder(folder: string, address: string): Locked {
  mkdirSync(folder, { recursive: true });
  const file = join(folder, 'hurrow.lock');
  const handle = openSync(file, 'a+', 0o600);
  if (!native.tryLock(handle)) {
    const message = refusal(folder, readOwner(file));
    closeSync(handle);
    return { ok: false, message };
  }
  const own: Owner = { pid: process.pid, host: hostname(), startedAt: new Date().toISOString(), address };
  ftruncateSync(handle, 0);
  writeSync(handle, `${JSON.stringify(own)}\n`);
  fsyncSync(handle);
  return {
    ok: true,
    release: () => {
      ftruncateSync(handle, 0);
      native.unlock(handle);
      closeSync(handle);
    },
  };
}
