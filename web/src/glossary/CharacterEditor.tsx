import { useState } from 'react';
import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import Input from 'antd/es/input';
import type { CharacterChange, GlossaryCharacter, StateBody } from '@hurrow/contract';
import { problemOf, useWrite } from '../api/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';
import { StateGrid } from './StateGrid.tsx';

const STALE = 412;

/** Rewords or retires a character and its states, and adds states. What is recorded stays recorded. */
export function CharacterEditor({
  character,
  onClose,
}: {
  character: GlossaryCharacter;
  onClose: () => void;
}) {
  const [body, setBody] = useState<CharacterChange>({
    term: character.term,
    plain: character.plain,
    definition: character.definition,
    counting: character.counting ?? null,
    retired: character.retired ?? false,
    states: character.states.map((s): StateBody => ({
      id: s.id,
      term: s.term,
      plain: s.plain,
      definition: s.definition,
      parent: s.parent ?? null,
      swatch: s.swatch ?? null,
      retired: s.retired ?? false,
    })),
  });
  const change = useWrite('characterChange');
  const problem = change.error ? problemOf(change.error) : null;
  // Reading the glossary again replaces this editor, so closing it must not hang on it.
  const save = (version: number): void =>
    void change.mutateAsync({ params: { id: character.id }, body, version }).then(onClose, () => undefined);
  const standing = problem?.status === STALE ? (problem.current as GlossaryCharacter | undefined) : undefined;
  return (
    <Dialog
      open
      width={900}
      title={`Reword “${character.term}”`}
      okText="Save"
      cancelText="Cancel"
      okButtonProps={{ loading: change.isPending }}
      onOk={() => save(character.version)}
      onCancel={onClose}
    >
      <div className="stack">
        <div className="field-row">
          <label className="field grow">
            <span>Term</span>
            <Input value={body.term} onChange={(e) => setBody({ ...body, term: e.target.value })} />
          </label>
          <label className="field grow">
            <span>Plain words</span>
            <Input value={body.plain} onChange={(e) => setBody({ ...body, plain: e.target.value })} />
          </label>
        </div>
        <label className="field">
          <span>What it means, in one sentence a twelve-year-old understands</span>
          <Input value={body.definition} onChange={(e) => setBody({ ...body, definition: e.target.value })} />
        </label>
        <label className="field">
          <span>How it is counted or measured</span>
          <Input
            value={body.counting ?? ''}
            onChange={(e) => setBody({ ...body, counting: e.target.value || null })}
          />
        </label>
        {body.states.length > 0 ? (
          <StateGrid states={body.states} onChange={(states) => setBody({ ...body, states })} />
        ) : null}
        <Checkbox checked={body.retired} onChange={(e) => setBody({ ...body, retired: e.target.checked })}>
          Retired: no longer offered; what was recorded is kept and comes back when it is taken up again
        </Checkbox>
        {standing ? (
          <Alert
            type="warning"
            showIcon
            role="alert"
            title="Somebody reworded it in the meantime"
            description={
              <>
                Stands now: <b>{standing.term}</b>, {standing.definition}{' '}
                <Button size="small" onClick={() => save(standing.version)}>
                  Save mine over it
                </Button>
              </>
            }
          />
        ) : (
          <ProblemNote error={change.error} />
        )}
      </div>
    </Dialog>
  );
}
