import Button from 'antd/es/button';
import type { QuizDetail, RetestRow } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import { useRead, useWrite } from '../api/index.ts';
import { useClassAtHand, useView, useVocabulary } from '../app/index.ts';
import { ProblemNote } from '../parts/index.ts';
import { retested } from './coverage.ts';
import { neededWords } from './retestWords.ts';

const COVERED = ['no station yet', 'one of the two', 'both'] as const;

function Line({ row, quiz, section }: { row: RetestRow; quiz: QuizDetail; section: string }) {
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const drop = useWrite('retestDrop');
  const character = vocabulary?.get(row.character ?? '');
  const pair = row.truth && row.answer ? { a: row.truth, b: row.answer } : null;
  const what = pair
    ? `${pair.a.common ?? pair.a.scientific}, taken for ${pair.b.common ?? pair.b.scientific}`
    : character
      ? characterWords(character, wording.words)
      : (row.character ?? '');
  return (
    <li>
      {what}
      <span className="quiet number">
        {pair ? `${COVERED[retested({ a: pair.a.id, b: pair.b.id }, quiz.stations)]} · ` : ''}
        {neededWords(row)}
      </span>
      <Button
        size="small"
        loading={drop.isPending}
        aria-label={`Take off the list: ${what}`}
        onClick={() => drop.mutate({ params: { id: section, retest: row.id } })}
      >
        Take off the list
      </Button>
      <ProblemNote error={drop.error} />
    </li>
  );
}

/** What the class in use is to be asked again on another tree, and whether the quiz asks it. */
export function Retest({ quiz }: { quiz: QuizDetail }) {
  const { section } = useClassAtHand();
  const rows = useRead('retest', { id: section?.id ?? '' }, section !== null).data ?? [];
  if (rows.length === 0 || section === null) return null;
  return (
    <section className="panel" aria-label="Mix-ups to retest">
      <h2>Mix-ups to retest</h2>
      <ul className="plain-list retest">
        {rows.map((r) => (
          <Line key={r.id} row={r} quiz={quiz} section={section.id} />
        ))}
      </ul>
    </section>
  );
}
