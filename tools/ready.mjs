// Installs what is missing, with Node's own modules only, and says what it does.
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { join } from 'node:path';
import { ROOT, run } from './run.mjs';

const STAMP = join(ROOT, 'node_modules/.installed-from');

/** The npm packages of the lock file. */
export async function ready() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19)) {
    console.error(`Hurrow needs Node 20.19 or later; this is ${process.versions.node}.`);
    process.exit(1);
  }
  const lock = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === lock) return;
  // On standard error, so that what a command prints stays alone on standard output.
  console.error('Installing the packages of the lock file…');
  await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error', '--silent']);
  writeFileSync(STAMP, lock);
}

/** Debian's packages that the tests need, where they are missing and apt is at hand. */
export async function readyForTests() {
  const wanted = [
    ['chromium', () => existsSync('/usr/bin/chromium')],
    ['poppler-utils', () => existsSync('/usr/bin/pdftoppm')],
    ['postgresql-15', () => existsSync('/usr/lib/postgresql/15/bin/initdb')],
  ];
  const missing = wanted.filter(([, there]) => !there()).map(([name]) => name);
  if (missing.length === 0) return;
  console.log(`Installing ${missing.join(' and ')} from Debian…`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  const apt = async (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    await run(command, rest, { env, quiet: true });
  };
  await apt('update');
  await apt('install', '-y', '--no-install-recommends', ...missing);
}
