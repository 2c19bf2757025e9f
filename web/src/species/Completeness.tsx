import { completeness } from '@hurrow/core/tells';
import type { Described } from '@hurrow/core/tells';
import type { Vocabulary } from '@hurrow/core/characters';
import { ORGAN_LABELS } from '../app/index.ts';
import { AppLink } from '../parts/index.ts';
import type { ProfileList } from './useProfileList.ts';

/** How much of what the list is described by is recorded, organ by organ. */
export function Completeness({
  taxon,
  list,
  vocabulary,
}: {
  taxon: Described;
  list: ProfileList;
  vocabulary: Vocabulary;
}) {
  const organs = completeness(taxon, vocabulary, list.view.expected);
  const sum = (pick: (o: (typeof organs)[number]) => number): number =>
    organs.reduce((n, o) => n + pick(o), 0);
  return (
    <section aria-label="Completeness">
      <h3>Recorded of what the list needs</h3>
      <p className="quiet">
        <span className="number">
          {sum((o) => o.recorded)} of {sum((o) => o.needed)}
        </span>{' '}
        on {list.name} · <AppLink to={`/species/record?list=${list.id}`}>what to record next</AppLink>
      </p>
      <table className="plain-table tight">
        <tbody>
          {organs.map((o) => (
            <tr key={o.organ}>
              <td>{ORGAN_LABELS[o.organ]}</td>
              <td>
                <svg className="share" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true">
                  <rect width="100" height="8" className="share-all" />
                  <rect width={(100 * o.recorded) / o.needed} height="8" className="share-done" />
                </svg>
              </td>
              <td className="number">
                {o.recorded} of {o.needed}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
