export { AppLink } from './AppLink.tsx';
export { DataTable } from './DataTable.tsx';
export { Latin, TaxonName } from './TaxonName.tsx';
export { Loaded } from './Loaded.tsx';
export { Nothing } from './Nothing.tsx';
export { PageHead } from './PageHead.tsx';
export { ProblemNote } from './ProblemNote.tsx';
export { WorkNote } from './WorkNote.tsx';
export { Rooms } from './Rooms.tsx';
