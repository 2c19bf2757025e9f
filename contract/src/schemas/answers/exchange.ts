import { IMPORT_KINDS } from '../../index.ts';
import type { ImportKind, ImportReport, ImportRow, JobStarted, JobState } from '../../index.ts';
import { listOf, nullOr, number, oneOf, optional, record, text } from '../typed.ts';
import type { Of } from '../typed.ts';

export const importKindSchema: Of<ImportKind> = oneOf(IMPORT_KINDS);

export const importRowSchema = record<ImportRow>({
  id: text,
  kind: importKindSchema,
  name: text,
  counts: record<ImportRow['counts']>({ new: number, changed: number, same: number, refused: number }),
  by: nullOr(text),
  appliedAt: text,
  undoneAt: nullOr(text),
});

export const jobStartedSchema = record<JobStarted>({ job: text });

export const importReportSchema = record<ImportReport>({
  kind: importKindSchema,
  counts: record<ImportReport['counts']>({ new: number, changed: number, same: number, refused: number }),
  changes: listOf(
    record<ImportReport['changes'][number]>({
      kind: oneOf([
        'character',
        'word',
        'policy',
        'source',
        'taxon',
        'statement',
        'pair',
        'list',
        'student',
        'sitting',
      ]),
      what: oneOf(['new', 'changed']),
      name: text,
      detail: text,
    }),
  ),
  more: number,
  refused: listOf(
    record<ImportReport['refused'][number]>({ message: text, remedy: text, line: number, column: number }),
  ),
  questions: listOf(
    record<ImportReport['questions'][number]>({
      id: text,
      about: oneOf(['section', 'students', 'species', 'station']),
      text,
      among: listOf(text),
      rows: number,
      chosen: optional(nullOr(text)),
    }),
  ),
  left: listOf(text),
  batch: nullOr(text),
});

export const jobStateSchema = record<JobState>({
  state: oneOf(['running', 'done', 'failed', 'cancelled']),
  stage: text,
  done: number,
  total: nullOr(number),
  result: nullOr(importReportSchema),
  problem: nullOr(record<NonNullable<JobState['problem']>>({ detail: text, remedy: text })),
});
