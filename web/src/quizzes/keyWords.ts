import type { KeyChange, SittingKey } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import type { Vocabulary, Words } from '@hurrow/core/characters';

const KIND: Readonly<Record<KeyChange['kind'], string>> = {
  tree: 'tree',
  identification: 'ID of the tree',
  names: 'accepted names',
  character: 'what the tree shows',
  conditions: 'what students have and may do',
  tells: 'what can be told apart',
  list: 'species taught',
};

/** What a change is about. */
export function changeWords(
  change: Pick<KeyChange, 'kind' | 'character'>,
  vocabulary: Vocabulary | undefined,
  words: Words,
): string {
  const c = change.character === null ? undefined : vocabulary?.get(change.character);
  return c ? characterWords(c, words) : KIND[change.kind];
}

/**
 * The moment of a time of day on the day of a sitting, where this browser is.
 * @param on ISO date. @param time as `14:05`. @returns ISO.
 */
export const momentOn = (on: string, time: string): string => new Date(`${on}T${time}:00`).toISOString();

/** For whom a revision holds. */
export const holdsWords = (from: string | null, show: (moment: Date) => string): string =>
  from === null ? '' : ` It holds for students who came to the station at ${show(new Date(from))} or later.`;

/** Where the key stands, in one sentence. */
export function keyWords(key: SittingKey): string {
  if (key.rev === null)
    return 'The key is not locked yet. It follows every change by itself until you lock it.';
  const rev = key.rev === 1 ? 'as it was locked' : `revision ${key.rev}`;
  const changed = new Set(key.changes.map((c) => c.number)).size;
  if (key.changes.length === 0) return `Grading goes by the key ${rev}. Nothing has changed since.`;
  return `Grading goes by the key ${rev}. ${key.changes.length === 1 ? '1 thing has' : `${key.changes.length} things have`} changed since${changed > 1 ? `, at ${changed} stations` : ''}.`;
}
