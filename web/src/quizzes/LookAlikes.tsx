import { contrastSentence } from '@hurrow/core/characters';
import type { TaxonHeader } from '@hurrow/contract';
import type { PairFairness, StationFairness } from '@hurrow/core/fairness';
import { oftenWords } from '@hurrow/core/measuring';
import { useView, useVocabulary } from '../app/index.ts';
import { TaxonName } from '../parts/index.ts';
import { VERDICT_WORDS } from './fairWords.ts';
import type { NameOf } from './fairWords.ts';

const MOST = 3;
const MOST_TELLS = 2;

/** A look-alike with what separates it and how often a careful observer is right. */
function LookAlike({
  pair,
  rival,
  own,
  nameOf,
  near,
}: {
  pair: PairFairness;
  rival: TaxonHeader;
  own: string;
  nameOf: NameOf;
  near: boolean;
}) {
  const { wording } = useView();
  const vocabulary = useVocabulary();
  return (
    <li>
      <div className="look-alike-head">
        <TaxonName taxon={rival} />
        <span className={`verdict ${pair.verdict}`}>{VERDICT_WORDS[pair.verdict]}</span>
      </div>
      <div className="quiet number">
        {pair.by.length === 0
          ? 'Nothing here tells them apart.'
          : `The best guess is right ${oftenWords(pair.right)}.`}
        {near ? ` (${pair.expected.toFixed(3)})` : ''}
      </div>
      <ul className="tells">
        {pair.by.slice(0, MOST_TELLS).map((t) => {
          const c = vocabulary?.get(t.character);
          return c ? (
            <li key={t.character}>
              {contrastSentence(c, t.values, [{ name: nameOf(own) }, { name: nameOf(pair.rival) }], wording)}
              {t.certified ? <span className="quiet"> Checked at this tree.</span> : null}
            </li>
          ) : null;
        })}
      </ul>
    </li>
  );
}

/** The closest look-alikes of a station’s tree, and all of them at once. */
export function LookAlikes({
  found,
  own,
  headers,
  nameOf,
}: {
  found: StationFairness;
  own: string;
  headers: ReadonlyMap<string, TaxonHeader>;
  nameOf: NameOf;
}) {
  const shown = found.pairs.slice(0, MOST);
  return (
    <>
      <h3>Closest look-alikes</h3>
      {shown.length === 0 ? (
        <p className="quiet">No other species taught by then competes for this name.</p>
      ) : null}
      <ol className="look-alikes">
        {shown.map((p) => {
          const rival = headers.get(p.rival);
          return rival ? (
            <LookAlike key={p.rival} pair={p} rival={rival} own={own} nameOf={nameOf} near={found.near} />
          ) : null;
        })}
      </ol>
      {found.whole && found.pairs.length > 1 ? (
        <p className="quiet number">
          Against all {found.pairs.length} at once the best guess is right {oftenWords(found.whole.right)}
          {found.near ? ` (${found.whole.expected.toFixed(3)})` : ''}.
        </p>
      ) : null}
      {found.bare.length > 0 ? (
        <p className="quiet">No data yet, so left out: {found.bare.map(nameOf).join(', ')}.</p>
      ) : null}
    </>
  );
}
