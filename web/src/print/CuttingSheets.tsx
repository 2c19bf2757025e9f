import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { HAZARD_WORDS } from '@hurrow/contract';
import type { CuttingRow, SittingDetail } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { useRead } from '../api/index.ts';
import { useSession } from '../app/index.ts';
import { Loaded, TaxonName } from '../parts/index.ts';
import { SPECIMEN_WORDS, whatWords, whenWords } from '../quizzes/index.ts';
import { SittingPrint } from './SittingPrint.tsx';

/** A page for printing that needs a sitting and its cutting list. */
function WithCutting({
  title,
  about,
  children,
}: {
  title: string;
  about: string;
  children: (sitting: SittingDetail, rows: readonly CuttingRow[]) => ReactNode;
}) {
  const { id = '' } = useParams();
  const rows = useRead('cuttingList', { id });
  return (
    <SittingPrint title={title} about={about}>
      {(s) => <Loaded query={rows}>{(list) => children(s, list)}</Loaded>}
    </SittingPrint>
  );
}

function CuttingLine({ row, on, today }: { row: CuttingRow; on: string; today: string }) {
  return (
    <tr>
      <td>
        <b>{row.label}</b>
      </td>
      <td>
        <b>{row.tree.tag}</b>, {row.tree.trail ?? row.tree.site}
        <br />
        <TaxonName taxon={row.taxon} />
        {row.tree.access ? <div>{row.tree.access}</div> : null}
        {row.tree.hazards.map((h) => (
          <div key={h}>! {HAZARD_WORDS[h] ?? h}</div>
        ))}
      </td>
      <td>{whatWords(row)}</td>
      <td>{whenWords(row, on, today)}</td>
      <td>{row.permission === 'forbidden' ? 'none: leave it' : 'owner ☐'}</td>
      <td>{row.state === 'to_gather' ? '☐' : SPECIMEN_WORDS[row.state]}</td>
    </tr>
  );
}

/** What to cut or gather, tree by tree, for whoever goes out: black on white, with room to tick. */
export function CuttingSheet() {
  const { today } = useSession();
  return (
    <WithCutting title="Cutting list" about="For whoever goes out to gather.">
      {(s, list) => (
        <>
          <h1 className="print-title">
            Cutting list: {s.quizName}, {s.sectionName}, {showDate(s.on, today)}
          </h1>
          <p className="print-rule">
            Ask the owner first. Take little, cut from the branch end, and follow local rules. Leave protected
            plants, and anything that may carry pests or disease.
          </p>
          <table className="print-table">
            <thead>
              <tr>
                {['Label', 'Tree', 'What', 'When', 'Permission', 'Done'].map((h) => (
                  <th key={h} scope="col">
                    {h}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {list.map((r) => (
                <CuttingLine key={r.label} row={r} on={s.on} today={today} />
              ))}
            </tbody>
          </table>
        </>
      )}
    </WithCutting>
  );
}

/** Labels for what was gathered: a number and a letter, nothing of the species. */
export function CuttingLabels() {
  const { today } = useSession();
  return (
    <WithCutting title="Labels" about="Tie one to each piece. Nothing on them names the species.">
      {(s, list) => (
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
      )}
    </WithCutting>
  );
}
