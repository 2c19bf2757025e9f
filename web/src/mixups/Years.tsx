import type { PairOverClasses, SectionsAndYears } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { DataTable, Loaded, Nothing, TaxonName, counted } from '../parts/index.ts';
import { FORM_WORDS, MATERIAL_WORDS, plain } from './boardWords.ts';
import { classWords, countsWords, expectedWords, pooledWords } from './yearWords.ts';

function Table({ data }: { data: SectionsAndYears }) {
  return (
    <div className="stack">
      <p>
        The same species, asked with the same material and answered the same way, in other classes. Classes
        differ in their trees and their days; the counts compare mix-ups, not people.
        {data.onlyHere > 0
          ? ` ${counted(data.onlyHere, 'more mix-up', 'more mix-ups')} of this class: no other class was asked for them under the same conditions.`
          : ''}
      </p>
      <DataTable<PairOverClasses>
        label="Other classes"
        file="mix-ups over classes"
        rows={data.pairs}
        rowKey={(p) => `${p.truth.id}/${p.answer.id}/${p.material}/${p.form}`}
        plain={(p) => ({
          tree: p.truth.scientific,
          wrote: p.answer.scientific,
          material: p.material,
          form: p.form,
          ...Object.fromEntries(p.at.map((a) => [classWords(data.sections, a.section), `${a.k} of ${a.n}`])),
          'next class': expectedWords(p),
        })}
        empty={
          <Nothing title="Nothing to compare with">
            No other class was asked these species under the same conditions yet.
          </Nothing>
        }
        expanded={(p) => <p className="quiet">{pooledWords(p)}</p>}
        columns={[
          {
            title: 'Mix-up',
            sorter: (a, b) => plain(a.truth).localeCompare(plain(b.truth), 'en'),
            render: (_, p) => (
              <>
                <TaxonName taxon={p.answer} /> for <TaxonName taxon={p.truth} />
              </>
            ),
          },
          {
            title: 'Asked with',
            width: 170,
            render: (_, p) => (
              <span className="quiet">
                {MATERIAL_WORDS[p.material] ?? p.material}, {FORM_WORDS[p.form] ?? p.form}
              </span>
            ),
          },
          {
            title: 'Students who wrote it',
            sorter: (a, b) => (a.at[0]?.k ?? 0) - (b.at[0]?.k ?? 0),
            defaultSortOrder: 'descend',
            render: (_, p) => countsWords(p, data.sections),
          },
          {
            title: 'A new class should expect',
            width: 200,
            className: 'number',
            render: (_, p) => expectedWords(p),
          },
        ]}
      />
    </div>
  );
}

/** Mix-ups of a class beside those of other sections and years. */
export function Years({ section }: { section: string }) {
  const read = useRead('sectionsAndYears', { id: section });
  return <Loaded query={read}>{(data) => <Table data={data} />}</Loaded>;
}
