import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import type { WorkspaceShown } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { Loaded, ProblemNote } from '../parts/index.ts';

const isSame = (a: WorkspaceShown, b: WorkspaceShown): boolean =>
  a.name === b.name &&
  a.office.name === b.office.name &&
  a.office.contact === b.office.contact &&
  a.office.statement === b.office.statement;

function Fields({ saved }: { saved: WorkspaceShown }) {
  const [said, setSaid] = useState(saved);
  const change = useWrite('workspaceChange');
  const set = (part: Partial<WorkspaceShown['office']>): void =>
    setSaid({ ...said, office: { ...said.office, ...part } });
  return (
    <>
      <label className="field grow">
        Name of the school or office
        <Input
          maxLength={120}
          value={said.name}
          onChange={(e) => setSaid({ ...said, name: e.target.value })}
        />
      </label>
      <h3>On handouts for the public</h3>
      <p className="quiet">These three lines end every page of the week.</p>
      <label className="field grow">
        Who gives it out
        <Input maxLength={160} value={said.office.name} onChange={(e) => set({ name: e.target.value })} />
      </label>
      <label className="field grow">
        Contact
        <Input
          maxLength={240}
          placeholder="Address, phone or email"
          value={said.office.contact}
          onChange={(e) => set({ contact: e.target.value })}
        />
      </label>
      <label className="field grow">
        Statement that must be printed
        <Input.TextArea
          maxLength={1000}
          autoSize={{ minRows: 2 }}
          value={said.office.statement}
          onChange={(e) => set({ statement: e.target.value })}
        />
      </label>
      <Button
        disabled={said.name.trim() === '' || isSame(said, saved)}
        loading={change.isPending}
        onClick={() => change.mutate({ body: { ...said, name: said.name.trim() } })}
      >
        Save name and handout lines
      </Button>
      <ProblemNote error={change.error} />
    </>
  );
}

/** The name of the workspace, which everybody sees on the first screen, and what stands on its handouts. */
export function WorkspaceName() {
  const workspace = useRead('workspace');
  return (
    <section className="panel" aria-label="School or office">
      <h2>School or office</h2>
      <Loaded query={workspace}>{(saved) => <Fields saved={saved} />}</Loaded>
    </section>
  );
}
