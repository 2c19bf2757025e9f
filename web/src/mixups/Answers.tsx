import type { Evidence, EvidenceRow } from '@hurrow/contract';
import { DISTANCE_WORDS } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { characterWords, stateWords } from '@hurrow/core/characters';
import { HANDLING_LABELS, MATERIAL_LABELS, useSession, useView, useVocabulary } from '../app/index.ts';
import { CorrectTree } from '../parts/index.ts';

const READING_WORDS: Readonly<Record<string, string>> = {
  misread: 'saw it wrong',
  link_missing: 'saw it right, named it wrong',
  not_looked_enough: 'did not look far enough: what was seen fits both',
  guess: 'a guess',
  no_calls: 'no call asked',
};

const words = (all: readonly string[], table: Readonly<Record<string, string>>): string =>
  all.map((a) => table[a] ?? a).join(', ');

function Row({ row }: { row: EvidenceRow }) {
  const { today } = useSession();
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const named = (id: string): string => {
    const c = vocabulary?.get(id);
    return c ? characterWords(c, wording.words) : id;
  };
  return (
    <tr>
      <td className="number">
        {row.code} {row.firstName ?? ''}
      </td>
      <td>
        <span className="typed">“{row.typed}”</span>
        <div className="quiet">
          {row.sure ?? 'sureness not asked'}, by {row.origin}
        </div>
      </td>
      <td>
        {row.quiz}, {showDate(row.on, today)}
        <div className="quiet">
          station {row.station}, tree {row.tag}
        </div>
        <CorrectTree tag={row.tag} />
      </td>
      <td>
        {words(row.material, MATERIAL_LABELS)}
        <div className="quiet">
          {DISTANCE_WORDS[row.distance as keyof typeof DISTANCE_WORDS]};{' '}
          {words(row.handling, HANDLING_LABELS)}
        </div>
      </td>
      <td>
        {row.calls.map((c) => {
          const character = vocabulary?.get(c.character);
          return (
            <div key={c.character}>
              {named(c.character)}:{' '}
              <b>{character ? stateWords(character, c.state, wording.words) : c.state}</b>
              <span className="quiet">
                {' '}
                {c.outcome === 'right' ? 'as the tree shows' : `${c.outcome}; the tree shows ${c.shown}`}
              </span>
            </div>
          );
        })}
        {row.calls.length === 0 ? <span className="quiet">no call asked</span> : null}
      </td>
      <td>
        {row.readings
          .filter((r) => row.calls.length > 0 || r.kind === 'guess')
          .map((r) => (
            <div key={r.kind}>
              {READING_WORDS[r.kind] ?? r.kind}
              {r.characters.length > 0 ? `: ${r.characters.map(named).join(', ')}` : ''}
            </div>
          ))}
      </td>
    </tr>
  );
}

/** Exactly the answers a mix-up counts, as they were written. */
export function Answers({ evidence: { pair, rows } }: { evidence: Evidence }) {
  return (
    <section className="panel evidence" aria-label="Evidence">
      <h2>
        {rows.length} of {pair.n} answers, as written
      </h2>
      <div className="table-scroll">
        <table className="plain-table">
          <thead>
            <tr>
              <th scope="col">Student</th>
              <th scope="col">As written</th>
              <th scope="col">Where</th>
              <th scope="col">What they had</th>
              <th scope="col">What they saw, before the name</th>
              <th scope="col">Reading</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((r) => (
              <Row key={r.response} row={r} />
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
