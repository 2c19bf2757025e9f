import { applies, isShown, leavesUnder } from '../characters/index.ts';
import type { Character, Value, Vocabulary } from '../characters/index.ts';
import { visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import type { Described } from '../tells/index.ts';
import type { Key, KeyNode, Lead } from './types.ts';

/** What a key was found to do when every recorded combination was run through it. */
export interface KeyCheck {
  /** Ways run: one for each species and each combination of its states that the key asks. */
  readonly ways: number;
  readonly arrived: number;
  /** Species that a recorded combination leads astray, and the character where that begins. */
  readonly astray: readonly { readonly species: number; readonly character: string }[];
  /** Species that end together because nothing recorded that can be seen parts them. */
  readonly together: readonly (readonly number[])[];
}

const shows = (c: Character, value: Value, lead: Lead): boolean => {
  if (value.kind === 'range') {
    const { from, to } = lead.range ?? { from: null, to: null };
    // Beyond the last extreme a count may go one step and a measure nowhere: the record is run as it stands.
    return (
      (from === null || value.more || (value.xhigh ?? value.high) > from) &&
      (to === null || (value.xlow ?? value.low) <= to)
    );
  }
  if (value.kind !== 'states') return false;
  return value.states.some(
    (s) => isShown(s) && leavesUnder(c, s.state).some((leaf) => lead.states.includes(leaf)),
  );
};

/**
 * Runs every recorded combination of every species through a key, by the records themselves and not by how the key was
 * built. Source: docs/formulas.md, Keys.
 */
export function checkKey(
  key: Key,
  list: readonly Described[],
  vocabulary: Vocabulary,
  conditions: Conditions,
): KeyCheck {
  let ways = 0;
  let arrived = 0;
  const astray = new Map<string, { species: number; character: string }>();
  const together = new Map<string, readonly number[]>();
  const run = (node: KeyNode, species: number, d: Described, asked: string): void => {
    if (node.kind === 'end') {
      ways += 1;
      if (node.species.includes(species)) arrived += 1;
      else astray.set(`${species}/${asked}`, { species, character: asked });
      if (node.species.length > 1) together.set(node.species.join(), node.species);
      return;
    }
    const c = vocabulary.get(node.character);
    const value = d.values.get(node.character)?.value;
    const seen = c ? visible(d.subject, c, conditions).seen : 'no';
    const known = value !== undefined && (seen === 'yes' || seen === 'partly');
    // Whoever is no longer possible here is not led on: that began above.
    const here = node.species.includes(species);
    const off =
      value?.kind === 'inapplicable' ||
      (!value && c !== undefined && applies(c, d.values, vocabulary) === 'no');
    const taken = node.leads.filter((l) => !known || (c !== undefined && shows(c, value, l)));
    if (!here || off || taken.length === 0) {
      ways += 1;
      astray.set(`${species}/${asked}`, { species, character: asked });
      return;
    }
    for (const l of taken) run(l.to, species, d, node.character);
  };
  list.forEach((d, i) => run(key.root, i, d, ''));
  return { ways, arrived, astray: [...astray.values()], together: [...together.values()] };
}
