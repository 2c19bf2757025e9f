import { characterWords } from '../characters/index.ts';
import type { Character } from '../characters/index.ts';
import { visible } from '../conditions/index.ts';
import type { Conditions } from '../conditions/index.ts';
import { comparePair, expectedCharacters } from '../tells/index.ts';
import { drawPart } from './byDrawing.ts';
import { WHY_NOT, labelOf, lettered, question, shuffled } from './ground.ts';
import type { AskGround, Made, Named } from './ground.ts';

const OPTIONS = 4;
/** Characters nobody looks for at a tree are not offered. */
const MOST_EFFORT = 3;

const named = (g: AskGround, id: string): Named | undefined => g.list.find((n) => n.id === id);

/** Characters that tell the tree cleanly from another, and those by which the two are alike, as far as both are seen. */
function toldBy(
  g: AskGround,
  rival: string,
): { readonly tells: readonly string[]; readonly alike: readonly string[] } {
  const [a, b] = [g.described.get(g.own.id), g.described.get(rival)];
  if (!a || !b) return { tells: [], alike: [] };
  const report = comparePair(a, b, g.vocabulary, g.conditions, expectedCharacters([...g.described.values()]));
  const clean = new Set(report.tells.filter((t) => t.strength !== 'partial').map((t) => t.character));
  const any = new Set(report.tells.map((t) => t.character));
  const alike = [...a.values.keys()].filter((id) => {
    const c = g.vocabulary.get(id);
    if (!c || any.has(id) || !b.values.has(id) || c.effort > MOST_EFFORT || c.organ === 'site') return false;
    return (
      visible(a.subject, c, g.conditions).seen === 'yes' && visible(b.subject, c, g.conditions).seen === 'yes'
    );
  });
  return { tells: [...clean].filter((id) => g.vocabulary.get(id)?.organ !== 'site'), alike };
}

const characterOption = (g: AskGround, id: string) => ({
  label: characterWords(g.vocabulary.get(id) as Character, g.wording.words),
  character: id,
});

/** Which of two, and which character told. */
export function whichOfTwo(g: AskGround): Made {
  const rival = g.closest.map((id) => named(g, id)).find((n) => n && toldBy(g, n.id).tells.length > 0);
  if (!rival) return WHY_NOT('No look-alike can be told from it here.');
  const { tells, alike } = toldBy(g, rival.id);
  const leaf = (n: Named) =>
    g.drawn && drawPart(g, n.id, 'leaf') ? { draw: { taxon: n.id, part: 'leaf' as const } } : {};
  const options = lettered(
    [g.own, rival].map((n) => ({ label: labelOf(n), taxon: n.id, ...leaf(n) })),
    g.next,
  );
  const right = options.filter((o) => o.taxon === g.own.id).map((o) => o.id);
  if (g.drawn) return question('which_of_two', 'Which of the two is it?', { options, right });
  const others = lettered(
    [...tells.slice(0, 2), ...shuffled(alike, g.next).slice(0, 2)].map((id) => characterOption(g, id)),
    g.next,
    'c',
  );
  return question('which_of_two', 'Which of the two is it, and what told you?', {
    options,
    others,
    right,
  });
}

/** What to look at next: one character separates the three that are left, the others do not. */
export function nextLook(g: AskGround): Made {
  const left = g.closest
    .map((id) => named(g, id))
    .filter((n) => n !== undefined)
    .slice(0, 2);
  if (left.length < 2) return WHY_NOT('It has too few look-alikes.');
  const told = left.map((n) => toldBy(g, n.id));
  const every = (told[0]?.tells ?? []).filter((id) => told.every((t) => t.tells.includes(id)));
  const none = (told[0]?.alike ?? []).filter((id) => told.every((t) => t.alike.includes(id)));
  const [right] = every;
  if (!right || none.length < 2) return WHY_NOT('No one character separates it from both.');
  const options = lettered(
    [right, ...shuffled(none, g.next).slice(0, OPTIONS - 1)].map((id) => characterOption(g, id)),
    g.next,
  );
  const names = shuffled([g.own, ...left], g.next).map(labelOf);
  return question(
    'next_look',
    `It is ${names.slice(0, -1).join(', ')} or ${names.at(-1) ?? ''}. What would you look at next?`,
    {
      options,
      right: options.filter((o) => o.character === right).map((o) => o.id),
    },
  );
}

const JANUARY: Pick<Conditions, 'material' | 'handling' | 'distance' | 'wet'> = {
  material: ['tree', 'twig'],
  handling: ['look', 'lens', 'touch'],
  distance: 'hand',
  wet: false,
};

/** What can be seen in January: one that can, and three that cannot. */
export function inJanuary(g: AskGround): Made {
  const own = g.described.get(g.own.id);
  if (!own) return WHY_NOT('Nothing is recorded of it.');
  const winter = { ...JANUARY, date: `${g.conditions.date.slice(0, 4)}-01-15` };
  const known = [...own.values.keys()]
    .flatMap((id) => g.vocabulary.get(id) ?? [])
    .filter((c) => c.effort <= MOST_EFFORT && c.organ !== 'site');
  const seen = (c: Character) => visible(own.subject, c, winter).seen;
  const [yes, no] = [known.filter((c) => seen(c) === 'yes'), known.filter((c) => seen(c) === 'no')];
  const [right] = shuffled(yes, g.next);
  if (!right || no.length < 2) return WHY_NOT('Too little about it changes by January.');
  const options = lettered(
    [right, ...shuffled(no, g.next).slice(0, OPTIONS - 1)].map((c) => characterOption(g, c.id)),
    g.next,
  );
  return question('january', 'Which of these can be seen on this tree in January?', {
    options,
    right: options.filter((o) => o.character === right.id).map((o) => o.id),
  });
}
