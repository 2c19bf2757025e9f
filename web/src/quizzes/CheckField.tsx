import { useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import Select from 'antd/es/select';
import { characterWords, stateWords } from '@hurrow/core/characters';
import type { Character } from '@hurrow/core/characters';
import { useWrite } from '../api/index.ts';
import { useView } from '../app/index.ts';
import { ProblemNote } from '../parts/index.ts';

/** Records what a tree shows of one character, as it is seen there. */
export function CheckField({ tree, character }: { tree: string; character: Character }) {
  const { wording } = useView();
  const write = useWrite('treeChecks');
  const [typed, setTyped] = useState('');
  const name = characterWords(character, wording.words);
  const save = (entered: string): void =>
    write.mutate({ params: { id: tree }, body: { checks: [{ character: character.id, entered }] } });
  return (
    <div className="check-field">
      <span>{name}</span>
      {character.states.length > 0 ? (
        <Select<string>
          size="small"
          showSearch={{ optionFilterProp: 'label' }}
          aria-label={`${name} at this tree`}
          placeholder="What it shows"
          value={null}
          loading={write.isPending}
          options={character.states
            .filter((s) => !s.retired)
            .map((s) => ({ value: s.id, label: stateWords(character, s.id, wording.words) }))}
          onChange={save}
        />
      ) : (
        <span className="field-row">
          <Input
            size="small"
            aria-label={`${name} at this tree`}
            placeholder={character.kind === 'length' ? '3 in or 75 mm' : 'a number'}
            value={typed}
            onChange={(e) => setTyped(e.target.value)}
            onPressEnter={() => save(typed)}
          />
          <Button
            size="small"
            loading={write.isPending}
            disabled={typed.trim() === ''}
            onClick={() => save(typed)}
          >
            Save check
          </Button>
        </span>
      )}
      <ProblemNote error={write.error} />
    </div>
  );
}
