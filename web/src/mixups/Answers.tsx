import type { Evidence, EvidenceRow } from '@hurrow/contract';
import { DISTANCE_WORDS } from '@hurrow/contract';
import { showDate } from '@hurrow/core/conditions';
import { characterWords, stateWords } from '@hurrow/core/characters';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import { HANDLING_LABELS, MATERIAL_LABELS, useSession, useView, useVocabulary } from '../app/index.ts';
import { CorrectTree } from '../parts/index.ts';
import { ReadingPick } from './ReadingPick.tsx';

const words = (all: readonly string[], table: Readonly<Record<string, string>>): string =>
  all.map((a) => table[a] ?? a).join(', ');

interface RowProps {
  readonly section: string;
  readonly row: EvidenceRow;
  readonly today: string;
  readonly vocabulary: Vocabulary | undefined;
  readonly wording: Wording;
}

function Row({ section, row, today, vocabulary, wording }: RowProps) {
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
        <ReadingPick
          section={section}
          station={row.sittingStation}
          student={row.student}
          who={`student ${row.code}, ${row.quiz}, station ${row.station}`}
          answer={row}
          nameOf={named}
        />
      </td>
    </tr>
  );
}

/** Exactly the answers a mix-up counts, as they were written. */
export function Answers({ section, evidence: { pair, rows } }: { section: string; evidence: Evidence }) {
  const { today } = useSession();
  const vocabulary = useVocabulary();
  const { wording } = useView();
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
              <Row
                key={r.response}
                section={section}
                row={r}
                today={today}
                vocabulary={vocabulary}
                wording={wording}
              />
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
