import type { SheetAnswer } from '@hurrow/contract';
import { SURENESS, characterWritten, nameWritten } from '@hurrow/core/answers';
import type { AnswerValue } from '@hurrow/core/answers';
import type { Vocabulary } from '@hurrow/core/characters';
import type { KeyAsk } from '@hurrow/core/grading';
import type { TaxonHeader } from '@hurrow/contract';
import { invalid } from '../http/index.ts';
import type { StationKey } from '../sittings/index.ts';
import { keyFor, writtenFor } from './written.ts';

/** The name of a species in the form that a question asks. */
function nameFor(
  ask: KeyAsk,
  { scientific, common }: Pick<TaxonHeader, 'scientific' | 'common'>,
  family: string,
): string {
  switch (ask.kind) {
    case 'common':
      return common ?? scientific;
    case 'genus':
      return scientific.split(' ')[0] ?? '';
    case 'family':
      return family;
    default:
      return scientific;
  }
}

/** What the key has for a question, as a hand would write it. */
export function keyValue(ask: KeyAsk, station: StationKey, vocabulary: Vocabulary): AnswerValue {
  const { accepted } = ask;
  if (accepted.kind === 'name') {
    const text = nameFor(ask, station.accept, station.accept.families?.family ?? '');
    return { kind: 'name', text, picked: 'right' };
  }
  if (accepted.kind !== 'call') return keyFor(ask) ?? { kind: 'blank' };
  const [first] = accepted.right;
  if (first !== undefined) return { kind: 'state', state: first };
  if (accepted.range) {
    const n = Math.round((accepted.range[0] + accepted.range[1]) / 2);
    const isLength = vocabulary.get(ask.character ?? '')?.kind === 'length';
    return isLength ? { kind: 'measure', mm: n, typed: `${n} mm` } : { kind: 'count', n };
  }
  return accepted.doesNotApply ? { kind: 'does_not_apply' } : { kind: 'blank' };
}

/** What an answer is read with: the key of its station, the species of the list, the vocabulary. */
export interface Reading {
  readonly station: StationKey;
  readonly species: ReadonlyMap<string, TaxonHeader>;
  readonly vocabulary: Vocabulary;
}

/** A species that was picked; only a name may be picked. */
function pickedSpecies(ask: KeyAsk, id: string | null, { species }: Reading, field: string): AnswerValue {
  const found = species.get(id ?? '');
  if (!found) {
    throw invalid('This species is not on the list of the sitting.', {
      field: `${field}.typed`,
      remedy: 'Choose one of the list, or type what is written.',
    });
  }
  if (ask.accepted.kind !== 'name' || ask.kind === 'family') {
    throw invalid('No species is asked here.', {
      field: `${field}.as`,
      remedy: 'Type what is written.',
    });
  }
  return { kind: 'name', text: nameFor(ask, found, ''), picked: 'species' };
}

function misspelled(ask: KeyAsk, { station, vocabulary }: Reading, field: string): AnswerValue {
  const value = keyValue(ask, station, vocabulary);
  if (value.kind !== 'name') {
    throw invalid('Only a name can be misspelled.', {
      field: `${field}.as`,
      remedy: 'Enter what is written.',
    });
  }
  return { ...value, picked: 'misspelled' };
}

function typedValue(ask: KeyAsk, typed: string, { vocabulary }: Reading, field: string): AnswerValue {
  if (ask.kind === 'sureness') {
    const t = typed.trim().toLowerCase();
    if (t === '') return { kind: 'blank' };
    const sure = SURENESS.find((s) => s.startsWith(t));
    if (sure) return { kind: 'sureness', sure };
    throw invalid(`“${typed}” does not say how sure.`, {
      field,
      remedy: 'Write sure, leaning or guessing, or the first letter.',
    });
  }
  const other = writtenFor(ask, typed, field);
  if (other) return other;
  if (ask.kind !== 'call') return nameWritten(typed);
  const c = vocabulary.get(ask.character ?? '');
  const value = c ? characterWritten(c, typed) : null;
  if (value) return value;
  const states = c?.states.map((s) => s.term).join(', ') ?? '';
  const number =
    c?.kind === 'length' ? 'Write a length with its unit, such as 3 in or 75 mm.' : 'Write a whole number.';
  throw invalid(`“${typed}” is not one of the choices for ${c?.term ?? 'this character'}.`, {
    field,
    remedy: states === '' ? number : `Write one of: ${states}; or its number on the sheet.`,
  });
}

/**
 * Reads one answer as staff entered it: what it is, or the text as written.
 * @param field where it stands in what was sent. @throws where it does not fit the question.
 */
export function enteredValue(
  ask: KeyAsk,
  { typed, as }: Pick<SheetAnswer, 'typed' | 'as'>,
  reading: Reading,
  field: string,
): AnswerValue {
  switch (as ?? (typed === null ? 'right' : 'typed')) {
    case 'right':
      return ask.kind === 'sureness' ? { kind: 'blank' } : keyValue(ask, reading.station, reading.vocabulary);
    case 'misspelled':
      return misspelled(ask, reading, field);
    case 'species':
      return pickedSpecies(ask, typed, reading, field);
    case 'cannot_tell':
      return { kind: 'cannot_tell' };
    case 'not_sure':
      return { kind: 'not_sure' };
    case 'illegible':
      return { kind: 'illegible' };
    case 'not_reached':
      return { kind: 'not_reached' };
    case 'blank':
      return { kind: 'blank' };
    default:
      return typedValue(ask, typed ?? '', reading, `${field}.typed`);
  }
}
