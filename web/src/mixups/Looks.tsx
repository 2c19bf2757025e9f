import type { TruthRow } from '@hurrow/contract';
import { DataTable, TaxonName } from '../parts/index.ts';

/** What was written at the trees of each species. */
export function Looks({ rows }: { rows: readonly TruthRow[] }) {
  return (
    <DataTable<TruthRow>
      label="Answers by species"
      file="answers by species"
      rows={rows}
      rowKey={(r) => r.truth.id}
      empty={null}
      plain={(r) => ({
        species: r.truth.scientific,
        looks: r.n,
        right: r.right,
        other: r.other,
        unlisted: r.unlisted,
        blank: r.blank,
        genus: r.genusOnly,
        family: r.family,
        cannot_tell: r.cannotTell,
      })}
      columns={[
        {
          title: 'Tree',
          render: (_, r) => <TaxonName taxon={r.truth} />,
          sorter: (a, b) => a.truth.scientific.localeCompare(b.truth.scientific, 'en'),
        },
        { title: 'Answers', dataIndex: 'n', className: 'number', sorter: (a, b) => a.n - b.n },
        { title: 'Right', dataIndex: 'right', className: 'number', sorter: (a, b) => a.right - b.right },
        {
          title: 'Other species',
          dataIndex: 'other',
          className: 'number',
          sorter: (a, b) => a.other - b.other,
        },
        {
          title: 'No name known',
          dataIndex: 'unlisted',
          className: 'number',
          sorter: (a, b) => a.unlisted - b.unlisted,
        },
        {
          title: 'Genus only',
          dataIndex: 'genusOnly',
          className: 'number',
          sorter: (a, b) => a.genusOnly - b.genusOnly,
        },
        { title: 'Family', dataIndex: 'family', className: 'number', sorter: (a, b) => a.family - b.family },
        {
          title: 'Cannot be told',
          dataIndex: 'cannotTell',
          className: 'number',
          sorter: (a, b) => a.cannotTell - b.cannotTell,
        },
        { title: 'Blank', dataIndex: 'blank', className: 'number', sorter: (a, b) => a.blank - b.blank },
      ]}
    />
  );
}
