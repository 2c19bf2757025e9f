// Puts what was made beside a folder in its place.
import { renameSync, rmSync } from 'node:fs';

/** Puts a folder in its place; where another process was faster, theirs is as good. @param isThere whether what stands there is what was wanted. */
export function place(made, at, isThere) {
  try {
    if (!isThere()) rmSync(at, { recursive: true, force: true });
    renameSync(made, at);
  } catch (error) {
    rmSync(made, { recursive: true, force: true });
    if (!isThere()) throw error;
  }
}
