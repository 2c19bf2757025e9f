import { characterWords } from '@hurrow/core/characters';
import { useView } from '../app/index.ts';
import { TaxonName } from '../parts/index.ts';
import type { StationFinding } from '../workers/index.ts';

/** In plain words: who cannot be told from this tree with what is in hand, and where too little is recorded to say. */
export function Finding({ finding }: { finding: StationFinding | undefined }) {
  const { wording } = useView();
  if (!finding) return <span className="quiet">Checking…</span>;
  const { twins, unproven, told } = finding;
  const all = twins.length + unproven.length + told;
  return (
    <div className="finding">
      {twins.length > 0 ? (
        <div className="finding-twins">
          <b>Cannot be told apart</b> with what is in hand:
          <ul>
            {twins.map((t) => (
              <li key={t.id}>
                <TaxonName taxon={t} />
              </li>
            ))}
          </ul>
        </div>
      ) : null}
      {unproven.length > 0 ? (
        <div className="finding-unproven">
          <b>Unproven</b>, too little is recorded:
          <ul>
            {unproven.map((u) => (
              <li key={u.taxon.id}>
                <TaxonName taxon={u.taxon} />
                {u.open.length > 0 ? (
                  <span className="quiet">
                    {' '}
                    (not recorded on both: {u.open.map((c) => characterWords(c, wording.words)).join(', ')})
                  </span>
                ) : null}
              </li>
            ))}
          </ul>
        </div>
      ) : null}
      <div className="quiet number">
        Can be told apart from {told} of the {all} other species on the list.
      </div>
    </div>
  );
}
