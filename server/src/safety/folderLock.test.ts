import { spawn } from 'node:child_process';
import { rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { lockFolder } from '../db/index.ts';
import { scratch } from '../testing/index.ts';

const ROOT = fileURLToPath(new URL('../../../', import.meta.url));
const LOCK = `
  import { lockFolder } from './server/src/db/folderLock.ts';
  process.stdin.once('data', () => {
    const lock = lockFolder(process.argv[1], 'http://here');
    console.log(lock.ok ? 'locked' : lock.message);
    process.stdin.once('data', () => process.exit(0));
  });
  console.log('waiting');
`;

let folder: string;
beforeEach(() => {
  folder = scratch('lock');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** A process that tries to lock the folder when it is told to. */
function contender() {
  const child = spawn(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', LOCK, folder], {
    cwd: ROOT,
    stdio: ['pipe', 'pipe', 'inherit'],
  });
  const said: string[] = [];
  let told: (() => void) | null = null;
  child.stdout.on('data', (d) => {
    said.push(...String(d).trim().split('\n'));
    told?.();
  });
  const says = async (n: number): Promise<string> => {
    while (said.length < n)
      await new Promise<void>((r) => {
        told = r;
      });
    return said[n - 1] ?? '';
  };
  return { child, says, go: () => child.stdin.write('go\n') };
}

test('of four processes that start at once on a folder with a stale lock, exactly one has it', async () => {
  writeFileSync(
    join(folder, 'hurrow.lock'),
    JSON.stringify({ pid: 999_999, host: 'c0ffee12', address: 'gone' }),
  );
  const all = Array.from({ length: 4 }, contender);
  try {
    await Promise.all(all.map((c) => c.says(1)));
    for (const c of all) c.go();
    const said = await Promise.all(all.map((c) => c.says(2)));
    expect(said.filter((s) => s === 'locked')).toHaveLength(1);
    expect(said.filter((s) => s.includes('is in use by'))).toHaveLength(3);
  } finally {
    for (const c of all) c.child.kill('SIGKILL');
  }
});

test('the lock of a killed process is free at once', async () => {
  const first = contender();
  await first.says(1);
  first.go();
  expect(await first.says(2)).toBe('locked');
  expect(lockFolder(folder, 'http://there').ok).toBe(false);
  await new Promise((done) => {
    first.child.on('exit', done);
    first.child.kill('SIGKILL');
  });
  const second = lockFolder(folder, 'http://there');
  expect(second.ok).toBe(true);
  if (second.ok) second.release();
});

test.each([['{}'], ['[]'], ['"x"'], ['null'], ['garbage'], [''], ['{"pid":0}']])(
  'a lock file that says %j names nothing it does not know',
  (text) => {
    writeFileSync(join(folder, 'hurrow.lock'), text);
    const lock = lockFolder(folder, 'http://here:1');
    expect(lock.ok).toBe(true);
    // A second handle of this very process is another open file, so it is refused as another process would be.
    writeFileSync(join(folder, 'hurrow.lock'), text);
    const second = lockFolder(folder, 'http://here:2');
    expect(second.ok).toBe(false);
    if (!second.ok) expect(second.message).not.toContain('undefined');
    if (lock.ok) lock.release();
  },
);
