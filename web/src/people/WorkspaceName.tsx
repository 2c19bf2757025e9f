import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import { useWrite } from '../api/index.ts';
import { useSession } from '../app/index.ts';
import { ProblemNote } from '../parts/index.ts';

/** Renames the workspace, which everybody sees on the first screen. */
export function WorkspaceName() {
  const { workspace } = useSession();
  const [name, setName] = useState(workspace);
  const change = useWrite('workspaceChange');
  return (
    <section className="panel" aria-label="School or office">
      <h2>School or office</h2>
      <div className="field-row">
        <Input
          className="pick"
          aria-label="Name of the school or office"
          maxLength={120}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <Button
          disabled={name.trim() === '' || name.trim() === workspace}
          loading={change.isPending}
          onClick={() => change.mutate({ body: { name: name.trim() } })}
        >
          Save name
        </Button>
      </div>
      <ProblemNote error={change.error} />
    </section>
  );
}
