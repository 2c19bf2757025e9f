import type { ListLore } from '@hurrow/contract';
import type { Forbidden } from '@hurrow/core/compare';
import type { DescribedTaxon } from '@hurrow/core/tells';

/** What the cautions of each taxon forbid. */
export function forbiddenBy(cautions: ListLore['cautions']): Forbidden {
  const found = new Map<string, Set<string>>();
  for (const c of cautions) {
    const had = found.get(c.taxon) ?? new Set<string>();
    for (const f of c.forbids) had.add(f);
    found.set(c.taxon, had);
  }
  return found;
}

/** Taxa with what their cautions forbid, so that no tell asks for it. */
export const withCautions = (
  all: readonly DescribedTaxon[],
  forbidden: Forbidden,
): readonly DescribedTaxon[] =>
  all.map((d) => {
    const forbids = forbidden.get(d.id);
    return forbids && forbids.size > 0 ? { ...d, subject: { ...d.subject, forbids: [...forbids] } } : d;
  });
