import { useState } from 'react';
import Button from 'antd/es/button';
import Select from 'antd/es/select';
import type { PersonOnStaff, Role, Section } from '@hurrow/contract';
import { useWrite } from '../api/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';
import { ROLE_WORDS } from './words.ts';

const ROLES: readonly Role[] = ['owner', 'instructor', 'assistant'];

/** Changes what somebody may do, and in which sections. */
export function PersonEditor({
  person,
  sections,
  isLastOwner,
  onClose,
}: {
  person: PersonOnStaff;
  sections: readonly Section[];
  isLastOwner: boolean;
  onClose: () => void;
}) {
  const [role, setRole] = useState<Role>(person.role);
  const [chosen, setChosen] = useState<readonly string[]>(person.sections);
  const change = useWrite('accountChange');
  const save = (active: boolean): void =>
    change.mutate(
      {
        params: { id: person.id },
        version: person.version,
        body: { role, sections: role === 'assistant' ? chosen : [], active },
      },
      { onSuccess: onClose },
    );
  return (
    <Dialog
      open
      title={person.name}
      onCancel={onClose}
      footer={
        <>
          {isLastOwner ? null : (
            <Button danger={person.active} disabled={change.isPending} onClick={() => save(!person.active)}>
              {person.active ? 'Take off the staff' : 'Take back on the staff'}
            </Button>
          )}
          <Button onClick={onClose}>Cancel</Button>
          {person.active ? (
            <Button type="primary" loading={change.isPending} onClick={() => save(true)}>
              Save
            </Button>
          ) : null}
        </>
      }
    >
      <div className="stack">
        {isLastOwner ? (
          <p>This is the only owner, so the role stays. Make somebody else an owner first.</p>
        ) : null}
        <div className="field">
          <label htmlFor="person-role">May do</label>
          <Select
            id="person-role"
            value={role}
            disabled={isLastOwner || !person.active}
            onChange={setRole}
            options={ROLES.map((value) => ({ value, label: ROLE_WORDS[value] }))}
          />
        </div>
        {role === 'assistant' ? (
          <div className="field">
            <label htmlFor="person-sections">Classes</label>
            <Select
              id="person-sections"
              mode="multiple"
              showSearch={{ optionFilterProp: 'label' }}
              disabled={!person.active}
              value={[...chosen]}
              onChange={setChosen}
              options={sections.map((s) => ({ value: s.id, label: s.name }))}
            />
          </div>
        ) : null}
        <p className="quiet">
          Whoever is taken off the staff is signed out at once. What they wrote, graded and decided stays,
          with their name.
        </p>
        <ProblemNote error={change.error} />
      </div>
    </Dialog>
  );
}
