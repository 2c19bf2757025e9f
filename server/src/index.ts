export { serve, FolderInUse } from './serve.ts';
export type { Running, ServeOptions } from './serve.ts';
export { createApp } from './app.ts';
export { fill } from './fill/index.ts';
export { commandLine } from './cli/index.ts';
export { makeData } from './openData.ts';
