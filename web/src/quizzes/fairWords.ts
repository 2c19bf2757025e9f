import { characterWords } from '@hurrow/core/characters';
import type { Vocabulary, Words } from '@hurrow/core/characters';
import { handlingWords, showDate } from '@hurrow/core/conditions';
import type { Material } from '@hurrow/core/conditions';
import type { CallFairness, FairnessVerdict, Fix, GivenAway, StationFairness } from '@hurrow/core/fairness';
import { oftenWords } from '@hurrow/core/measuring';
import type { UnfairReason } from '@hurrow/core/quizzes';

export const VERDICT_WORDS: Readonly<Record<FairnessVerdict, string>> = {
  fair: 'fair',
  shaky: 'hard to be sure',
  unproven: 'not enough recorded',
  unfair: 'unfair',
};

export const REASON_WORDS: Readonly<Record<UnfairReason, string>> = {
  shown_in_lab: 'Shown in lab',
  hard_on_purpose: 'Hard on purpose',
  check_at_tree: 'Will check at the tree',
};

/** A name by a species' id. */
export type NameOf = (taxon: string) => string;

const ADD: Readonly<Partial<Record<Material, string>>> = {
  tree: 'Add the standing tree',
  twig: 'Add a twig',
  leaf: 'Add a leaf',
  fruit: 'Add a cone or fruit',
  litter: 'Add litter from beneath',
  bark: 'Add bark',
};
const CLOSER: Readonly<Record<string, string>> = {
  binoculars: 'Allow binoculars',
  trunk: 'Move up to the trunk',
  hand: 'Move within reach',
};
const ALLOW: Readonly<Record<string, string>> = {
  lens: 'Allow a hand lens',
  touch: 'Allow touch',
  smell: 'Allow smelling',
  measure: 'Allow measuring',
};

/** What a fix does, as its button says it; `toward` is the verdict it would give. */
export function fixWords(fix: Fix, nameOf: NameOf, today: string): string {
  switch (fix.kind) {
    case 'material':
      return ADD[fix.add] ?? `Add ${fix.add}`;
    case 'handling':
      return ALLOW[fix.allow] ?? `Allow ${handlingWords(fix.allow)}`;
    case 'distance':
      return CLOSER[fix.to] ?? 'Move closer';
    case 'day':
      return `Move to ${showDate(fix.date, today)}`;
    case 'genus':
      return 'Ask the genus instead';
    case 'accept':
      return `Accept ${fix.taxa.map(nameOf).join(' and ')} too`;
  }
}

/** The verdict with its closest look-alike, in one line: *hard to be sure: Engelmann spruce, right about 9 times in 10*. */
export function verdictLine(f: StationFairness, nameOf: NameOf): string {
  const doubt = f.calls.find((c) => c.verdict === f.verdict && c.doubt !== null);
  const [closest] = f.pairs.filter((p) => p.verdict === f.verdict);
  if (f.verdict === 'fair') return VERDICT_WORDS.fair;
  if (closest && f.verdict === 'unproven')
    return `${VERDICT_WORDS.unproven} to tell it from ${nameOf(closest.rival)}`;
  if (closest)
    return `${VERDICT_WORDS[f.verdict]}: ${nameOf(closest.rival)}, right ${oftenWords(closest.right)}`;
  if (doubt) return `${VERDICT_WORDS[f.verdict]}: a character question`;
  if (f.whole && f.verdict === 'shaky')
    return `${VERDICT_WORDS.shaky}: many look-alikes at once, right ${oftenWords(f.whole.right)}`;
  return VERDICT_WORDS[f.verdict];
}

/** What stands behind the verdict in its line; empty where there is nothing more to say. */
export function afterVerdict(f: StationFairness, nameOf: NameOf): string {
  const line = verdictLine(f, nameOf);
  return line.slice(VERDICT_WORDS[f.verdict].length).replace(/^[: ]+/, '');
}

/** How many of a class are expected to miss it: *about 5 of 12 will miss it*. Null where nothing is expected. */
export function missedLine(missed: number | null, students: number): string | null {
  if (missed === null) return null;
  if (students === 0) return `${oftenWords(missed)} missed`;
  const n = Math.round(missed * students);
  if (n === 0) return 'almost nobody will miss it';
  return `about ${n} of ${students} will miss it`;
}

/** Why a character question is not fair. */
export function doubtWords(c: CallFairness, vocabulary: Vocabulary | undefined, words: Words): string {
  const character = vocabulary?.get(c.character);
  const name = character ? characterWords(character, words) : c.character;
  switch (c.doubt) {
    case 'hidden':
      return `${name}: cannot be seen there (${c.reason})`;
    case 'partly':
      return `${name}: only partly to be seen (${c.reason})`;
    case 'varies':
      return `${name}: varies in this species; check it at this tree`;
    case 'not_recorded':
      return `${name}: not recorded${c.reason === '' ? '' : ` (${c.reason})`}`;
    case 'does_not_apply':
      return `${name}: does not apply to this tree`;
    case null:
      return `${name}: can be answered`;
  }
}

/** What another station says about this one. */
export function givenAwayWords({ other, why }: GivenAway): string {
  switch (why) {
    case 'same_tree':
      return `The same tree is at station ${other}.`;
    case 'same_species':
      return `The same species is at station ${other}.`;
    case 'named_there':
      return `Station ${other} prints the name of this species.`;
  }
}
