import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = fileURLToPath(new URL('../../', import.meta.url));
const WORKSPACES = ['core', 'contract', 'server', 'web', 'demo', 'e2e', 'bench'];

/** The code as it stood at a commit, with the packages of today; it is run, never rewritten. */
export interface PlainTree {
  readonly root: string;
  readonly commit: string;
  readonly remove: () => void;
}

/**
 * Lays out the code of a commit in a temporary folder, to be measured beside today's.
 * @throws where the commit is not in this clone.
 */
export function plainTree(commit: string): PlainTree {
  const root = mkdtempSync(join(tmpdir(), `hurrow-${commit}-`));
  const tar = execFileSync('git', ['archive', commit, ...WORKSPACES, 'package.json', 'tsconfig.base.json'], {
    cwd: ROOT,
    maxBuffer: 1e9,
  });
  execFileSync('tar', ['-x', '-C', root], { input: tar });
  const packages = join(ROOT, 'node_modules');
  mkdirSync(join(root, 'node_modules', '@hurrow'), { recursive: true });
  for (const name of readdirSync(packages))
    if (name !== '@hurrow') symlinkSync(join(packages, name), join(root, 'node_modules', name));
  // The workspaces lead to the old code, not to today's.
  for (const name of WORKSPACES) {
    symlinkSync(join(root, name), join(root, 'node_modules', '@hurrow', name));
    const own = join(ROOT, name, 'node_modules');
    if (existsSync(own)) symlinkSync(own, join(root, name, 'node_modules'));
  }
  return { root, commit, remove: () => rmSync(root, { recursive: true, force: true }) };
}
