import type { Empty, Health, Made, Versioned } from '../../index.ts';
import { anything, mapOf, number, oneOf, record, text } from '../typed.ts';

export const healthSchema = record<Health>({
  status: oneOf(['up']),
  version: text,
  database: oneOf(['pglite', 'postgres']),
});

export const madeSchema = record<Made>({ id: text });

export const versionedSchema = record<Versioned>({ version: number });

export const emptySchema = record<Empty>({});

export const openApiDocumentSchema = mapOf(anything);
