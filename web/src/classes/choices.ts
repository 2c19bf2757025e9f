import type { ListBody, PreviewLine } from '@hurrow/contract';
import type { RealTree } from '@hurrow/core/names';

/** What is done with one pasted line: a taxon, a new draft under this name, or nothing. */
export type Choice =
  | { readonly kind: 'taxon'; readonly taxon: string }
  | { readonly kind: 'new'; readonly name: string }
  | { readonly kind: 'leave_out' }
  | { readonly kind: 'undecided' };

/** Known names are taken, misspelled ones as what they are near to, new ones as drafts; a shared name must be decided. */
export function firstChoice(line: PreviewLine): Choice {
  switch (line.found.kind) {
    case 'known':
    case 'misspelled':
      return { kind: 'taxon', taxon: line.found.taxon.id };
    case 'shared':
      return { kind: 'undecided' };
    case 'new':
      return { kind: 'new', name: line.found.real?.scientific ?? line.name };
  }
}

export const choiceKey = (c: Choice): string =>
  c.kind === 'taxon' ? `taxon/${c.taxon}` : c.kind === 'new' ? `new/${c.name}` : c.kind;

export function choiceOf(key: string): Choice {
  const [kind, rest] = [key.split('/')[0], key.slice(key.indexOf('/') + 1)];
  if (kind === 'taxon') return { kind: 'taxon', taxon: rest };
  if (kind === 'new') return { kind: 'new', name: rest };
  return kind === 'leave_out' ? { kind: 'leave_out' } : { kind: 'undecided' };
}

/** Whether a person should look at a line before the list is made. */
export const wantsLook = (line: PreviewLine): boolean => line.found.kind !== 'known';

const LATIN = /^[A-Z][a-z-]+ (?:[x×] )?[a-z-]+/;

/** The English name of a new species: what was pasted where a scientific name was given for it, else its usual one. */
function commonOf(pasted: string, name: string, real: RealTree | null): string | null {
  const isSame = real !== null && real.scientific === name;
  if (LATIN.test(pasted)) return isSame ? real.common : null;
  return LATIN.test(name) ? pasted : null;
}

/** The list to be made; a line left out is passed over. */
export function membersOf(
  lines: readonly PreviewLine[],
  choices: ReadonlyMap<number, Choice>,
): ListBody['members'] {
  return lines.flatMap((l): ListBody['members'][number][] => {
    const c = choices.get(l.line) ?? firstChoice(l);
    const rest = { week: l.week, label: l.label };
    if (c.kind === 'taxon') return [{ taxon: c.taxon, ...rest }];
    if (c.kind !== 'new') return [];
    const { synonyms, olderFamilies } = l;
    const { under = null, real = null } = l.found.kind === 'new' ? l.found : {};
    const family = l.family ?? real?.family ?? null;
    const common = l.common ?? commonOf(l.name, c.name, real);
    return [{ newName: c.name, common, family, synonyms, olderFamilies, under: under?.id ?? null, ...rest }];
  });
}
