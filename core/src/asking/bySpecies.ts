import { characterWords, shownStates } from '../characters/index.ts';
import type { Character, Value } from '../characters/index.ts';
import { WHY_NOT, labelOf, lettered, question, shuffled } from './ground.ts';
import type { AskGround, Made, Named } from './ground.ts';

const OTHERS = 3;

/** Kinds of character that are plain at a glance, by which an odd one out is chosen, the plainest first. */
const PLAIN: readonly string[] = [
  'leaf.arrangement',
  'twig.arrangement',
  'leaf.complexity',
  'leaf.kind',
  'leaf.persistence',
  'needle.attachment',
  'fruit.kind',
  'leaf.lobing',
];

/** The one state of a value; null where it has several, or none. */
function only(value: Value | undefined): string | null {
  if (value?.kind !== 'states') return null;
  const shown = shownStates(value);
  return shown.length === 1 ? (shown[0]?.state ?? null) : null;
}

const speciesOption = (n: Named) => ({ label: labelOf(n), taxon: n.id });

/** Three that are alike in a character, and one that is not. The tree's own species is one of the four. */
export function oddOneOut(g: AskGround): Made {
  const stateOf = (n: Named, c: Character): string | null =>
    only(g.described.get(n.id)?.values.get(c.id)?.value);
  const others = shuffled(
    g.list.filter((n) => n.id !== g.own.id),
    g.next,
  );
  for (const c of PLAIN.flatMap((id) => g.vocabulary.get(id) ?? [])) {
    const own = stateOf(g.own, c);
    if (own === null) continue;
    const same = others.filter((n) => stateOf(n, c) === own);
    const differ = others.filter((n) => {
      const s = stateOf(n, c);
      return s !== null && s !== own;
    });
    const [odd] = differ;
    if (!odd || same.length < OTHERS - 1) continue;
    const options = lettered([g.own, ...same.slice(0, OTHERS - 1), odd].map(speciesOption), g.next);
    return question('odd_one_out', `Which is the odd one out by ${characterWords(c, g.wording.words)}?`, {
      options,
      right: options.filter((o) => o.taxon === odd.id).map((o) => o.id),
    });
  }
  return WHY_NOT('No plain character sets one species apart from three.');
}

/** Whether an elevation lies well within, or well outside, what is recorded of a species; null where nothing is. */
function growsAt(value: Value | undefined, mm: number): boolean | null {
  if (value?.kind !== 'range') return null;
  const [low, high] = [value.xlow ?? value.low, value.xhigh ?? value.high];
  const margin = (high - low) * 0.1;
  if (mm >= value.low && mm <= value.high) return true;
  return mm < low - margin || mm > high + margin ? false : null;
}

/** Who could grow at the elevation of the site: one that does, and those that are not recorded anywhere near. */
export function growsHere(g: AskGround): Made {
  const grows = (n: Named) =>
    growsAt(g.described.get(n.id)?.values.get('site.elevation')?.value, g.elevM * 1000);
  const all = shuffled(g.list, g.next);
  const right = all.find((n) => n.id === g.own.id && grows(n) === true) ?? all.find((n) => grows(n) === true);
  const wrong = all.filter((n) => grows(n) === false).slice(0, OTHERS);
  if (!right || wrong.length < 2) return WHY_NOT('Too few elevations are recorded on this list.');
  const options = lettered([right, ...wrong].map(speciesOption), g.next);
  const feet = Math.round((g.elevM * 3.28084) / 100) * 100;
  const high =
    g.wording.units === 'metric'
      ? `${Math.round(g.elevM / 50) * 50} m`
      : `${feet.toLocaleString('en-US')} ft`;
  return question('grows_here', `Who could grow here, at about ${high}?`, {
    options,
    right: options.filter((o) => o.taxon === right.id).map((o) => o.id),
  });
}

/** Which species breaks a rule of thumb: one that does, and those that keep it. */
export function ruleBreaker(g: AskGround): Made {
  for (const rule of shuffled(g.rules, g.next)) {
    const known = (ids: readonly string[]) => g.list.filter((n) => ids.includes(n.id));
    const breaks = shuffled(known(rule.breaks), g.next);
    const keeps = shuffled(known(rule.keeps), g.next).slice(0, OTHERS);
    const odd = breaks.find((n) => n.id === g.own.id) ?? breaks[0];
    if (!odd || keeps.length < 2) continue;
    const options = lettered([odd, ...keeps].map(speciesOption), g.next);
    return question('rule_breaker', `“${rule.sentence}” Which of these breaks the rule?`, {
      options,
      right: options.filter((o) => o.taxon === odd.id).map((o) => o.id),
    });
  }
  return WHY_NOT('No rule of this list has an exception. Add one under Compare, Rules.');
}

/** Spells the scientific name of a species that is told. */
export const spelling = (g: AskGround): Made =>
  question('spelling', `Spell the scientific name of ${labelOf(g.own)}.`, { text: g.own.scientific });
