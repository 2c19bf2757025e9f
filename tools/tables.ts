// Writes docs/demo-data.md from the demo's library.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { demoTables } from '../demo/src/closest.ts';

writeFileSync(join(import.meta.dirname, '../docs/demo-data.md'), demoTables());
