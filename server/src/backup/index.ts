import { forbidden } from '../http/index.ts';
import type { CallOf, Handlers, ReplyOf } from '../http/index.ts';
import { writeBackup } from './write.ts';

export { readBackup } from './read.ts';
export { restoreBackup } from './restore.ts';
export type { Restored } from './restore.ts';
export { writeBackup } from './write.ts';

/** A backup holds every name and every answer, so only the owner takes one. */
async function backup(call: CallOf<'backup'>): Promise<ReplyOf<'backup'>> {
  if (call.who.role !== 'owner')
    throw forbidden('Only the owner may take a backup.', { remedy: 'Ask the owner of the workspace.' });
  const at = call.app.clock().toISOString();
  const bytes = await writeBackup(call.app.db, call.app.answers, call.app.version, at);
  return {
    file: {
      type: 'application/zip',
      bytes: Buffer.from(bytes),
      name: `hurrow-backup-${at.slice(0, 16).replace(/[T:]/g, '-')}.zip`,
    },
  };
}

export const backupHandlers = { backup } satisfies Partial<Handlers>;
