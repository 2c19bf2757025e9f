// Runs other programs and waits for them.
import { spawn } from 'node:child_process';
import { join } from 'node:path';

export const ROOT = join(import.meta.dirname, '..');

/** Runs a program in the project's folder. Rejects where it does not end well, unless `mayFail`; `minutes` ends one that hangs. */
export function run(command, args, { env = process.env, quiet = false, mayFail = false, minutes } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      env,
      timeout: minutes && minutes * 60_000,
      stdio: ['ignore', quiet ? 'pipe' : 'inherit', quiet ? 'pipe' : 'inherit'],
    });
    let output = '';
    child.stdout?.on('data', (d) => (output += d));
    child.stderr?.on('data', (d) => (output += d));
    child.on('error', (error) => (mayFail ? resolve({ code: 1, output: String(error) }) : reject(error)));
    child.on('close', (code) => {
      if (code === 0 || mayFail) resolve({ code: code ?? 1, output });
      else
        reject(
          new Error(
            `${command} ${args.slice(0, 3).join(' ')} ended with ${code}${output ? `\n${output}` : ''}`,
          ),
        );
    });
  });
}
