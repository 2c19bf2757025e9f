import { useState } from 'react';
import Button from 'antd/es/button';
import { characterWords } from '@hurrow/core/characters';
import { oftenWords } from '@hurrow/core/measuring';
import { POSSIBLE, evidenceLines, fitsOf } from '@hurrow/core/naming';
import type { Call, EvidenceLine } from '@hurrow/core/naming';
import { AppLink, TaxonName } from '../parts/index.ts';
import { callWords } from './calls.ts';
import type { Compared } from './useCompared.ts';
import type { NamedTree } from './useNaming.ts';

const SHOWN = 8;
/** Below it nobody is told how often the name would be right. */
const SELDOM = 0.025;

/** What was seen, and how it weighs for or against one species. */
function Line({ line, compared: c }: { line: EvidenceLine; compared: Compared }) {
  const found = c.vocabulary.get(line.call.character);
  const name = found ? characterWords(found, c.wording.words) : line.call.character;
  return (
    <div className={`evidence-line ${line.speaks}`}>
      <dt>{line.speaks}</dt>
      <dd>
        {name} {callWords(line.call, c.vocabulary, c.wording)}
        {line.strength === 'clearly' ? '' : <span className="quiet">, {line.strength}</span>}
      </dd>
    </div>
  );
}

/** The members that may be it, each with what speaks for and against it, and the cautions of those still possible. */
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
  const [all, setAll] = useState(false);
  const fits = fitsOf(named);
  const possible = named.ranking.filter((i) => fits.get(i) !== 'unlikely');
  const shown = all ? named.ranking : possible.slice(0, SHOWN);
  return (
    <section className="panel" aria-label="Candidates">
      <div className="panel-head">
        <h2>Candidates</h2>
        <span className="quiet">
          {calls.length === 0
            ? `${c.members.length} on the list, nothing said yet`
            : `${possible.length} of ${c.members.length} possible after ${calls.length} ${calls.length === 1 ? 'call' : 'calls'}`}
        </span>
      </div>
      {calls.length === 0 ? (
        <p className="quiet">
          Every species of the list is possible. Say what you see; those that fit come first, each with what
          speaks for it and what speaks against it.
        </p>
      ) : null}
      <ol className="candidates">
        {(calls.length === 0 && !all ? [] : shown).map((i) => {
          const m = c.members[i];
          const p = named.posterior[i] ?? 0;
          const cautions = p >= POSSIBLE ? c.lore.cautions.filter((k) => k.taxon === m?.id) : [];
          return m ? (
            <li key={m.id}>
              <div className="candidate-head">
                <AppLink to={`/species/${m.id}`}>
                  <TaxonName taxon={m} />
                </AppLink>
                <span>{calls.length === 0 ? '' : fits.get(i)}</span>
                <span className="quiet">
                  {calls.length === 0 || p < SELDOM ? '' : `right ${oftenWords(p)}`}
                </span>
              </div>
              <dl>
                {evidenceLines(named, i).map((line) => (
                  <Line key={`${line.call.character}`} line={line} compared={c} />
                ))}
              </dl>
              {cautions.map((k) => (
                <div key={k.hazard} className="caution-line">
                  {k.text}
                </div>
              ))}
            </li>
          ) : null;
        })}
      </ol>
      {calls.length > 0 ? (
        <Button size="small" onClick={() => setAll(!all)}>
          {all ? 'Show only what is possible' : `Show all ${c.members.length}`}
        </Button>
      ) : null}
    </section>
  );
}
