import { readFileSync } from 'node:fs';
import { homedir } from 'node:os';
import { join } from 'node:path';
import { commandLine } from './commandLine.ts';

const { version } = JSON.parse(readFileSync(new URL('../../../package.json', import.meta.url), 'utf8')) as {
  version: string;
};
const env = process.env;
process.exitCode = await commandLine(process.argv.slice(2), {
  from: env['HURROW_FROM'] ?? process.cwd(),
  data: env['HURROW_DATA'] ?? join(homedir(), '.hurrow'),
  databaseUrl: env['DATABASE_URL'] ?? null,
  version,
  clock: () => new Date(),
  out: (text) => void process.stdout.write(text),
  say: (text) => void process.stderr.write(`${text}\n`),
});
