import { readFileSync } from 'node:fs';
import { homedir } from 'node:os';
import { join, resolve } from 'node:path';
import { recoveryLines } from './recoveryLines.ts';
import { serve } from './serve.ts';

const env = process.env;
const data = resolve(env['HURROW_DATA'] ?? join(homedir(), '.hurrow'));
const { HURROW_CERT: cert, HURROW_KEY: key, DATABASE_URL: databaseUrl } = env;

try {
  const running = await serve({
    data,
    port: Number(env['PORT'] ?? 4040),
    host: env['HOST'] ?? '127.0.0.1',
    proxies: Number(env['HURROW_PROXIES'] ?? 0),
    hosts: (env['HURROW_HOSTS'] ?? '').split(','),
    listening: (address) => console.log(`Hurrow is starting at ${address}.`),
    ...(databaseUrl ? { databaseUrl } : {}),
    ...(cert && key
      ? { certificate: { cert: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') } }
      : {}),
  });
  console.log(`Hurrow is ready at ${running.address}. Its data is in ${data}.`);
  for (const line of recoveryLines(running.recovery)) console.log(line);
  if (running.setupCode) {
    console.log(
      `Nobody is set up yet. Open ${running.address}/set-up and enter the setup code ${running.setupCode}`,
    );
  }
  const stop = (): void => {
    void running.stop().then(() => process.exit(0));
  };
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
} catch (error) {
  const { code, message } = error as NodeJS.ErrnoException;
  const known: Readonly<Record<string, string>> = {
    FOLDER_IN_USE: message,
    EADDRINUSE: 'Another program uses this port. Set PORT to a free one.',
    EACCES: `No permission: ${message}`,
  };
  console.error(known[code ?? ''] ?? error);
  process.exit(1);
}
