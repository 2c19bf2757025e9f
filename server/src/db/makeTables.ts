import { placeEmptyFolder } from './emptyFolder.ts';
import { migrate } from './migrate.ts';
import { openPglite } from './pglite.ts';

// Makes a database folder with the tables of this version and nothing in them, as its own process; the build keeps it for first starts.
const [folder = ''] = process.argv.slice(2);
placeEmptyFolder(folder);
const db = await openPglite(folder);
await migrate(db);
await db.close();
