import Drawer from 'antd/es/drawer';
import type { CalledCharacter, CharacterRate } from '@hurrow/contract';
import { stateWords } from '@hurrow/core/characters';
import type { Character } from '@hurrow/core/characters';
import { useSession, useView } from '../app/index.ts';
import { TaxonName, missedWords } from '../parts/index.ts';
import { baseWords, behindWords, changeWords, splitWords, unknownWords } from './rateWords.ts';

/** True state by state called, as a table of counts; the right ones stand on the diagonal and are framed. */
function Confusion({ called, character }: { called: CalledCharacter; character: Character }) {
  const { wording } = useView();
  const all = new Set([...called.states.flatMap((s) => [s.shown, s.called])]);
  const states = character.states.map((s) => s.id).filter((s) => all.has(s));
  const words = (s: string): string => stateWords(character, s, wording.words);
  const times = (shown: string, said: string): number =>
    called.states.find((s) => s.shown === shown && s.called === said)?.times ?? 0;
  return (
    <div className="table-scroll">
      <table className="plain-table confusion">
        <thead>
          <tr>
            <th scope="col">The tree shows</th>
            {states.map((s) => (
              <th key={s} scope="col">
                called {words(s)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {states
            .filter((shown) => states.some((s) => times(shown, s) > 0))
            .map((shown) => (
              <tr key={shown}>
                <th scope="row">{words(shown)}</th>
                {states.map((s) => (
                  <td key={s} className={`number${s === shown ? ' confusion-right' : ''}`}>
                    {times(shown, s) || ''}
                  </td>
                ))}
              </tr>
            ))}
        </tbody>
      </table>
    </div>
  );
}

function Pairs({ rate }: { rate: CharacterRate }) {
  if (rate.pairs.length === 0) return <p className="quiet">No wrong answer depends on it.</p>;
  return (
    <table className="plain-table">
      <thead>
        <tr>
          <th scope="col">Mix-up</th>
          <th scope="col">Wrong answers</th>
          <th scope="col">Because of this</th>
        </tr>
      </thead>
      <tbody>
        {rate.pairs.slice(0, 12).map((p) => (
          <tr key={`${p.truth.id}/${p.answer.id}`}>
            <th scope="row">
              <TaxonName taxon={p.answer} /> for <TaxonName taxon={p.truth} />
            </th>
            <td className="number">{p.wrong}</td>
            <td className="number">{behindWords(p.avoided)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** One character of a class: its rate, what was called for what, and the mix-ups it is behind. */
export function CharacterDrawer({
  rate,
  called,
  character,
  nameOf,
  onClose,
}: {
  rate: CharacterRate | null;
  called: CalledCharacter | undefined;
  character: Character | undefined;
  nameOf: (character: string) => string;
  onClose: () => void;
}) {
  const { today } = useSession();
  const unknown = rate ? unknownWords(rate, nameOf) : null;
  const change = rate ? changeWords(rate, today) : null;
  return (
    <Drawer open={rate !== null} title={rate ? nameOf(rate.character) : ''} size={560} onClose={onClose}>
      {rate ? (
        <div className="stack">
          <p>
            {unknown ?? `Missed ${missedWords(rate)}.`} {unknown ? '' : splitWords(rate)}
            {change ? ` It ${change}.` : ''}
          </p>
          <p className="quiet">It rests on {baseWords(rate)}.</p>
          {called && character && called.states.length > 0 ? (
            <section aria-label="What was called">
              <h2>What was called</h2>
              <p>
                Called wrong {called.wrong.k} of {called.wrong.n} times.
              </p>
              <Confusion called={called} character={character} />
            </section>
          ) : (
            <p className="quiet">
              It was not asked for as a character question, so nobody knows how often it is seen wrong.
            </p>
          )}
          <section aria-label="Mix-ups it is behind">
            <h2>Mix-ups it is behind</h2>
            <p className="quiet">
              Wrong answers that would not have been written had everybody seen it right. One answer may count
              for several characters.
            </p>
            <Pairs rate={rate} />
          </section>
        </div>
      ) : null}
    </Drawer>
  );
}
