import type { AskKind } from '../grading/index.ts';

/** Every name of the species at a station, by what it is. */
export interface AskedNames {
  readonly scientific: readonly string[];
  readonly common: readonly string[];
  readonly genus: string | null;
  readonly families: readonly string[];
}

/** The names that answer a question; the first is the one to show. */
export function namesOf(kind: AskKind, names: AskedNames): readonly string[] {
  switch (kind) {
    case 'common':
      return names.common;
    case 'scientific':
      return names.scientific;
    case 'either':
      return [...names.common, ...names.scientific];
    case 'genus':
      return names.genus === null ? [] : [names.genus];
    case 'family':
      return names.families;
    default:
      return [];
  }
}
