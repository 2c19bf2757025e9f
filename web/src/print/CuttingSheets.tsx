import { useParams } from 'react-router';
import { HAZARD_WORDS } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { useRead } from '../api/index.ts';
import { useSession } from '../app/index.ts';
import { Loaded, TaxonName } from '../parts/index.ts';
import { SPECIMEN_WORDS, whatWords, whenWords } from '../quizzes/index.ts';
import { PrintBar } from './PrintBar.tsx';

/** What to cut or gather, tree by tree, for whoever goes out: black on white, with room to tick. */
export function CuttingSheet() {
  const { id = '' } = useParams();
  const { today } = useSession();
  const sitting = useRead('sitting', { id });
  const rows = useRead('cuttingList', { id });
  return (
    <Loaded query={sitting}>
      {(s) => (
        <Loaded query={rows}>
          {(list) => (
            <main className="sheet-of-print">
              <PrintBar
                title="Cutting list"
                about={`For ${s.quizName}, ${showDate(s.on, today)}.`}
                back={`/quizzes/${s.quiz}/sittings/${s.id}`}
              />
              <h1 className="print-title">
                Cutting list: {s.quizName}, {s.sectionName}, {showDate(s.on, today)}
              </h1>
              <p className="print-rule">
                Ask the owner first. Take little, cut from the branch end, and follow local rules. Leave
                protected plants, and anything that may carry pests or disease.
              </p>
              <table className="print-table">
                <thead>
                  <tr>
                    <th scope="col">Label</th>
                    <th scope="col">Tree</th>
                    <th scope="col">What</th>
                    <th scope="col">When</th>
                    <th scope="col">Permission</th>
                    <th scope="col">Done</th>
                  </tr>
                </thead>
                <tbody>
                  {list.map((r) => (
                    <tr key={r.label}>
                      <td>
                        <b>{r.label}</b>
                      </td>
                      <td>
                        <b>{r.tree.tag}</b>, {r.tree.trail ?? r.tree.site}
                        <br />
                        <TaxonName taxon={r.taxon} />
                        {r.tree.access ? <div>{r.tree.access}</div> : null}
                        {r.tree.hazards.map((h) => (
                          <div key={h}>! {HAZARD_WORDS[h] ?? h}</div>
                        ))}
                      </td>
                      <td>{whatWords(r)}</td>
                      <td>{whenWords(r, s.on, today)}</td>
                      <td>{r.permission === 'forbidden' ? 'none: leave it' : 'owner ☐'}</td>
                      <td>{r.state === 'to_gather' ? '☐' : SPECIMEN_WORDS[r.state]}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </main>
          )}
        </Loaded>
      )}
    </Loaded>
  );
}

/** Labels for what was gathered: a number and a letter, nothing of the species. */
export function CuttingLabels() {
  const { id = '' } = useParams();
  const { today } = useSession();
  const sitting = useRead('sitting', { id });
  const rows = useRead('cuttingList', { id });
  return (
    <Loaded query={sitting}>
      {(s) => (
        <Loaded query={rows}>
          {(list) => (
            <main className="sheet-of-print">
              <PrintBar
                title="Labels"
                about="Tie one to each piece. Nothing on them names the species."
                back={`/quizzes/${s.quiz}/sittings/${s.id}`}
              />
              <div className="print-labels">
                {list
                  .filter((r) => r.permission !== 'forbidden')
                  .map((r) => (
                    <article key={r.label} className="print-label">
                      <b>{r.label}</b>
                      <span>{showDate(s.on, today)}</span>
                    </article>
                  ))}
              </div>
            </main>
          )}
        </Loaded>
      )}
    </Loaded>
  );
}
