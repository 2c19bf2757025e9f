import { useState } from 'react';
import Input from 'antd/es/input';
import type { Section } from '@hurrow/contract';
import { useWrite } from '../api/index.ts';
import { Dialog, ProblemNote, counted } from '../parts/index.ts';
import { parseRoster } from './roster.ts';

/** Adds students to a class by their numbers. */
export function AddStudents({ section, onClose }: { section: Section; onClose: () => void }) {
  const [text, setText] = useState('');
  const add = useWrite('rosterAdd');
  const students = parseRoster(text);
  return (
    <Dialog
      open
      title={`Add students to ${section.name}`}
      okText={students.length === 0 ? 'Add students' : `Add ${counted(students.length, 'student')}`}
      okButtonProps={{ disabled: students.length === 0 }}
      confirmLoading={add.isPending}
      onCancel={onClose}
      onOk={() => add.mutate({ params: { id: section.id }, body: { students } }, { onSuccess: onClose })}
    >
      <label htmlFor="add-students">Student numbers</label>
      <Input.TextArea
        id="add-students"
        autoFocus
        rows={6}
        spellCheck={false}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <p className="quiet">One per line. Add a comma and a first name if you want. 1-12 means all between.</p>
      <ProblemNote error={add.error} />
    </Dialog>
  );
}
