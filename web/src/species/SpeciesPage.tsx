import { useState } from 'react';
import Button from 'antd/es/button';
import type { SpeciesRow } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { useMayTeach } from '../app/index.ts';
import { AppLink, DataTable, Loaded, Nothing, PageHead, TaxonName } from '../parts/index.ts';
import { NewTaxon } from './NewTaxon.tsx';
import { SpeciesNav } from './SpeciesNav.tsx';
import './profile.css';

const byText =
  (pick: (r: SpeciesRow) => string) =>
  (a: SpeciesRow, b: SpeciesRow): number =>
    pick(a).localeCompare(pick(b), 'en');

/** The library as a table. */
export function SpeciesPage() {
  const species = useRead('species');
  const mayTeach = useMayTeach();
  const [adding, setAdding] = useState(false);
  return (
    <>
      <SpeciesNav />
      <PageHead
        title="Species"
        name="Species"
        about="Open one to read it organ by organ under the conditions above."
        actions={mayTeach ? <Button onClick={() => setAdding(true)}>Add a species or a group</Button> : null}
      />
      {adding ? <NewTaxon onClose={() => setAdding(false)} /> : null}
      <Loaded query={species}>
        {(rows) => (
          <DataTable<SpeciesRow>
            label="Species"
            file="species"
            rows={rows}
            rowKey={(r) => r.id}
            plain={(r) => ({
              scientific: r.scientific,
              authority: r.authority,
              common: r.common,
              family: r.family,
              recorded: r.own,
              status: r.status,
              lists: r.lists.join(' | '),
              cautions: r.cautions.join(' | '),
            })}
            empty={
              <Nothing title="No species yet">
                <AppLink to="/classes/lists/new">Paste a list of names</AppLink>; each new one becomes a
                species here.
              </Nothing>
            }
            columns={[
              {
                title: 'Scientific name',
                sorter: byText((r) => r.scientific),
                defaultSortOrder: 'ascend',
                render: (_, r) => (
                  <AppLink to={`/species/${r.id}`}>
                    <TaxonName taxon={r} common={false} />
                  </AppLink>
                ),
              },
              { title: 'Common name', dataIndex: 'common', sorter: byText((r) => r.common ?? '') },
              { title: 'Family', dataIndex: 'family', sorter: byText((r) => r.family ?? '') },
              {
                title: 'Characters recorded',
                sorter: (a, b) => a.own - b.own,
                render: (_, r) =>
                  r.own === 0 ? (
                    <span className="quiet">not recorded</span>
                  ) : (
                    <span className="number">{r.own}</span>
                  ),
              },
              {
                title: 'Caution',
                sorter: byText((r) => r.cautions.join()),
                render: (_, r) =>
                  r.cautions.map((c) => (
                    <span key={c} className="tag larch">
                      {c}
                    </span>
                  )),
              },
              {
                title: 'Profile',
                sorter: byText((r) => r.status),
                render: (_, r) => (r.status === 'checked' ? 'checked' : <span className="quiet">draft</span>),
              },
              { title: 'Lists', render: (_, r) => r.lists.join(', '), sorter: byText((r) => r.lists.join()) },
            ]}
          />
        )}
      </Loaded>
    </>
  );
}
