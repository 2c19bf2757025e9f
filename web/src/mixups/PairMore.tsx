import type { Evidence, PairSplit } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { MATERIALS } from '@hurrow/core/conditions';
import { useSession } from '../app/index.ts';
import { studentWords } from './studentWords.ts';

const OF_WORDS: Readonly<Record<PairSplit['by'], string>> = {
  material: 'By what was at hand',
  season: 'By season',
  class: 'By class',
};
const KINDS = ['material', 'season', 'class'] as const;

const known = new Set<string>(MATERIALS);
const nameOf = (s: PairSplit): string =>
  s.by === 'material'
    ? s.of
        .split(', ')
        .filter((m) => known.has(m))
        .join(' and ') || 'not recorded'
    : s.of;

/** The same counts by what was at hand, by season and by class. */
export function Splits({ splits }: { splits: readonly PairSplit[] }) {
  return (
    <details>
      <summary>By material, season and class</summary>
      {KINDS.map((by) => {
        const rows = splits.filter((s) => s.by === by);
        return (
          <table key={by} className="plain-table">
            <caption>{OF_WORDS[by]}</caption>
            <tbody>
              {rows.map((r) => (
                <tr key={r.of}>
                  <th scope="row">{nameOf(r)}</th>
                  <td className="number">
                    {r.k} of {r.n}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        );
      })}
    </details>
  );
}

/** Who mixed the two up, and how it went on with each. */
export function Who({ who }: { who: Evidence['who'] }) {
  const { today } = useSession();
  const again = who.filter((w) => w.again.k > 0).length;
  const resolved = who.filter((w) => w.resolved).length;
  return (
    <details>
      <summary>
        Who: {who.length} {who.length === 1 ? 'student' : 'students'}, {again} again, {resolved} resolved
      </summary>
      <div className="table-scroll">
        <table className="plain-table">
          <thead>
            <tr>
              <th scope="col">Student</th>
              <th scope="col">First on</th>
              <th scope="col">Since then</th>
            </tr>
          </thead>
          <tbody>
            {who.map((w) => (
              <tr key={w.id}>
                <th scope="row" className="number">
                  {w.code} {w.firstName ?? ''}
                </th>
                <td>{showDate(w.first, today)}</td>
                <td>{studentWords(w)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}

/** What is noted of the pair: what tells it, and what helps to remember it. */
export function Reminders({ notes }: { notes: Evidence['notes'] }) {
  if (notes.length === 0) return null;
  return (
    <section className="panel" aria-label="To remember">
      <h2>To remember</h2>
      <ul className="plain-list">
        {notes.map((n) => (
          <li key={`${n.character ?? ''}${n.text}`}>
            {n.mnemonic ? <b>{n.mnemonic}. </b> : null}
            {n.text}
          </li>
        ))}
      </ul>
    </section>
  );
}
