import { Fragment } from 'react';
import type { TaxonHeader } from '@hurrow/contract';

const UPRIGHT = new Set(['subsp.', 'var.', 'f.', 'cv.', '×']);
const ITALIC_RANKS = new Set(['genus', 'section', 'species', 'infraspecies', 'hybrid']);

/** A scientific name as it is set: names italic, rank marks and the hybrid sign upright. */
export function Latin({ name }: { name: string }) {
  const words = name.split(' ');
  return (
    <>
      {words.map((w, i) => (
        <Fragment key={`${w}-${i}`}>
          {i > 0 ? ' ' : ''}
          {UPRIGHT.has(w) ? w : <i className="latin">{w}</i>}
        </Fragment>
      ))}
    </>
  );
}

type Named = Pick<TaxonHeader, 'scientific' | 'common' | 'rank'>;

/** The scientific name with the common one beside it, or the scientific alone. */
export function TaxonName({ taxon, common = true }: { taxon: Named; common?: boolean }) {
  const isLatin = ITALIC_RANKS.has(taxon.rank) && /^[A-Z]/.test(taxon.scientific);
  return (
    <span className="taxon-name">
      {isLatin ? <Latin name={taxon.scientific} /> : taxon.scientific}
      {common && taxon.common && taxon.common !== taxon.scientific ? (
        <span className="quiet"> {taxon.common}</span>
      ) : null}
    </span>
  );
}
