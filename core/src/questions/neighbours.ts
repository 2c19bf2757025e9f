import { characterWords, isBroader, shownStates, stateOf } from '../characters/index.ts';
import type { Profile, Vocabulary } from '../characters/index.ts';
import { median } from '../numbers/index.ts';
import type { Asked, AskedAmong, Question } from './types.ts';
import { middle, rangeOf } from './values.ts';

const TEN = 10;

/** Values ten times, or a tenth, of what the rest of the genus has. */
export function tenTimesTheGenus(asked: Asked, { vocabulary, congeners }: AskedAmong): readonly Question[] {
  return [...asked.profile.values()].flatMap((r): Question[] => {
    const character = vocabulary.get(r.character);
    if (r.value.kind !== 'range' || r.origin !== asked.id || !character) return [];
    const others = median(
      congeners.flatMap((c) => {
        const resolved = c.profile.get(r.character);
        const range = rangeOf(c.profile, r.character);
        return range && resolved?.origin === c.id ? [middle(range)] : [];
      }),
    );
    const own = middle(r.value);
    if (others === null || others === 0 || own === 0) return [];
    const factor = Math.max(own / others, others / own);
    return factor < TEN
      ? []
      : [
          {
            code: 'ten_times_the_genus',
            character: r.character,
            text: `${characterWords(character, 'technical')} (${r.value.entered}) is ${own > others ? '' : 'less than '}${own > others ? `${Math.round(factor)} times` : `a ${Math.round(factor)}th of`} what others of the genus have.`,
            remedy: 'Is the unit right?',
          },
        ];
  });
}

function shows(profile: Profile, vocabulary: Vocabulary, character: string, state: string): boolean {
  const value = profile.get(character)?.value;
  const c = vocabulary.get(character);
  return (
    value?.kind === 'states' &&
    c !== undefined &&
    shownStates(value).some((s) => s.state === state || isBroader(c, state, s.state))
  );
}

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** A metaphor in a saying that fits other listed species as well. */
export function metaphors(asked: Asked, { vocabulary, words, listed }: AskedAmong): readonly Question[] {
  const said = asked.sayings.join('\n');
  return words.flatMap((w): Question[] => {
    const { state } = w;
    if (state === null || !new RegExp(`\\b${escaped(w.text)}s?\\b`, 'i').test(said)) return [];
    const also = listed.filter((l) => l.id !== asked.id && shows(l.profile, vocabulary, w.character, state));
    return also.length === 0
      ? []
      : [
          {
            code: 'metaphor_fits_several',
            character: w.character,
            text: `“${w.text}” fits ${also.length} more of the list: ${also
              .slice(0, 4)
              .map((l) => l.scientific)
              .join(', ')}${also.length > 4 ? ' …' : ''}.`,
            remedy: 'Say beside it what tells this one from them.',
          },
        ];
  });
}

export function noSeparator({ lookalikes }: Asked): readonly Question[] {
  return lookalikes
    .filter((l) => l.separator === null)
    .map((l) => ({
      code: 'no_separator',
      character: null,
      text: `${l.name} is named as a look-alike, but nothing is said to part the two.`,
      remedy: 'Choose the character that separates the two, or write it in a sentence.',
    }));
}

/** A root that names a character (dentata, toothed) whose state the species does not show. */
export function rootsContradicted(
  { roots, profile }: Asked,
  { vocabulary }: AskedAmong,
): readonly Question[] {
  return roots.flatMap((r): Question[] => {
    if (r.character === null || r.state === null || r.contested || !profile.has(r.character)) return [];
    if (shows(profile, vocabulary, r.character, r.state)) return [];
    const character = vocabulary.get(r.character);
    const state = character ? stateOf(character, r.state) : undefined;
    return [
      {
        code: 'root_contradicted',
        character: r.character,
        text: `Its name says “${r.meaning}” (${r.element}), but ${state?.term ?? r.state} is not recorded.`,
        remedy: 'Names may mislead. Is the state right, or is the meaning contested?',
      },
    ];
  });
}
