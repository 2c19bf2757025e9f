import { useMemo, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import Checkbox from 'antd/es/checkbox';
import { AUDIENCES } from '@hurrow/core/keys';
import { hash, speciesPlate, typical } from '@hurrow/core/plates';
import { StepView, useCompared, useSort } from '../compare/index.ts';
import type { Compared } from '../compare/index.ts';
import { TaxonName } from '../parts/index.ts';
import { Ink } from '../plates/index.ts';
import '../plates/plates.css';
import { PrintBar } from './PrintBar.tsx';
import './keySheet.css';

/** The pen on paper, where a plate is a card wide. */
const PRINTED = 1.15;

function Cards({ compared: c, names }: { compared: Compared; names: boolean }) {
  const plates = useMemo(
    () =>
      c.members.flatMap((taxon, i) => {
        const d = c.described[i];
        return d
          ? [{ taxon, plate: speciesPlate(typical(d.profile, c.vocabulary), hash(taxon.scientific)) }]
          : [];
      }),
    [c],
  );
  return (
    <div className="sorting-cards">
      {plates.map(({ taxon, plate }, i) => (
        <figure key={taxon.id} className="sorting-card" style={{ margin: 0 }}>
          <svg viewBox={`0 0 ${plate.width} ${plate.height}`} role="img" aria-label={`Card ${i + 1}`}>
            {plate.pieces.flatMap((p) =>
              p.recorded
                ? p.marks.map((m, k) => <Ink key={`${p.kind}${k}`} mark={m} weight={PRINTED} />)
                : [],
            )}
          </svg>
          <figcaption>
            <b className="number">{i + 1}</b> {names ? <TaxonName taxon={taxon} /> : null}
          </figcaption>
        </figure>
      ))}
    </div>
  );
}

function Answer({ compared: c }: { compared: Compared }) {
  const [search] = useSearchParams();
  const audience = AUDIENCES.find((a) => a === search.get('for')) ?? 'young';
  const sort = useSort(c, audience);
  return (
    <section className="answer-page" aria-label="Answer sheet">
      <h1 className="key-title">Answer sheet: {c.list.name}</h1>
      <p>
        Cards are numbered as the list. Other ways to sort them are right too; ask what a pile has that the
        others have not.
      </p>
      {sort ? (
        <StepView compared={c} step={sort} />
      ) : (
        <p>No easy step sorts these under the conditions chosen.</p>
      )}
      <ol className="key-bracketed">
        {c.members.map((m) => (
          <li key={m.id} style={{ listStyle: 'decimal inside' }}>
            <TaxonName taxon={m} />
          </li>
        ))}
      </ol>
    </section>
  );
}

/** Cards to cut out with the answer sheet behind them. */
export function SortingCards() {
  const { id = '' } = useParams();
  const [names, setNames] = useState(false);
  const { compared } = useCompared(id);
  return (
    <main className="sheet-of-print">
      <PrintBar
        title={`Sorting cards: ${compared?.list.name ?? ''}`}
        about="Cut along the dashed lines; the answer sheet is the last page."
        back={`/compare/sort?list=${id}`}
        backTo="sorting"
      />
      <p className="no-print">
        <Checkbox checked={names} onChange={(e) => setNames(e.target.checked)}>
          names on the cards
        </Checkbox>
      </p>
      {compared ? (
        <>
          <Cards compared={compared} names={names} />
          <Answer compared={compared} />
        </>
      ) : (
        <p className="quiet">Reading…</p>
      )}
    </main>
  );
}
