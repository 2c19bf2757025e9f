export { bulkLoad } from './bulk.ts';
export { insertColumns } from './columns.ts';
export type { Column } from './columns.ts';
export { insertRows, maybe, one } from './database.ts';
export type { Database, Sql } from './database.ts';
export { dumpPglite, openPglite } from './pglite.ts';
export { openPostgres } from './postgres.ts';
export { migrate, migrationNames, schemaHash } from './migrate.ts';
export { lockFolder } from './folderLock.ts';
