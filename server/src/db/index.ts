export { bulkLoad } from './bulk.ts';
export { insertColumns } from './columns.ts';
export type { Column } from './columns.ts';
export { countRows } from './counts.ts';
export { asText, readMany, readWide, rowsOf } from './asText.ts';
export type { Columns, RowsText } from './asText.ts';
export { gathered, perDatabase } from './gathered.ts';
export { placeEmptyFolder } from './emptyFolder.ts';
export type { Empty } from './emptyFolder.ts';
export {
  amongIds,
  insertRows,
  maybe,
  one,
  runInsert,
  sharingInsert,
  writeDerived,
  written,
} from './database.ts';
export type { Database, Insert, Sql } from './database.ts';
export { openPglite } from './pglite.ts';
export { openPgliteThread } from './pgliteThread.ts';
export { openPostgres } from './postgres.ts';
export { migrate, migrationNames, schemaHash } from './migrate.ts';
export { lockFolder } from './folderLock.ts';
export { faultOf, isRefusedByData } from './faults.ts';
export type { DatabaseFault } from './faults.ts';
