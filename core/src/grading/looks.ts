import type { AnswerValue, Sureness } from '../answers/index.ts';
import type { Graded, GradeOutcome, KeyAsk } from './types.ts';

export type NamedKind = 'right' | 'other' | 'unlisted' | 'blank' | 'genus_only' | 'family' | 'cannot_tell';

const NAMED: Readonly<Partial<Record<GradeOutcome, NamedKind>>> = {
  exact: 'right',
  abbreviated: 'right',
  misspelled: 'right',
  synonym: 'right',
  shared_common: 'right',
  subspecies_left_out: 'right',
  variety_unlisted: 'right',
  genus_only: 'genus_only',
  family: 'family',
  other_species: 'other',
  cannot_tell: 'cannot_tell',
  blank: 'blank',
};

/** What an outcome says about the species that was named. */
export const namedOf = (outcome: GradeOutcome): NamedKind => NAMED[outcome] ?? 'unlisted';

/** An answer that counts, of one student at one station, with its grade; sureness has none. */
export interface LookInput {
  readonly response: string;
  readonly attempt: string;
  readonly ask: KeyAsk;
  readonly value: AnswerValue;
  readonly grade: Graded | null;
  readonly origin: string;
  readonly cluesOpen: number;
}

/** A character question answered before the name, at the value it had first. */
export interface LookCall {
  readonly character: string;
  readonly value: AnswerValue;
  readonly outcome: GradeOutcome;
}

/** One student's look at one station. */
export interface StationLook {
  readonly response: string | null;
  readonly attempt: string | null;
  readonly named: NamedKind;
  readonly answer: string | null;
  readonly outcome: GradeOutcome;
  readonly sure: Sureness | null;
  readonly form: string;
  readonly optionsShown: readonly string[] | null;
  readonly origin: string | null;
  readonly cluesOpen: number;
}

const names = (ask: KeyAsk): boolean =>
  ask.kind === 'common' ||
  ask.kind === 'scientific' ||
  ask.kind === 'either' ||
  (ask.accepted.kind === 'choice' && ask.accepted.taxa !== undefined);

/** Whether a station asks for a species, so that a student at it looks once. */
export const asksSpecies = (asks: readonly KeyAsk[]): boolean => asks.some(names);

/**
 * One look of a student at a station whose species is asked: a name of another species first, then a right one, then
 * the first question, so that a student asked for two names of one tree looked once. Nothing written is a blank look.
 * @param truth the taxon of the station's tree.
 */
export function lookOf(answers: readonly LookInput[], truth: string): StationLook {
  const sure = answers.flatMap((a) => (a.value.kind === 'sureness' ? a.value.sure : []))[0] ?? null;
  const named = answers
    .filter((a) => a.grade !== null && names(a.ask))
    .sort((a, b) => a.ask.ord - b.ask.ord)
    .map((a) => ({ a, kind: a.ask.kind === 'choice' ? chosen(a) : namedOf(a.grade?.outcome ?? 'blank') }));
  const best =
    named.find((n) => n.kind === 'other' && n.a.grade?.taxon) ??
    named.find((n) => n.kind === 'right') ??
    named[0];
  if (!best) {
    const none = {
      response: null,
      attempt: null,
      answer: null,
      form: 'typed',
      optionsShown: null,
      origin: null,
    };
    return { ...none, named: 'blank', outcome: 'blank', sure, cluesOpen: 0 };
  }
  const { a } = best;
  const taxon = a.grade?.taxon ?? null;
  const kind: NamedKind = best.kind === 'other' && taxon === null ? 'unlisted' : best.kind;
  const taxa = a.ask.accepted.kind === 'choice' ? a.ask.accepted.taxa : undefined;
  const shown =
    a.value.kind === 'choice' || a.value.kind === 'choice_by_character'
      ? a.value.shown.map((id) => taxa?.[id] ?? id)
      : null;
  return {
    response: a.response,
    attempt: a.attempt,
    named: kind,
    answer: kind === 'right' ? truth : kind === 'other' ? taxon : null,
    outcome: a.grade?.outcome ?? 'blank',
    sure,
    form: shown === null ? 'typed' : 'choice',
    optionsShown: shown,
    origin: a.origin,
    cluesOpen: a.cluesOpen,
  };
}

function chosen(a: LookInput): NamedKind {
  const outcome = a.grade?.outcome;
  return outcome === 'right' ? 'right' : outcome === 'wrong' ? 'other' : namedOf(outcome ?? 'blank');
}
