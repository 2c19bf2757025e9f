import { useState } from 'react';
import Button from 'antd/es/button';
import Select from 'antd/es/select';
import type { ReadAnswer } from '@hurrow/contract';
import type { ReadingKind } from '@hurrow/core/mixups';
import { useWrite } from '../api/index.ts';
import { READING_CHOICES, READING_TIPS, READING_WORDS, firstReading, readingWords } from './readingWords.ts';

const WORKED_OUT = '';

/** A choice that stands only while it is needed: one in each of a hundred rows would hold the page up. */
type Picking = 'not yet' | 'open' | 'left';

/** Every reading that fits one wrong answer, and a choice of another one; what an instructor chose stands before it. */
export function ReadingPick({
  section,
  station,
  student,
  who,
  answer,
  nameOf,
}: {
  section: string;
  station: string;
  student: string;
  who: string;
  answer: ReadAnswer;
  nameOf: (character: string) => string;
}) {
  const correct = useWrite('readingCorrect');
  const [picking, setPicking] = useState<Picking>('not yet');
  const { corrected } = answer;
  const choose = (value: string): void =>
    correct.mutate({
      params: { id: section },
      body: { station, student, reading: value === WORKED_OUT ? null : (value as ReadingKind) },
    });
  const [first] = answer.readings;
  const isOther = corrected !== null && first !== undefined && corrected.insteadOf !== first.kind;
  return (
    <div className="reading">
      {corrected ? <div className="quiet">Read by {corrected.by ?? 'an instructor'}; worked out:</div> : null}
      {isOther && corrected ? (
        <div className="quiet">(then it was {READING_WORDS[corrected.insteadOf]})</div>
      ) : null}
      {answer.readings.map((r, i) => (
        <div key={r.kind} className={i === 0 && !corrected ? '' : 'quiet'} title={READING_TIPS[r.kind]}>
          {readingWords(r, nameOf)}
        </div>
      ))}
      {picking === 'open' ? (
        <Select<string>
          size="small"
          aria-label={`Reading for ${who}`}
          className="reading-pick"
          virtual={false}
          autoFocus
          defaultOpen
          onOpenChange={(isOpen) => {
            if (!isOpen) setPicking('left');
          }}
          value={corrected ? firstReading(answer) : WORKED_OUT}
          onChange={choose}
          options={[{ value: WORKED_OUT, label: 'as worked out' }, ...READING_CHOICES]}
        />
      ) : (
        <Button
          size="small"
          type="link"
          className="as-link"
          aria-label={`Choose another reading for ${who}`}
          autoFocus={picking === 'left'}
          loading={correct.isPending}
          onClick={() => setPicking('open')}
        >
          Choose another
        </Button>
      )}
      {correct.isError ? <div role="alert">It was not saved. Try again.</div> : null}
    </div>
  );
}
