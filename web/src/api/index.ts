export { addressOf, request, sendFile, sendText } from './request.ts';
export type { RequestOptions } from './request.ts';
export { Refused, isUnreached, problemOf } from './problem.ts';
export { useRead, useWrite } from './queries.ts';
