import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import Popconfirm from 'antd/es/popconfirm';
import Select from 'antd/es/select';
import type { Section } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { ProblemNote } from '../parts/index.ts';

type Student = Section['students'][number];

/** Changes the number, first name and school ID of a student, and the class they are in. */
export function StudentFields({
  student,
  section,
  onClose,
}: {
  student: Student;
  section: Section;
  onClose: () => void;
}) {
  const [code, setCode] = useState(student.code);
  const [firstName, setFirstName] = useState(student.firstName ?? '');
  const [schoolId, setSchoolId] = useState(student.schoolId ?? '');
  const sections = useRead('sections').data ?? [];
  const change = useWrite('studentChange');
  const move = useWrite('studentMove');
  const params = { id: student.id };
  const done = { onSuccess: onClose };
  const others = sections.filter((s) => s.id !== section.id && !s.archived);
  return (
    <div className="stack">
      <div className="field-row">
        <label className="field">
          <span>Student number</span>
          <Input value={code} maxLength={16} onChange={(e) => setCode(e.target.value)} />
        </label>
        <label className="field">
          <span>First name (optional)</span>
          <Input value={firstName} maxLength={40} onChange={(e) => setFirstName(e.target.value)} />
        </label>
        <label className="field">
          <span>School ID (optional)</span>
          <Input value={schoolId} maxLength={40} onChange={(e) => setSchoolId(e.target.value)} />
        </label>
        <Button
          type="primary"
          loading={change.isPending}
          disabled={
            code.trim() === '' ||
            (code === student.code &&
              firstName.trim() === (student.firstName ?? '') &&
              schoolId.trim() === (student.schoolId ?? ''))
          }
          onClick={() =>
            change.mutate(
              {
                params,
                body: {
                  code: code.trim(),
                  firstName: firstName.trim() || null,
                  schoolId: schoolId.trim() || null,
                },
              },
              done,
            )
          }
        >
          Save student
        </Button>
      </div>
      <div className="field-row">
        <Select
          className="pick"
          aria-label="Move to another class"
          placeholder="Move to another class"
          value={null}
          disabled={others.length === 0}
          options={others.map((s) => ({ value: s.id, label: s.name }))}
          onChange={(to: string | null) => {
            if (to) move.mutate({ params, body: { from: section.id, to } }, done);
          }}
        />
        <Popconfirm
          title={`Remove ${student.code} from ${section.name}?`}
          description="Answers and grades stay where they are."
          okText="Remove student"
          cancelText="Cancel"
          onConfirm={() => move.mutate({ params, body: { from: section.id, to: null } }, done)}
        >
          <Button>Remove from class</Button>
        </Popconfirm>
      </div>
      <p className="quiet">
        The school ID goes into gradebooks and nowhere else. What a student did in a class stays with that
        class.
      </p>
      <ProblemNote error={change.error ?? move.error} />
    </div>
  );
}
