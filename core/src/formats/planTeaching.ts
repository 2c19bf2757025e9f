import type { Vocabulary } from '../characters/index.ts';
import { normalise } from '../names/index.ts';
import type { LibraryDocument, LibraryPart, ListPart, PairPart } from './document.ts';
import type { ImportPlan, Notes } from './planTypes.ts';

/** Declared look-alikes that are new or say something else. */
export function planPairs(
  current: LibraryDocument,
  incoming: LibraryPart,
  vocabulary: Vocabulary,
  knowsTaxon: (name: string) => boolean,
  { refuse, weigh, once }: Notes,
): readonly PairPart[] {
  const pairKey = (p: PairPart): string =>
    JSON.stringify([[normalise(p.a), normalise(p.b)].sort(), p.character]);
  once(
    ['pairs'],
    incoming.pairs,
    (p) => `${[p.a, p.b].sort().join(' and ')}${p.character ? ` by ${p.character}` : ''}`,
    'Look-alikes',
  );
  const pairsThere = new Map(current.pairs.map((p) => [pairKey(p), p]));
  return (incoming.pairs ?? []).filter((p, i) => {
    for (const name of [p.a, p.b]) {
      if (!knowsTaxon(name))
        refuse(
          ['pairs', i],
          `${name} is neither in the file nor in the library.`,
          'Take the pair out, or add the species.',
        );
    }
    if (normalise(p.a) === normalise(p.b))
      refuse(['pairs', i], `${p.a} is paired with itself.`, 'Name two species.');
    if (p.character !== null && !vocabulary.has(p.character))
      refuse(['pairs', i], `There is no character “${p.character}”.`, 'Leave it empty, or add it.');
    if (
      p.greater &&
      (p.character === null || ![normalise(p.a), normalise(p.b)].includes(normalise(p.greater)))
    )
      refuse(
        ['pairs', i],
        `${p.greater} is said to show more, ${p.character === null ? 'but of no character' : 'but is none of the two'}.`,
        'Name one of the two and the character, or leave it out.',
      );
    const old = pairsThere.get(pairKey(p));
    return weigh(
      'pair',
      `${p.a} and ${p.b}`,
      old && [old.text, old.mnemonic, old.greater ?? null],
      [p.text, p.mnemonic, p.greater ?? null],
      p.text ?? '',
    );
  });
}

/** Lists that are new or have other members. */
export function planLists(
  current: LibraryDocument,
  incoming: LibraryPart,
  knowsTaxon: (name: string) => boolean,
  { refuse, weigh, once }: Notes,
): readonly ListPart[] {
  once(['lists'], incoming.lists, (l) => normalise(l.name), 'Lists');
  const listsThere = new Map(current.lists.map((l) => [normalise(l.name), l]));
  return (incoming.lists ?? []).filter((l, i) => {
    const once = new Set<string>();
    l.members.forEach((m, k) => {
      if (!knowsTaxon(m.name))
        refuse(
          ['lists', i, 'members', k],
          `${m.name} is neither in the file nor in the library.`,
          'Take it out of the list, or add it.',
        );
      if (once.has(normalise(m.name)))
        refuse(['lists', i, 'members', k], `${m.name} is listed twice.`, 'Keep one of the two.');
      once.add(normalise(m.name));
    });
    return weigh(
      'list',
      l.name,
      listsThere.get(normalise(l.name))?.members,
      l.members,
      `${l.members.length} names`,
    );
  });
}

/** How several sources are merged, where the file says otherwise. */
export function planPolicies(
  current: LibraryDocument,
  incoming: LibraryPart,
  vocabulary: Vocabulary,
  knowsSource: (citation: string | null) => boolean,
  { refuse, note, weigh, once }: Notes,
): Pick<ImportPlan, 'merge' | 'policies'> {
  const merge = incoming.merge !== undefined && incoming.merge !== current.merge ? incoming.merge : null;
  if (merge) note('policy', 'changed', 'several sources', `${current.merge} → ${merge}`);
  once(['policies'], incoming.policies, (p) => p.character, 'Policies');
  const policiesThere = new Map(current.policies.map((p) => [p.character, p]));
  const policies = (incoming.policies ?? []).filter((p, i) => {
    if (!vocabulary.has(p.character))
      refuse(['policies', i], `There is no character “${p.character}”.`, 'Take the policy out.');
    if (!knowsSource(p.source))
      refuse(
        ['policies', i],
        `There is no source “${p.source ?? ''}”.`,
        'Add it to the sources of the file.',
      );
    return weigh('policy', p.character, policiesThere.get(p.character), p, p.policy);
  });
  return { merge, policies };
}
