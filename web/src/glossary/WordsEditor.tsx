import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import type { Glossary } from '@hurrow/contract';
import { useWrite } from '../api/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';

/** Learners' own words and metaphors for one term. */
export function WordsEditor({
  glossary,
  of,
  onClose,
}: {
  glossary: Glossary;
  of: { readonly character: string; readonly state: string | null };
  onClose: () => void;
}) {
  const [text, setText] = useState('');
  const add = useWrite('wordCreate');
  const remove = useWrite('wordRemove');
  const character = glossary.characters.find((c) => c.id === of.character);
  const state = character?.states.find((s) => s.id === of.state);
  const words = glossary.words.filter((w) => w.character === of.character && w.state === of.state);
  const save = (): void => add.mutate({ body: { ...of, text } }, { onSuccess: () => setText('') });
  return (
    <Dialog
      open
      footer={null}
      title={`What learners call “${state?.term ?? character?.term ?? ''}”`}
      onCancel={onClose}
    >
      <div className="stack">
        {words.length === 0 ? <p className="quiet">No words yet.</p> : null}
        <ul className="plain-list">
          {words.map((w) => (
            <li key={w.id}>
              “{w.text}”{' '}
              <Button size="small" type="link" onClick={() => remove.mutate({ params: { id: w.id } })}>
                Remove
              </Button>
            </li>
          ))}
        </ul>
        <form
          className="field-row"
          onSubmit={(e) => {
            e.preventDefault();
            save();
          }}
        >
          <label className="field grow">
            <span>Another word</span>
            <Input autoFocus value={text} maxLength={60} onChange={(e) => setText(e.target.value)} />
          </label>
          <Button htmlType="submit" disabled={text.trim() === ''} loading={add.isPending}>
            Add words
          </Button>
        </form>
        <ProblemNote error={add.error ?? remove.error} />
      </div>
    </Dialog>
  );
}
