import { useMemo, useState } from 'react';
import Button from 'antd/es/button';
import { lost, tellCards, tellSentence, usable, usableWhen } from '@hurrow/core/compare';
import type { TellCard } from '@hurrow/core/compare';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import type { Conditions } from '@hurrow/core/conditions';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { saveCsv } from '../parts/index.ts';
import { carefulWords, needsWords, strengthWords, whenWords } from './words.ts';

const FEW = 8;

function Rows({
  cards,
  a,
  b,
  names,
  conditions,
  wording,
}: {
  cards: readonly TellCard[];
  a: DescribedTaxon;
  b: DescribedTaxon;
  names: readonly [string, string];
  conditions: Conditions;
  wording: Wording;
}) {
  const [all, setAll] = useState(false);
  const shown = all ? cards : cards.slice(0, FEW);
  return (
    <>
      {shown.map((c) => (
        <tr key={c.character.id} className={usable(c) ? '' : 'hidden-row'}>
          <td>{tellSentence(c, names, wording)}</td>
          <td>{strengthWords(c)}</td>
          <td>{whenWords(usableWhen(a, b, c.character, conditions))}</td>
          <td className="quiet">{c.reason || needsWords(c)}</td>
        </tr>
      ))}
      {cards.length > FEW ? (
        <tr>
          <td colSpan={4}>
            <Button type="link" size="small" className="as-link" onClick={() => setAll(!all)}>
              {all ? 'Fewer' : `${cards.length - FEW} more`}
            </Button>
          </td>
        </tr>
      ) : null}
    </>
  );
}

/** The tells of two species: usable now, lost by the last change with the reason, and those for another time. */
export function PairTells({
  a,
  b,
  names,
  vocabulary,
  conditions,
  wording,
}: {
  a: DescribedTaxon;
  b: DescribedTaxon;
  names: readonly [string, string];
  vocabulary: Vocabulary;
  conditions: Conditions;
  wording: Wording;
}) {
  const cards = useMemo(() => tellCards(a, b, vocabulary, conditions), [a, b, vocabulary, conditions]);
  const pair = `${a.id}/${b.id}`;
  const at = JSON.stringify(conditions);
  const [held, setHeld] = useState<{
    pair: string;
    at: string;
    cards: readonly TellCard[];
    before: readonly TellCard[] | null;
  }>({ pair, at, cards, before: null });
  if (held.at !== at || held.pair !== pair)
    setHeld({ pair, at, cards, before: held.pair === pair ? held.cards : null });
  const now = cards.filter(usable);
  const gone = held.before ? lost(held.before, cards) : [];
  const later = cards.filter((c) => !usable(c) && !gone.includes(c));
  const strong = now.filter((c) => c.now === 'yes' && c.strength !== 'partial').length;
  const save = (): void =>
    saveCsv(
      'tells',
      cards.map((c) => ({
        character: c.character.id,
        tell: tellSentence(c, names, wording),
        strength: c.strength,
        now: usable(c) ? strengthWords(c) : c.reason,
        when: whenWords(usableWhen(a, b, c.character, conditions)),
        needs: needsWords(c),
      })),
    );
  const rows = (some: readonly TellCard[]) => (
    <Rows cards={some} a={a} b={b} names={names} conditions={conditions} wording={wording} />
  );
  return (
    <section className="panel" aria-label="Tells">
      <div className="panel-head">
        <h2>Tells</h2>
        <span className="quiet" role="status">
          {strong === 0
            ? 'Nothing that can be seen now tells them apart for certain.'
            : `${strong} ${strong === 1 ? 'character tells' : 'characters tell'} them apart now.`}
          {gone.length > 0 ? ` ${gone.length} lost by the last change.` : ''}
        </span>
        <Button size="small" onClick={save}>
          Save as CSV
        </Button>
      </div>
      <p className="quiet">{carefulWords(cards, vocabulary)}</p>
      <table className="plain-table tell-table">
        <thead>
          <tr>
            <th scope="col">Tell</th>
            <th scope="col">Strength</th>
            <th scope="col">When in the year</th>
            <th scope="col">Needs, or why not</th>
          </tr>
        </thead>
        <tbody aria-label="Usable now">{rows(now)}</tbody>
        {gone.length > 0 ? (
          <tbody aria-label="Lost by the last change" className="lost-rows">
            <tr>
              <th colSpan={4} scope="rowgroup" className="organ-row">
                Lost by the last change
              </th>
            </tr>
            {rows(gone)}
          </tbody>
        ) : null}
        {later.length > 0 ? (
          <tbody aria-label="Not now">
            <tr>
              <th colSpan={4} scope="rowgroup" className="organ-row">
                Not now
              </th>
            </tr>
            {rows(later)}
          </tbody>
        ) : null}
      </table>
    </section>
  );
}
