import { characterWords } from '@hurrow/core/characters';
import { POSSIBLE } from '@hurrow/core/naming';
import type { Call, Evidence } from '@hurrow/core/naming';
import { AppLink, TaxonName } from '../parts/index.ts';
import { callWords } from './calls.ts';
import type { Compared } from './useCompared.ts';
import type { NamedTree } from './useNaming.ts';

const SHOWN = 8;
/** Evidence weaker than a tenth of a bit says nothing worth reading. */
const LEAST_BITS = 0.1;

const percent = (p: number): string =>
  p >= 0.995 ? 'over 99 in 100' : p < 0.01 ? 'under 1 in 100' : `${Math.round(100 * p)} in 100`;

/** The members likeliest to be it, with what speaks for and against each, and the cautions of those still possible. */
export function Candidates({
  compared: c,
  tree,
  calls,
}: {
  compared: Compared;
  tree: NamedTree;
  calls: readonly Call[];
}) {
  const { named } = tree;
  const words = (e: Evidence): string => {
    const found = c.vocabulary.get(e.call.character);
    return `${found ? characterWords(found, c.wording.words) : e.call.character} ${callWords(e.call, c.vocabulary, c.wording)}`;
  };
  const evidence = (i: number, sign: 1 | -1): string =>
    named.evidence
      .filter((e) => e.counts && sign * (e.bits[i] ?? 0) >= LEAST_BITS)
      .sort((a, b) => sign * ((b.bits[i] ?? 0) - (a.bits[i] ?? 0)))
      .map(words)
      .join('; ');
  const top = named.posterior[named.ranking[0] ?? 0] ?? 1;
  return (
    <section className="panel" aria-label="Candidates">
      <div className="panel-head">
        <h2>Candidates</h2>
        <span className="quiet">
          of {c.members.length} on the list,{' '}
          {calls.length === 0
            ? 'before any call'
            : `after ${calls.length} ${calls.length === 1 ? 'call' : 'calls'}`}
        </span>
      </div>
      <table className="plain-table">
        <thead>
          <tr>
            <th scope="col">Species</th>
            <th scope="col">Chance</th>
            <th scope="col">For it</th>
            <th scope="col">Against it</th>
          </tr>
        </thead>
        <tbody>
          {named.ranking.slice(0, SHOWN).map((i) => {
            const m = c.members[i];
            const p = named.posterior[i] ?? 0;
            const cautions = p >= POSSIBLE ? c.lore.cautions.filter((k) => k.taxon === m?.id) : [];
            return m ? (
              <tr key={m.id}>
                <td>
                  <AppLink to={`/species/${m.id}`}>
                    <TaxonName taxon={m} />
                  </AppLink>
                  {cautions.map((k) => (
                    <div key={k.hazard} className="caution-line">
                      {k.text}
                    </div>
                  ))}
                </td>
                <td className="number chance">
                  <span
                    className="chance-line"
                    style={{ width: `${Math.max(1, (100 * p) / top)}%` }}
                    aria-hidden="true"
                  />
                  {percent(p)}
                </td>
                <td>{evidence(i, 1)}</td>
                <td>{evidence(i, -1)}</td>
              </tr>
            ) : null;
          })}
        </tbody>
      </table>
    </section>
  );
}
