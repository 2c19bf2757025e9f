import { useEffect, useMemo, useRef, useState } from 'react';
import Checkbox from 'antd/es/checkbox';
import type { SpeciesProfile } from '@hurrow/contract';
import { characterWords, valueWords } from '@hurrow/core/characters';
import type { Character, Value, Vocabulary, Wording } from '@hurrow/core/characters';
import type { Conditions } from '@hurrow/core/conditions';
import type { DescribedTaxon, SitePlace } from '@hurrow/core/tells';
import { useRead } from '../api/index.ts';
import { ORGAN_LABELS } from '../app/index.ts';
import { AppLink, Loaded, TaxonName } from '../parts/index.ts';
import { ComparisonView } from '../plates/index.ts';
import { besideLines } from './beside.ts';
import type { BesideLine } from './beside.ts';
import { useReadProfile } from './useProfile.ts';

const STRENGTH = { clean: 'separates them', usual: 'mostly', partial: 'partly' } as const;

function strengthWords({ separation: s }: BesideLine): string {
  if (s.kind === 'tell') return STRENGTH[s.strength];
  return { none: 'alike', unknown: 'not recorded of both', inapplicable: 'not for both' }[s.kind];
}

const cell = (c: Character, v: Value | undefined, wording: Wording): string =>
  v ? valueWords(c, v, wording) : 'not recorded';

/** A species beside another, or Compare with genus: what differs, organ by organ, and what can be seen of it now. */
export function Beside({
  own,
  header,
  otherId,
  vocabulary,
  wording,
  conditions,
  place,
}: {
  own: DescribedTaxon;
  header: SpeciesProfile['header'];
  otherId: string;
  vocabulary: Vocabulary;
  wording: Wording;
  conditions: Conditions;
  place: SitePlace | null;
}) {
  const [all, setAll] = useState(false);
  const top = useRef<HTMLDivElement>(null);
  useEffect(() => {
    top.current?.scrollIntoView({ block: 'start' });
  }, []);
  const query = useRead('profile', { id: otherId });
  const other = useReadProfile(query.data, vocabulary, conditions, place);
  const organs = useMemo(
    () => (other ? besideLines(own, other.described, vocabulary, conditions, all) : []),
    [own, other, vocabulary, conditions, all],
  );
  const differing = useMemo(
    () =>
      organs
        .flatMap((x) => x.lines)
        .filter((l) => l.separation.kind === 'tell' && l.separation.strength !== 'partial' && l.seen !== 'no')
        .map((l) => l.character.id),
    [organs],
  );
  return (
    <div ref={top}>
      <Loaded query={query}>
        {(o) => (
          <section className="panel" aria-label="Side by side">
            <div className="panel-head">
              <h2>Side by side</h2>
              <span className="line-tools">
                <Checkbox checked={all} onChange={(e) => setAll(e.target.checked)}>
                  also what is alike
                </Checkbox>
                <AppLink to={`/species/${header.id}`}>Close</AppLink>
              </span>
            </div>
            {other ? (
              <ComparisonView
                all={[
                  { header, described: own },
                  { header: o.header, described: other.described },
                ]}
                differing={differing}
                vocabulary={vocabulary}
                wording={wording}
              />
            ) : null}
            <table className="plain-table beside-table">
              <thead>
                <tr>
                  <th scope="col">Character</th>
                  <th scope="col">
                    <TaxonName taxon={header} />
                  </th>
                  <th scope="col" className="second">
                    <TaxonName taxon={o.header} />
                  </th>
                  <th scope="col">It</th>
                </tr>
              </thead>
              {organs.map(({ organ, lines }) => (
                <tbody key={organ}>
                  <tr>
                    <th colSpan={4} scope="rowgroup" className="organ-row">
                      {ORGAN_LABELS[organ]}
                    </th>
                  </tr>
                  {lines.map((l) => (
                    <tr key={l.character.id} className={l.seen === 'no' ? 'hidden-row' : ''}>
                      <td>{characterWords(l.character, wording.words)}</td>
                      <td>{cell(l.character, l.a, wording)}</td>
                      <td>{cell(l.character, l.b, wording)}</td>
                      <td className="quiet">
                        {strengthWords(l)}
                        {l.seen === 'no' ? ', not now' : ''}
                      </td>
                    </tr>
                  ))}
                </tbody>
              ))}
            </table>
            {organs.length === 0 ? <p className="quiet">Nothing recorded differs.</p> : null}
          </section>
        )}
      </Loaded>
    </div>
  );
}
