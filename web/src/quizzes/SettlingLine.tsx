import { useState } from 'react';
import Button from 'antd/es/button';
import type { QuizDetail } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import { settlingValues } from '@hurrow/core/fairness';
import { useView, useVocabulary } from '../app/index.ts';
import { AppLink, counted } from '../parts/index.ts';
import { CheckField } from './CheckField.tsx';
import type { Fairness } from './useFairness.ts';
import type { NameOf } from './fairWords.ts';

const MOST = 12;

/** Stations of which not enough is recorded, in one line, with the values that settle them to enter at once. */
export function SettlingLine({
  quiz,
  fairness,
  nameOf,
  mayChange,
}: {
  quiz: QuizDetail;
  fairness: Fairness;
  nameOf: NameOf;
  mayChange: boolean;
}) {
  const { wording } = useView();
  const vocabulary = useVocabulary();
  const [open, setOpen] = useState(false);
  const judged = quiz.stations.flatMap((s) => {
    const found = fairness.found.get(s.id);
    return found?.verdict === 'unproven' ? [{ id: s.id, found }] : [];
  });
  const { values, stations } = settlingValues(judged);
  if (stations === 0) return null;
  return (
    <div className="settling" role="note">
      <span>
        {counted(stations, 'station')}: {counted(values.length, 'value settles', 'values settle')}{' '}
        {stations === 1 ? 'it' : 'them'}.
      </span>
      <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Hide values' : 'Show values'}
      </Button>
      {open ? (
        <ul>
          {values.slice(0, MOST).map(({ of, character, pairs }) => {
            const c = vocabulary?.get(character);
            const station = 'station' in of ? quiz.stations.find((s) => s.id === of.station) : undefined;
            if (!c) return null;
            const words = characterWords(c, wording.words);
            return (
              <li key={`${JSON.stringify(of)}${character}`}>
                {station ? (
                  mayChange ? (
                    <>
                      <span className="quiet">
                        Station {station.number}, tree {station.tree.tag}
                      </span>
                      <CheckField tree={station.tree.id} character={c} />
                    </>
                  ) : (
                    `Station ${station.number}, tree ${station.tree.tag}: ${words}`
                  )
                ) : 'taxon' in of ? (
                  <>
                    <AppLink to={`/species/${of.taxon}/write`}>
                      {nameOf(of.taxon)}: {words}
                    </AppLink>{' '}
                    <span className="quiet">settles {counted(pairs, 'pair')}</span>
                  </>
                ) : null}
              </li>
            );
          })}
        </ul>
      ) : null}
    </div>
  );
}
