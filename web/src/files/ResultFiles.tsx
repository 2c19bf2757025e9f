import { useState } from 'react';
import Select from 'antd/es/select';
import type { ResultFormat } from '@hurrow/contract';
import { RESULT_FORMATS } from '@hurrow/contract';
import { addressOf, useRead } from '../api/index.ts';
import { RESULTS } from './kinds.ts';

const EVERY = '';

/** Answers, grades and sittings as files, of one class or all; formats that few ask for are folded away. */
export function ResultFiles() {
  const sections = useRead('sections').data ?? [];
  const quizzes = useRead('quizzes').data ?? [];
  const [section, setSection] = useState(EVERY);
  const [quiz, setQuiz] = useState<string | null>(null);
  const chosen = quiz ?? quizzes[0]?.id;
  const query = (id: ResultFormat): Record<string, string> => {
    if (RESULT_FORMATS[id].by === 'quiz') return chosen === undefined ? {} : { quiz: chosen };
    return section === EVERY ? {} : { section };
  };
  const rows = (isMore: boolean) => (
    <table className="plain-table result-files">
      <tbody>
        {RESULTS.filter((r) => r.isMore === isMore).map((r) => (
          <tr key={r.id}>
            <td>
              <a href={addressOf('resultsFile', { params: { format: r.id }, query: query(r.id) })} download>
                {r.word}
              </a>
            </td>
            <td className="quiet">{r.about}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
  return (
    <section className="panel" aria-label="Export answers and grades">
      <h2>Export answers and grades</h2>
      <label className="field" htmlFor="result-section">
        <span>Class</span>
      </label>
      <Select<string>
        id="result-section"
        className="pick-wide"
        value={section}
        onChange={setSection}
        options={[
          { value: EVERY, label: 'every class' },
          ...sections.map((s) => ({ value: s.id, label: `${s.name}, ${s.term}` })),
        ]}
      />
      {rows(false)}
      <details>
        <summary>More formats</summary>
        <label className="field" htmlFor="result-quiz">
          <span>Quiz of the package</span>
        </label>
        <Select<string>
          id="result-quiz"
          className="pick-wide"
          {...(chosen === undefined ? {} : { value: chosen })}
          onChange={setQuiz}
          options={quizzes.map((q) => ({ value: q.id, label: q.name }))}
        />
        {rows(true)}
      </details>
    </section>
  );
}
