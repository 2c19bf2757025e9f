import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import Checkbox from 'antd/es/checkbox';
import { describeTaxa } from '@hurrow/core/tells';
import { hash, speciesPlate, typical } from '@hurrow/core/plates';
import { useRead } from '../api/index.ts';
import { useVocabulary, useView } from '../app/index.ts';
import { Loaded, TaxonName } from '../parts/index.ts';
import { Ink, ScaleBar } from '../plates/index.ts';
import { PrintBar } from './PrintBar.tsx';
import '../plates/plates.css';

/** The pen on paper, where a plate is a third of a page wide. */
const PRINTED = 1.15;

/** The plates of a whole list on paper, numbered; without names it is an exercise. */
export function PlatesSheet() {
  const { id = '' } = useParams();
  const [names, setNames] = useState(true);
  const list = useRead('list', { id });
  const library = useRead('listLibrary', { id });
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const plates = useMemo(() => {
    if (!library.data || !vocabulary) return null;
    const { members, data } = library.data;
    const described = describeTaxa(
      members.map((m) => m.id),
      data,
      vocabulary,
      null,
    );
    return members.flatMap((taxon, i) => {
      const profile = described[i]?.profile;
      return profile
        ? [{ taxon, plate: speciesPlate(typical(profile, vocabulary), hash(taxon.scientific)) }]
        : [];
    });
  }, [library.data, vocabulary]);
  return (
    <Loaded query={list}>
      {(l) => (
        <main className="sheet-of-print">
          <PrintBar
            title={`Plates: ${l.name}`}
            about={`${l.members.length} plates, drawn from what is recorded.`}
            back={`/classes/lists/${l.id}`}
            backTo="the list"
          />
          <p className="no-print">
            <Checkbox checked={names} onChange={(e) => setNames(e.target.checked)}>
              names beneath
            </Checkbox>
          </p>
          <div className="plates-sheet">
            {(plates ?? []).map(({ taxon, plate }, i) => (
              <figure key={taxon.id}>
                <svg viewBox={`0 0 ${plate.width} ${plate.height}`} role="img" aria-label={`Plate ${i + 1}`}>
                  {plate.pieces.flatMap((p) =>
                    p.marks.map((m, k) => <Ink key={`${p.kind}${k}`} mark={m} weight={PRINTED} />),
                  )}
                  <ScaleBar plate={plate} units={wording.units} />
                </svg>
                <figcaption>
                  <b className="number">{i + 1}</b> {names ? <TaxonName taxon={taxon} /> : null}
                </figcaption>
              </figure>
            ))}
          </div>
        </main>
      )}
    </Loaded>
  );
}
