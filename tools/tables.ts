// Writes docs/demo-data.md from the demo’s library, docs/visibility.md from the vocabulary, and the schema of library files.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { visibilityTable } from '@hurrow/core/characters';
import { LIBRARY_SCHEMA } from '@hurrow/core/formats';
import { demoTables } from '../demo/src/closest.ts';

writeFileSync(join(import.meta.dirname, '../docs/demo-data.md'), demoTables());
writeFileSync(join(import.meta.dirname, '../docs/visibility.md'), visibilityTable());
writeFileSync(
  join(import.meta.dirname, '../docs/formats/library.schema.json'),
  `${JSON.stringify(LIBRARY_SCHEMA, null, 2)}\n`,
);
