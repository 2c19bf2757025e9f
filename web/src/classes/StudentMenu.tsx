import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import { address } from '@hurrow/contract';
import type { Section } from '@hurrow/contract';
import { useWrite } from '../api/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';
import { SamePerson } from './SamePerson.tsx';
import { StudentFields } from './StudentFields.tsx';

type Student = Section['students'][number];

/** One student: their number, name and class; all that is kept of them, written out as a file, or erased for good after their number is typed. */
export function StudentMenu({
  student,
  section,
  onClose,
}: {
  student: Student;
  section: Section;
  onClose: () => void;
}) {
  const [typed, setTyped] = useState('');
  const erase = useWrite('studentErase');
  const params = { id: student.id };
  const name = `${student.code}${student.firstName ? ` ${student.firstName}` : ''}`;
  return (
    <Dialog open title={`Student ${name}`} onCancel={onClose} footer={null}>
      <StudentFields student={student} section={section} onClose={onClose} />
      <p>
        <a href={address('studentRecord', params)} download>
          Save all that is kept of {student.firstName ?? 'this student'}
        </a>
      </p>
      <SamePerson student={student} />
      <h3>Erase for good</h3>
      <p>
        This erases answers, grades and the place in every class, in the answers log too. Nobody can bring
        them back. A backup that is restored erases them again.
      </p>
      <label className="field">
        <span>Type the number {student.code} to erase</span>
        <Input value={typed} onChange={(e) => setTyped(e.target.value)} />
      </label>
      <ProblemNote error={erase.error} />
      <Button
        danger
        disabled={typed.trim() !== student.code}
        loading={erase.isPending}
        onClick={() => void erase.mutateAsync({ params }).then(onClose, () => undefined)}
      >
        Erase everything of {name}
      </Button>
    </Dialog>
  );
}
