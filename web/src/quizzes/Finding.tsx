import { characterWords } from '@hurrow/core/characters';
import { useView } from '../app/index.ts';
import { TaxonName, counted } from '../parts/index.ts';
import type { StationFinding } from '../workers/index.ts';

const MOST_SHOWN = 4;

/** In plain words: who cannot be told from this tree with what is in hand, and where too little is recorded to say. */
export function Finding({ finding }: { finding: StationFinding | undefined }) {
  const { wording } = useView();
  if (!finding) return <span className="quiet">Checking…</span>;
  const { twins, unproven, told, bare } = finding;
  const all = twins.length + unproven.length + told + bare;
  const shown = unproven.slice(0, MOST_SHOWN);
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
          <b>Not enough recorded</b> to tell from:
          <ul>
            {shown.map((u) => (
              <li key={u.taxon.id}>
                <TaxonName taxon={u.taxon} />
                {u.open.length > 0 ? (
                  <span className="quiet">
                    {' '}
                    (record {u.open.map((c) => characterWords(c, wording.words)).join(', ')})
                  </span>
                ) : null}
              </li>
            ))}
            {unproven.length > shown.length ? (
              <li className="quiet">and {unproven.length - shown.length} more</li>
            ) : null}
          </ul>
        </div>
      ) : null}
      {bare > 0 ? (
        <div className="quiet number">{counted(bare, 'species has', 'species have')} no data yet.</div>
      ) : null}
      <div className="quiet number">
        Can be told apart from {told} of the {all} other species on the list.
      </div>
    </div>
  );
}
