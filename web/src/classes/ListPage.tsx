import { useParams } from 'react-router';
import type { ListDetail, ListMember } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { AppLink, DataTable, Loaded, PageHead, TaxonName } from '../parts/index.ts';

/** A list by weeks. */
export function ListPage() {
  const { id = '' } = useParams();
  const list = useRead<ListDetail>('list', { id });
  return (
    <Loaded query={list}>
      {(l) => (
        <>
          <PageHead
            title={l.name}
            name={l.name}
            about={`${l.members.length} species, by the week they are taught`}
          />
          <DataTable<ListMember>
            label="Species of the list"
            file={l.name}
            rows={l.members}
            rowKey={(m) => m.id}
            plain={(m) => ({ scientific: m.scientific, common: m.common, week: m.week, label: m.label })}
            empty={null}
            columns={[
              {
                title: 'Week',
                dataIndex: 'week',
                width: 90,
                className: 'number',
                sorter: (a, b) => (a.week ?? 99) - (b.week ?? 99),
              },
              {
                title: 'Species',
                sorter: (a, b) => a.scientific.localeCompare(b.scientific, 'en'),
                render: (_, m) => (
                  <AppLink to={`/species/${m.id}`}>
                    <TaxonName taxon={m} />
                  </AppLink>
                ),
              },
              { title: 'Label', dataIndex: 'label' },
              {
                title: 'Recorded of it alone',
                sorter: (a, b) => a.own - b.own,
                render: (_, m) =>
                  m.own === 0 ? (
                    <span className="quiet">nothing yet</span>
                  ) : (
                    <span className="number">{m.own} characters</span>
                  ),
              },
            ]}
          />
        </>
      )}
    </Loaded>
  );
}
