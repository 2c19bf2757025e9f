export { exchangeHandlers } from './routes.ts';
export { exportText } from './exports.ts';
export { readDocument } from './document.ts';
