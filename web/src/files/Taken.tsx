import Button from 'antd/es/button';
import { useRead, useWrite } from '../api/index.ts';
import { useQueryClient } from '@tanstack/react-query';
import { Loaded, ProblemNote } from '../parts/index.ts';
import { kindWord } from './kinds.ts';

/** What was taken in, newest first, each with its undo. */
export function Taken() {
  const imports = useRead('imports');
  const undo = useWrite('importUndo');
  const client = useQueryClient();
  const take = async (id: string): Promise<void> => {
    await undo.mutateAsync({ params: { id } });
    await client.invalidateQueries();
  };
  return (
    <section className="panel" aria-label="Imported so far">
      <h2>Imported so far</h2>
      <ProblemNote error={undo.error} />
      <Loaded query={imports}>
        {(rows) =>
          rows.length === 0 ? (
            <p className="quiet">Nothing yet.</p>
          ) : (
            <table className="plain-table">
              <thead>
                <tr>
                  <th>When</th>
                  <th>What</th>
                  <th>By</th>
                  <th>New, changed</th>
                  <th>
                    <span className="visually-hidden">Undo</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {rows.map((r) => (
                  <tr key={r.id}>
                    <td className="number">{r.appliedAt.slice(0, 16).replace('T', ' ')}</td>
                    <td>
                      {r.name} <span className="quiet">{kindWord(r.kind)}</span>
                    </td>
                    <td>{r.by ?? 'the command line'}</td>
                    <td className="number">
                      {r.counts.new}, {r.counts.changed}
                    </td>
                    <td>
                      {r.undoneAt ? (
                        <span className="quiet">undone</span>
                      ) : (
                        <Button
                          size="small"
                          loading={undo.isPending && undo.variables.params?.['id'] === r.id}
                          onClick={() => void take(r.id).catch(() => undefined)}
                        >
                          Undo it
                        </Button>
                      )}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          )
        }
      </Loaded>
    </section>
  );
}
