import { useRead } from '../api/index.ts';
import { useMayTeach } from '../app/index.ts';
import { Loaded, PageHead } from '../parts/index.ts';
import { Policies } from './Policies.tsx';
import { NewSource, SourceRow } from './SourceRows.tsx';
import { SpeciesNav } from './SpeciesNav.tsx';
import './profile.css';

/** Where statements come from, in the order they are believed, and how several are merged. */
export function SourcesPage() {
  const sources = useRead('sources');
  const mayEdit = useMayTeach();
  return (
    <>
      <SpeciesNav />
      <PageHead
        title="Sources"
        name="Sources"
        about="Every statement says where it comes from. A smaller number is believed first."
      />
      <Loaded query={sources}>
        {(s) => (
          <>
            <section className="panel" aria-label="Sources">
              <table className="plain-table">
                <thead>
                  <tr>
                    <th scope="col">Place</th>
                    <th scope="col">Citation</th>
                    <th scope="col">Kind</th>
                    <th scope="col">
                      <span className="visually-hidden">Save</span>
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {s.sources.map((x) => (
                    <SourceRow key={`${x.id}/${x.version ?? 0}`} source={x} mayEdit={mayEdit} />
                  ))}
                </tbody>
              </table>
              {mayEdit ? <NewSource /> : null}
            </section>
            <Policies sources={s} mayEdit={mayEdit} />
          </>
        )}
      </Loaded>
    </>
  );
}
