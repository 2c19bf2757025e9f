import { writeCsv } from '../csv/index.ts';
import type { ResponseLine } from './types.ts';

const HEAD = [
  'quiz',
  'date',
  'section',
  'student',
  'station',
  'species',
  'answer',
  'form',
  'sure',
  'seconds',
  'material',
  'given_back',
] as const;

/** Writes answers as a responses file, a column for every character that somebody called. */
export function writeResponses(lines: readonly Omit<ResponseLine, 'line'>[]): string {
  const characters = [...new Set(lines.flatMap((l) => Object.keys(l.calls)))].sort();
  return writeCsv([
    [...HEAD, ...characters.map((c) => `call:${c}`)],
    ...lines.map((l) => [
      l.quiz,
      l.on,
      l.section,
      l.student,
      l.station,
      l.species,
      l.answer,
      l.form,
      l.sure,
      l.seconds,
      l.material.join(' | '),
      l.returned,
      ...characters.map((c) => l.calls[c] ?? null),
    ]),
  ]);
}
