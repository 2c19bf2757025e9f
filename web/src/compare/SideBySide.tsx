import { useMemo, useState } from 'react';
import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import { characterWords, valuesWords } from '@hurrow/core/characters';
import type { Vocabulary } from '@hurrow/core/characters';
import { ORGAN_LABELS, useView } from '../app/index.ts';
import { saveCsv, TaxonName } from '../parts/index.ts';
import { sideLines } from './sideLines.ts';
import type { Laid } from './useTrayProfiles.ts';

/** The species of the bench organ by organ: only what parts some two of them, or all that is recorded. */
export function SideBySide({ laid, vocabulary }: { laid: readonly Laid[]; vocabulary: Vocabulary }) {
  const { conditions, wording } = useView();
  const [all, setAll] = useState(false);
  const organs = useMemo(
    () =>
      sideLines(
        laid.map((l) => l.described),
        vocabulary,
        conditions,
        all,
      ),
    [laid, vocabulary, conditions, all],
  );
  const save = (): void =>
    saveCsv(
      'side-by-side',
      organs
        .flatMap((o) => o.lines)
        .map((l) => ({
          character: l.character.id,
          ...Object.fromEntries(
            valuesWords(l.character, l.values, wording).map((words, i) => [
              laid[i]?.header.scientific ?? '',
              words === '' ? null : words,
            ]),
          ),
          parts: l.parts,
        })),
    );
  const pairs = (laid.length * (laid.length - 1)) / 2;
  return (
    <section className="panel" aria-label="Organ by organ">
      <div className="panel-head">
        <h2>Organ by organ</h2>
        <span className="line-tools">
          <Checkbox checked={all} onChange={(e) => setAll(e.target.checked)}>
            also what is alike
          </Checkbox>
          <Button size="small" onClick={save}>
            Save as CSV
          </Button>
        </span>
      </div>
      <div className="wide-table">
        <table className="plain-table beside-table">
          <thead>
            <tr>
              <th scope="col">Character</th>
              {laid.map((l) => (
                <th key={l.header.id} scope="col">
                  <TaxonName taxon={l.header} common={false} />
                </th>
              ))}
              <th scope="col">Parts</th>
            </tr>
          </thead>
          {organs.map(({ organ, lines }) => (
            <tbody key={organ}>
              <tr>
                <th colSpan={laid.length + 2} scope="rowgroup" className="organ-row">
                  {ORGAN_LABELS[organ]}
                </th>
              </tr>
              {lines.map((l) => (
                <tr key={l.character.id} className={l.hidden ? 'hidden-row' : ''}>
                  <td>{characterWords(l.character, wording.words)}</td>
                  {valuesWords(l.character, l.values, wording).map((words, i) => (
                    <td key={laid[i]?.header.id}>
                      {words === '' ? <span className="quiet">not recorded</span> : words}
                    </td>
                  ))}
                  <td className="quiet number">
                    {l.parts} of {pairs}
                    {l.hidden ? ', not now' : ''}
                  </td>
                </tr>
              ))}
            </tbody>
          ))}
        </table>
      </div>
      {organs.length === 0 ? <p className="quiet">Nothing recorded separates them.</p> : null}
    </section>
  );
}
