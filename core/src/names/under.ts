import { normalise } from './normalise.ts';
import type { IndexedName } from './entries.ts';
import type { NameIndex } from './nameIndex.ts';

const ofFamily = (family: string | null, groups: readonly IndexedName[]): string | null =>
  family === null
    ? null
    : (groups.find((n) => n.rank === 'family' && n.normal === normalise(family))?.taxon ?? null);

/**
 * The group a new name would stand in: the genus or family it names by its first word, or the one whose common name it
 * ends with (western larch: larch). The longest such name wins; where two groups bear it, none is chosen.
 * @param family the family given beside the name, if any.
 * @returns the taxon's id, or null.
 */
export function standsUnder(name: string, family: string | null, index: NameIndex): string | null {
  const groups = index.names.filter((n) => ['genus', 'family', 'group'].includes(n.rank));
  const words = normalise(name).split(' ');
  const genus = groups.filter((n) => n.rank === 'genus' && n.kind === 'accepted' && n.normal === words[0]);
  if (genus[0]) return genus[0].taxon;
  // A hyphen says that it is none of them: a Douglas-fir is no fir, a mountain-ash no ash.
  if (/-[a-z]+$/i.test(name.trim())) return ofFamily(family, groups);
  const endings = groups
    .filter(
      (n) => n.kind === 'common' && n.rank === 'genus' && ` ${words.join(' ')}`.endsWith(` ${n.normal}`),
    )
    .sort((a, b) => b.normal.length - a.normal.length);
  const [longest] = endings;
  if (longest) {
    const taxa = new Set(endings.filter((n) => n.normal === longest.normal).map((n) => n.taxon));
    if (taxa.size === 1) return longest.taxon;
  }
  return ofFamily(family, groups);
}
