import { readFileSync } from 'node:fs';
import { homedir } from 'node:os';
import { join, resolve } from 'node:path';
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
    ...(databaseUrl ? { databaseUrl } : {}),
    ...(cert && key
      ? { certificate: { cert: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') } }
      : {}),
  });
  console.log(`Hurrow is at ${running.address}, with its data in ${data}.`);
  if (running.replayed > 0) console.log(`${running.replayed} answers were brought in from the answers log.`);
  if (running.setupCode) {
    console.log(
      `Nobody is set up yet. Open ${running.address}/set-up and enter the set-up code ${running.setupCode}`,
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
    EADDRINUSE: 'The port is taken by another program. Set PORT to a free one.',
    EACCES: `No permission: ${message}`,
  };
  console.error(known[code ?? ''] ?? error);
  process.exit(1);
}
