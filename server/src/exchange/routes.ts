import type { Handlers } from '../http/index.ts';
import { exportFile } from './exports.ts';
import { applyImport, previewImport, readImports, undoBatch } from './import.ts';

export const exchangeHandlers = {
  importPreview: previewImport,
  importApply: applyImport,
  imports: async (call) => ({ body: await readImports(call.app.db, call.who.ws) }),
  importUndo: undoBatch,
  exportFile,
} satisfies Partial<Handlers>;
