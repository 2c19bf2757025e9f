import { useState } from 'react';
import Button from 'antd/es/button';
import Drawer from 'antd/es/drawer';
import type { MixUpsByStudent, StudentMixUps } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import { showDate } from '@hurrow/core/conditions';
import { useRead } from '../api/index.ts';
import { useSession, useView, useVocabulary } from '../app/index.ts';
import { DataTable, Loaded, Nothing, TaxonName } from '../parts/index.ts';
import { othersWords, resolvedWords, studentWords, sumsOf } from './studentWords.ts';

const nameOf = (s: StudentMixUps): string => (s.firstName === null ? s.code : `${s.code} ${s.firstName}`);

function Calls({ calls }: { calls: StudentMixUps['calls'] }) {
  const vocabulary = useVocabulary();
  const { wording } = useView();
  if (calls.length === 0) return <p className="quiet">No character was asked of this student.</p>;
  return (
    <table className="plain-table">
      <thead>
        <tr>
          <th scope="col">Character</th>
          <th scope="col">Called right</th>
          <th scope="col">Called wrong</th>
        </tr>
      </thead>
      <tbody>
        {calls.map((c) => {
          const known = vocabulary?.get(c.character);
          return (
            <tr key={c.character}>
              <th scope="row">{known ? characterWords(known, wording.words) : c.character}</th>
              <td className="number">{c.right}</td>
              <td className="number">{c.wrong}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function OneStudent({ student, data }: { student: StudentMixUps; data: MixUpsByStudent }) {
  const { today } = useSession();
  return (
    <div className="stack">
      <p>
        {student.right} of {student.looks} answers right; the class {data.right.k} of {data.right.n}.
      </p>
      {student.mixUps.length === 0 ? <p className="quiet">Nothing mixed up.</p> : null}
      <ul className="student-pairs">
        {student.mixUps.map((m) => (
          <li key={`${m.truth.id}/${m.answer.id}`}>
            <span>
              Wrote <TaxonName taxon={m.answer} />; the tree was <TaxonName taxon={m.truth} />.
            </span>
            <span className="quiet">
              {m.k} of {m.n} looks, first on {showDate(m.first, today)}; {studentWords(m)}
              {m.others === null ? '' : `; ${othersWords(m)}`}.
            </span>
          </li>
        ))}
      </ul>
      <h3>Calls by character</h3>
      <Calls calls={student.calls} />
      <p className="quiet">{resolvedWords(data.cleanDays, data.luck)}</p>
      <p className="quiet">
        Students read their own mix-ups under their results, on the phone and on the slip.
      </p>
    </div>
  );
}

function Table({ data }: { data: MixUpsByStudent }) {
  const [open, setOpen] = useState<string | null>(null);
  const student = data.students.find((s) => s.id === open) ?? null;
  return (
    <>
      <DataTable<StudentMixUps>
        label="Students"
        file="mix-ups by student"
        rows={data.students}
        rowKey={(s) => s.id}
        plain={(s) => ({
          student: s.code,
          right: s.right,
          answers: s.looks,
          ...sumsOf(s),
          pairs: s.mixUps.map((m) => `${m.answer.scientific} for ${m.truth.scientific}`).join('; '),
        })}
        empty={
          <Nothing title="No student yet">Students stand here once a quiz of the class is graded.</Nothing>
        }
        columns={[
          {
            title: 'Student',
            width: 160,
            sorter: (a, b) => a.code.length - b.code.length || a.code.localeCompare(b.code, 'en'),
            render: (_, s) => (
              <Button size="small" onClick={() => setOpen(s.id)} aria-label={`Open ${nameOf(s)}`}>
                {nameOf(s)}
              </Button>
            ),
          },
          {
            title: 'Right',
            width: 120,
            className: 'number',
            sorter: (a, b) => a.right / a.looks - b.right / b.looks,
            render: (_, s) => `${s.right} of ${s.looks}`,
          },
          {
            title: 'Pairs open',
            width: 110,
            className: 'number',
            sorter: (a, b) => sumsOf(a).open - sumsOf(b).open,
            render: (_, s) => sumsOf(s).open,
          },
          {
            title: 'Came back',
            width: 110,
            className: 'number',
            defaultSortOrder: 'descend',
            sorter: (a, b) => sumsOf(a).again - sumsOf(b).again || sumsOf(a).open - sumsOf(b).open,
            render: (_, s) => sumsOf(s).again,
          },
          {
            title: 'Resolved',
            width: 110,
            className: 'number',
            sorter: (a, b) => sumsOf(a).resolved - sumsOf(b).resolved,
            render: (_, s) => sumsOf(s).resolved,
          },
          {
            title: 'Mixed up most',
            render: (_, s) => {
              const [first] = s.mixUps;
              return first ? (
                <span className="quiet">
                  <TaxonName taxon={first.answer} /> for <TaxonName taxon={first.truth} />
                </span>
              ) : null;
            },
          },
        ]}
      />
      <Drawer
        open={student !== null}
        title={student ? `Student ${nameOf(student)}` : ''}
        size={520}
        onClose={() => setOpen(null)}
      >
        {student ? <OneStudent student={student} data={data} /> : null}
      </Drawer>
    </>
  );
}

/** Each student of a class with what they mix up and how it went on; nothing in it compares two of them by name. */
export function Students({ section }: { section: string }) {
  const data = useRead('mixUpsByStudent', { id: section });
  return <Loaded query={data}>{(d) => <Table data={d} />}</Loaded>;
}
