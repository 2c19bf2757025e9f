import type { QuizDetail, Station } from '@hurrow/contract';
import { givenAway, placeIsLearnt, ruledOutByAsking } from '@hurrow/core/fairness';
import type { SaidAt } from '@hurrow/core/fairness';
import { describeTaxa } from '@hurrow/core/tells';
import { useMemo } from 'react';
import { useRead } from '../api/index.ts';
import { useView, useVocabulary } from '../app/index.ts';
import { counted } from '../parts/index.ts';
import { givenAwayWords } from './fairWords.ts';
import { askWords } from './words.ts';

const NAMES: readonly string[] = ['common', 'scientific', 'either', 'genus', 'family'];

/** A station as far as it may say something about another. */
export const saidAt = (s: Station): SaidAt => ({
  id: s.id,
  number: s.number,
  individual: s.tree.id,
  taxon: s.tree.taxon.id,
  asksName: s.asks.some((a) => NAMES.includes(a.kind)),
  named: s.asks.flatMap((a) => (a.params?.options ?? []).map((o) => o.id)),
});

/** What each question gives away, what other stations do, and whether the tree is known by its place. */
export function GivesAway({ quiz, station }: { quiz: QuizDetail; station: Station }) {
  const { wording } = useView();
  const vocabulary = useVocabulary();
  const library = useRead('listLibrary', { id: quiz.list }).data;
  const listed = useMemo(
    () =>
      library && vocabulary
        ? describeTaxa(
            library.members.map((m) => m.id),
            library.data,
            vocabulary,
            null,
          )
        : [],
    [library, vocabulary],
  );
  const away = givenAway(quiz.stations.map(saidAt)).filter((g) => g.station === station.id);
  const asked = station.asks.flatMap((a) => {
    if (a.kind !== 'call' || a.character === null || !vocabulary) return [];
    const out = ruledOutByAsking(a.character, listed, vocabulary).length;
    return out === 0 ? [] : [{ id: a.id, words: askWords(a, vocabulary, wording.words), out }];
  });
  if (away.length === 0 && asked.length === 0 && !placeIsLearnt(station.stoodBefore)) return null;
  return (
    <>
      <h3>Gives away</h3>
      <ul className="gives-away">
        {asked.map((a) => (
          <li key={a.id}>
            To ask “{a.words}” rules out {a.out} of {counted(listed.length, 'species', 'species')}: it does
            not apply to them.
          </li>
        ))}
        {away.map((g) => (
          <li key={`${g.other}${g.why}`}>{givenAwayWords(g)}</li>
        ))}
        {placeIsLearnt(station.stoodBefore) ? (
          <li>
            This tree stood in {station.stoodBefore} sittings before. Students may know it by its place.
          </li>
        ) : null}
      </ul>
    </>
  );
}
