export { exchangeHandlers } from './routes.ts';
export { exportText } from './exports.ts';
export { readDocument } from './document.ts';
export { preview, takeIn } from './import.ts';
export type { ImportRequest } from './import.ts';
