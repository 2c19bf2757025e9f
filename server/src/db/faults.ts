/** What a database's error means to whoever asked. */
export type DatabaseFault =
  | 'value' // a value the database cannot keep
  | 'missing' // something it refers to does not exist
  | 'exists' // it exists already
  | 'busy' // two writers met; the same again may pass
  | 'full' // no room on the disk
  | 'down'; // the server cannot be reached

const BY_CODE: Readonly<Record<string, DatabaseFault>> = {
  '23502': 'value',
  '23503': 'missing',
  '23505': 'exists',
  '23514': 'value',
  '40001': 'busy',
  '40P01': 'busy',
  '53100': 'full',
  '55P03': 'busy',
  ENOSPC: 'full',
  EDQUOT: 'full',
  ECONNREFUSED: 'down',
  ECONNRESET: 'down',
  EPIPE: 'down',
  ETIMEDOUT: 'down',
};
const BY_CLASS: Readonly<Record<string, DatabaseFault>> = {
  '08': 'down',
  '22': 'value',
  '53': 'down',
  '57': 'down',
};

/** Sentences of the client library that come without a code. */
const LOST =
  /Connection terminated|Client has encountered a connection error|timeout exceeded when trying to connect/;

/** Sorts an error of the database by what can be done about it; null where it is none of these. */
export function faultOf(error: unknown): DatabaseFault | null {
  const { code, message } = (error ?? {}) as { code?: unknown; message?: unknown };
  if (typeof code === 'string') {
    const known = BY_CODE[code] ?? (code.length === 5 ? BY_CLASS[code.slice(0, 2)] : undefined);
    if (known) return known;
  }
  return typeof message === 'string' && LOST.test(message) ? 'down' : null;
}

/** Whether the database refused the rows it was given, rather than failed itself. */
export const isRefusedByData = (error: unknown): boolean => {
  const fault = faultOf(error);
  return fault === 'value' || fault === 'missing' || fault === 'exists';
};
