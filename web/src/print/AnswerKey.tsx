import { valueWords } from '@hurrow/core/characters';
import { showDate } from '@hurrow/core/conditions';
import { HANDLING_LABELS, useSession, useView, useVocabulary } from '../app/index.ts';
import { TaxonName } from '../parts/index.ts';
import { REASON_WORDS, askWords } from '../quizzes/index.ts';
import { SittingPrint } from './SittingPrint.tsx';

/** What stands at each station, for staff: the tree, what was checked there, what is asked and why an unfair one is used. */
export function AnswerKey() {
  const { today } = useSession();
  const { wording } = useView();
  const vocabulary = useVocabulary();
  return (
    <SittingPrint title="Answer key" about="For staff. Keep it away from the stations.">
      {(s) => (
        <>
          <h1 className="print-title">
            Answer key: {s.quizName}, {s.sectionName}, {showDate(s.on, today)}
          </h1>
          {s.state === 'draft' ? (
            <p className="print-rule">Draft: the key is not locked yet and may still change.</p>
          ) : null}
          <table className="print-table">
            <thead>
              <tr>
                <th scope="col">Station</th>
                <th scope="col">Answer</th>
                <th scope="col">Asked</th>
                <th scope="col">Checked at the tree</th>
              </tr>
            </thead>
            <tbody>
              {s.stations.map((at) => (
                <tr key={at.id}>
                  <td>
                    <b>{at.station.number}</b>
                  </td>
                  <td>
                    <b>
                      <TaxonName taxon={at.station.tree.taxon} />
                    </b>
                    <br />
                    tree {at.station.tree.tag}
                    {at.insteadOf === null ? '' : `, in place of ${at.insteadOf}`}
                    {at.reason === null ? null : (
                      <div>
                        {REASON_WORDS[at.reason]}
                        {at.reasonNote ? `: ${at.reasonNote}` : ''}
                      </div>
                    )}
                  </td>
                  <td>
                    {at.station.asks
                      .filter((a) => a.kind !== 'sureness')
                      .map((a) => (
                        <div key={a.id}>
                          {askWords(a, vocabulary, wording.words)}, {a.points}
                        </div>
                      ))}
                  </td>
                  <td>
                    {Object.entries(at.station.tree.certified).map(([c, value]) => {
                      const character = vocabulary?.get(c);
                      return character ? (
                        <div key={c}>
                          {character.plain}: {valueWords(character, value, wording)}
                        </div>
                      ) : null;
                    })}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="print-rule">Students may: {s.handling.map((h) => HANDLING_LABELS[h]).join(', ')}.</p>
        </>
      )}
    </SittingPrint>
  );
}
