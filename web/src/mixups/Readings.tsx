import { useState } from 'react';
import Button from 'antd/es/button';
import type { ReadingRow, ReadingsOfClass } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import { showDate } from '@hurrow/core/conditions';
import { NOT_THE_STUDENTS } from '@hurrow/core/mixups';
import type { ReadingKind } from '@hurrow/core/mixups';
import { useRead } from '../api/index.ts';
import { useSession, useView, useVocabulary } from '../app/index.ts';
import { DataTable, Loaded, Nothing, TaxonName } from '../parts/index.ts';
import { ReadingPick } from './ReadingPick.tsx';
import { READING_TIPS, READING_WORDS, countWords, firstReading } from './readingWords.ts';

/** How many answers have each reading; pressing one shows only those. */
function Counts({
  data,
  only,
  onOnly,
}: {
  data: ReadingsOfClass;
  only: ReadingKind | null;
  onOnly: (kind: ReadingKind | null) => void;
}) {
  return (
    <ul className="reading-counts" aria-label="Readings">
      {data.counts.map((c) => (
        <li key={c.reading}>
          <Button
            size="small"
            type={only === c.reading ? 'primary' : 'default'}
            aria-pressed={only === c.reading}
            onClick={() => onOnly(only === c.reading ? null : c.reading)}
          >
            {READING_WORDS[c.reading]}
          </Button>
          <span>{countWords(c)}</span>
          <span className="quiet">
            {READING_TIPS[c.reading]}
            {NOT_THE_STUDENTS.has(c.reading) ? ' Look at it before you reteach.' : ''}
          </span>
        </li>
      ))}
    </ul>
  );
}

function Rows({ section, data }: { section: string; data: ReadingsOfClass }) {
  const { today } = useSession();
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const [only, setOnly] = useState<ReadingKind | null>(null);
  const nameOf = (id: string): string => {
    const c = vocabulary?.get(id);
    return c ? characterWords(c, wording.words) : id;
  };
  const who = (r: ReadingRow): string => `student ${r.code}, ${r.quiz}, station ${r.number}`;
  return (
    <div className="stack">
      <p>
        {data.wrong} wrong answers, each by the first reading that fits. Open the answers to see all that fit,
        and choose another where you know better; yours is kept and counted.
      </p>
      <Counts data={data} only={only} onOnly={setOnly} />
      {data.unlisted > 0 ? (
        <p className="quiet">
          The newest {data.rows.length} are listed; {data.unlisted} older ones are only counted.
        </p>
      ) : null}
      <DataTable<ReadingRow>
        label="Wrong answers"
        file="readings"
        pageSize={25}
        rows={data.rows.filter((r) => only === null || firstReading(r) === only)}
        rowKey={(r) => `${r.station}/${r.student}`}
        plain={(r) => ({
          student: r.code,
          quiz: r.quiz,
          date: r.on,
          station: r.number,
          tree: r.truth.scientific,
          wrote: r.typed,
          reading: READING_WORDS[firstReading(r)],
          'also fits': r.readings
            .slice(1)
            .map((x) => READING_WORDS[x.kind])
            .join('; '),
          'read by hand': r.corrected ? 'yes' : '',
        })}
        empty={<Nothing title="No wrong answer">None of the answers has this reading.</Nothing>}
        columns={[
          {
            title: 'Student',
            width: 110,
            sorter: (a, b) => a.code.length - b.code.length || a.code.localeCompare(b.code, 'en'),
            render: (_, r) => (
              <span className="number">
                {r.code} {r.firstName ?? ''}
              </span>
            ),
          },
          {
            title: 'Wrote',
            sorter: (a, b) => a.typed.localeCompare(b.typed, 'en'),
            render: (_, r) => (
              <>
                <span className="typed">“{r.typed}”</span>
                <div className="quiet">
                  for <TaxonName taxon={r.truth} />
                </div>
              </>
            ),
          },
          {
            title: 'Where',
            width: 240,
            sorter: (a, b) => a.on.localeCompare(b.on) || a.number - b.number,
            render: (_, r) => (
              <>
                {r.quiz}, {showDate(r.on, today)}
                <div className="quiet">station {r.number}</div>
              </>
            ),
          },
          {
            title: 'Reading',
            width: 340,
            sorter: (a, b) =>
              READING_WORDS[firstReading(a)].localeCompare(READING_WORDS[firstReading(b)], 'en'),
            render: (_, r) => (
              <ReadingPick
                section={section}
                station={r.station}
                student={r.student}
                who={who(r)}
                answer={r}
                nameOf={nameOf}
              />
            ),
          },
        ]}
      />
    </div>
  );
}

/** How the wrong answers of a class are read, each openable and correctable. */
export function Readings({ section }: { section: string }) {
  const read = useRead('readings', { id: section });
  return (
    <Loaded query={read}>
      {(data) =>
        data.wrong === 0 ? (
          <Nothing title="No wrong answer">Readings stand here once somebody wrote another name.</Nothing>
        ) : (
          <Rows section={section} data={data} />
        )
      }
    </Loaded>
  );
}
