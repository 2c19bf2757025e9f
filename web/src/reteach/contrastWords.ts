import type { SpecimenAtHand, TreeRow } from '@hurrow/contract';
import { characterWords, clauseAbout, stateWords, valueWords } from '@hurrow/core/characters';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import { tellSentence } from '@hurrow/core/compare';
import type { TellCard } from '@hurrow/core/compare';
import { materialWords } from '@hurrow/core/conditions';
import type { Candidate, CheckQuestion, Drill, Exception, Showing } from '@hurrow/core/reteach';

/** How the two species of a contrast are named, and in which words. */
export interface Saying {
  readonly names: readonly [first: string, second: string];
  readonly vocabulary: Vocabulary;
  readonly wording: Wording;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A character by its name; what is asked as a question is named without its mark. */
export const characterName = (id: string, { vocabulary, wording }: Saying): string => {
  const c = vocabulary.get(id);
  return c ? characterWords(c, wording.words).replace(/\?$/, '') : id;
};

/** Trees that are offered and specimens at hand, as candidates for showing a look. */
export const candidatesOf = (
  trees: readonly TreeRow[],
  specimens: readonly SpecimenAtHand[],
): readonly Candidate[] => {
  const byId = new Map(trees.map((t) => [t.id, t]));
  return [
    ...trees
      .filter((t) => !t.retired)
      .map((t): Candidate => ({
        individual: t.id,
        taxon: t.taxon.id,
        certified: t.certified,
        cautions: t.cautions,
        ...(t.stage ? { stage: t.stage } : {}),
        reach: t.reach,
        place: t.place,
        cut: null,
      })),
    ...specimens.map((s): Candidate => {
      const from = byId.get(s.tree ?? '');
      return {
        individual: s.id,
        taxon: from?.taxon.id ?? s.taxon,
        certified: from?.certified ?? {},
        cautions: from?.cautions ?? [],
        hides: s.hides,
        place: null,
        cut: { material: s.material, takenOn: s.takenOn, goodUntil: s.goodUntil },
      };
    }),
  ];
};

/** A tree or specimen that shows looks, as a line: where it is, what it shows, what to mind. */
export interface WhereLine {
  readonly id: string;
  readonly what: string;
  readonly where: string;
  readonly shows: string;
  readonly mind: string;
}

export function whereLines(
  shown: readonly Showing[],
  trees: readonly TreeRow[],
  specimens: readonly SpecimenAtHand[],
  day: (on: string) => string,
  say: Saying,
): readonly WhereLine[] {
  return shown.flatMap(({ individual, characters }): WhereLine[] => {
    const shows = characters.map((c) => characterName(c, say)).join(', ');
    const tree = trees.find((t) => t.id === individual);
    if (tree)
      return [
        {
          id: individual,
          what: `Tree ${tree.tag}`,
          where: [...new Set([tree.trail, tree.site.name])].filter((w) => w !== null).join(', '),
          shows,
          mind: tree.access ?? '',
        },
      ];
    const cut = specimens.find((s) => s.id === individual);
    if (!cut) return [];
    const what = cut.material.map(materialWords).join(' and ');
    return [
      {
        id: individual,
        what: `${capital(what)}${cut.tag === null ? '' : ` of ${cut.tag}`}`,
        where: 'cut, on the table',
        shows,
        mind: cut.goodUntil === null ? '' : `good until ${day(cut.goodUntil)}`,
      },
    ];
  });
}

/** A look as a sentence: *Needles have white lines on both sides on subalpine fir, the under side only on grand fir.* */
export const lookWords = (look: TellCard, { names, wording }: Saying): string =>
  tellSentence(look, names, wording);

/** What is asked in a check, and its answer. */
export interface CheckLine {
  readonly ask: string;
  readonly answer: string;
}

export function checkLines(
  check: readonly CheckQuestion[],
  looks: readonly TellCard[],
  say: Saying,
): readonly CheckLine[] {
  const { names, vocabulary, wording } = say;
  const [first] = looks;
  return check.flatMap((q): CheckLine[] => {
    const c = vocabulary.get(q.character);
    if (!c) return [];
    const shows = capital(clauseAbout(c, q.value, wording).replaceAll('*', 'it'));
    const ask = `${shows}. Is it ${names[0]} or ${names[1]}?`;
    if (q.kind === 'neither')
      return [
        {
          ask,
          answer: `It may be either: both show it.${first ? ` Look at this instead: ${characterName(first.character.id, say)}.` : ''}`,
        },
      ];
    const look = looks.find((l) => l.character.id === q.character);
    const name = names[q.is === 'first' ? 0 : 1];
    return [{ ask, answer: `${capital(name)}. ${look ? lookWords(look, say) : ''}`.trim() }];
  });
}

/** What goes against a look, in words; a tree is named by its tag. */
export function exceptionWords(e: Exception, trees: readonly TreeRow[], say: Saying): string {
  const c = say.vocabulary.get(e.character);
  const name = characterName(e.character, say);
  if (e.kind === 'sometimes') return `This holds most of the time, not always: ${name}.`;
  const tag = trees.find((t) => t.id === e.individual)?.tag ?? 'a tree';
  return `Tree ${tag} is an exception; ${name} there: ${c ? valueWords(c, e.value, say.wording) : 'otherwise'}.`;
}

export const DRILL_WORDS: Readonly<Record<Drill, string>> = {
  margin: 'edge of the leaf',
  lobes: 'lobes of the leaf',
  arrangement: 'how buds sit on the twig',
  bundle: 'needles in a bundle',
};

/** What one drawing of a drill sheet shows. */
export function drillValueWords(
  drill: Drill,
  character: string,
  value: string | number,
  say: Saying,
): string {
  if (drill === 'bundle') return value === 1 ? 'one at a time' : `in ${String(value)}s`;
  const c = say.vocabulary.get(character);
  return c ? stateWords(c, String(value), say.wording.words) : String(value);
}
