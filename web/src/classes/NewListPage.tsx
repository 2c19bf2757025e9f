import { useState } from 'react';
import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import Input from 'antd/es/input';
import type { PreviewLine, TaxonHeader } from '@hurrow/contract';
import { problemOf, useWrite } from '../api/index.ts';
import { useGo } from '../app/index.ts';
import { Choose, Latin, PageHead, ProblemNote, TaxonName } from '../parts/index.ts';
import { choiceKey, choiceOf, firstChoice, membersOf, wantsLook } from './choices.ts';
import type { Choice } from './choices.ts';
import './classes.css';

const TAG: Readonly<Record<PreviewLine['found']['kind'], { words: string; tone: string }>> = {
  known: { words: 'known', tone: 'spruce' },
  misspelled: { words: 'misspelled', tone: 'larch' },
  shared: { words: 'shared name', tone: 'larch' },
  new: { words: 'new', tone: '' },
};

const plainName = (t: TaxonHeader): string => (t.common ? `${t.scientific} (${t.common})` : t.scientific);

function Found({ line }: { line: PreviewLine }) {
  const { found } = line;
  if (found.kind === 'new') {
    return found.under ? (
      <span className="quiet">
        {found.real ? (
          <>
            <Latin name={found.real.scientific} />.{' '}
          </>
        ) : null}
        It will start with what is true of all <TaxonName taxon={found.under} common={false} />
      </span>
    ) : (
      <span className="quiet">
        {found.real ? (
          <>
            <Latin name={found.real.scientific} />, {found.real.family}. Nothing is recorded of its genus yet.
          </>
        ) : (
          'No genus or family is recognized.'
        )}
      </span>
    );
  }
  if (found.kind === 'shared') return <span>borne by {found.taxa.length} taxa</span>;
  return (
    <>
      <TaxonName taxon={found.taxon} />
      {found.taxon.rank === 'species' ? null : <span className="quiet"> (the {found.taxon.rank})</span>}
      {found.kind === 'misspelled' ? <span className="quiet">, near “{found.by}”</span> : null}
    </>
  );
}

function ChoicePicker({
  line,
  chosen,
  onChange,
}: {
  line: PreviewLine;
  chosen: Choice;
  onChange: (c: Choice) => void;
}) {
  const { found } = line;
  const taxa = found.kind === 'new' ? [] : found.kind === 'shared' ? found.taxa : [found.taxon];
  const pick = (
    <Choose
      label={`What to do with ${line.name}`}
      value={choiceKey(chosen)}
      className="choice-select"
      options={[
        ...(found.kind === 'shared' ? [{ value: 'undecided', label: 'choose which' }] : []),
        ...taxa.map((t) => ({ value: `taxon/${t.id}`, label: `take as ${plainName(t)}` })),
        {
          value: choiceKey(chosen.kind === 'new' ? chosen : firstNew(line)),
          label: `add “${firstNew(line).name}” as new`,
        },
        { value: 'leave_out', label: 'leave out' },
      ]}
      onChange={(v) => onChange(choiceOf(v))}
    />
  );
  if (chosen.kind !== 'new') return pick;
  return (
    <>
      {pick}
      <Input
        size="small"
        className="new-name"
        aria-label={`Name of the new one for ${line.name}`}
        spellCheck={false}
        value={chosen.name}
        maxLength={160}
        onChange={(e) => onChange({ kind: 'new', name: e.target.value })}
      />
    </>
  );
}

/** What a line is added as where it is new. */
const firstNew = (line: PreviewLine): Extract<Choice, { kind: 'new' }> => ({
  kind: 'new',
  name: (line.found.kind === 'new' ? line.found.real?.scientific : undefined) ?? line.name,
});

/** Paste names with weeks; see which the library knows, which are misspelled, which are new; make the list. */
export function NewListPage() {
  const go = useGo();
  const [name, setName] = useState('');
  const [text, setText] = useState('');
  const [onlyOpen, setOnlyOpen] = useState(false);
  const [choices, setChoices] = useState<ReadonlyMap<number, Choice>>(new Map());
  const preview = useWrite('listPreview');
  const create = useWrite('listCreate');
  const lines = preview.data ?? [];
  const chosen = (l: PreviewLine): Choice => choices.get(l.line) ?? firstChoice(l);
  const undecided = lines.filter((l) => chosen(l).kind === 'undecided').length;
  const members = membersOf(lines, choices);
  const count = (kind: PreviewLine['found']['kind']): number =>
    lines.filter((l) => l.found.kind === kind).length;
  const read = (): void => {
    setChoices(new Map());
    create.reset();
    preview.mutate({ body: { text } });
  };
  const make = (): void => {
    create.mutate({ body: { name, members } }, { onSuccess: (made) => go(`/classes/lists/${made.id}`) });
  };
  return (
    <>
      <PageHead
        title="Paste a list"
        name="Paste a list"
        about="One name per line, common or scientific, then a comma and the week; or the columns scientific, family, common, synonyms, older_families, week, label."
      />
      <div className="paste">
        <div className="panel stack">
          <div className="field">
            <label htmlFor="list-name">Name of the list</label>
            <Input
              id="list-name"
              value={name}
              onChange={(e) => setName(e.target.value)}
              status={create.error && problemOf(create.error).field === 'name' ? 'error' : ''}
            />
          </div>
          <div className="field">
            <label htmlFor="list-text">Names</label>
            <Input.TextArea
              id="list-text"
              rows={14}
              spellCheck={false}
              autoCorrect="off"
              autoCapitalize="off"
              value={text}
              placeholder={'Abies grandis, 1\nwestern larch, 2'}
              onChange={(e) => setText(e.target.value)}
            />
          </div>
          <Button
            type={lines.length === 0 ? 'primary' : 'default'}
            onClick={read}
            loading={preview.isPending}
          >
            See what the library knows
          </Button>
          <ProblemNote error={preview.error} />
        </div>
        {lines.length > 0 ? (
          <section className="panel" aria-label="Names found">
            <h2>
              {count('known')} known, {count('misspelled')} misspelled, {count('new')} new
              {count('shared') > 0 ? `, ${count('shared')} shared` : ''}
            </h2>
            {lines.some(wantsLook) && lines.length > 12 ? (
              <Checkbox checked={onlyOpen} onChange={(e) => setOnlyOpen(e.target.checked)}>
                show only the {lines.filter(wantsLook).length} that need a decision
              </Checkbox>
            ) : null}
            <table className="plain-table">
              <thead>
                <tr>
                  <th scope="col">Line</th>
                  <th scope="col">As pasted</th>
                  <th scope="col">Week</th>
                  <th scope="col">Match found</th>
                  <th scope="col">What to do</th>
                </tr>
              </thead>
              <tbody>
                {lines
                  .filter((l) => !onlyOpen || wantsLook(l))
                  .map((l) => (
                    <tr key={l.line} className="found-line">
                      <td className="number">{l.line}</td>
                      <td className="found-name">{l.name}</td>
                      <td className="number">{l.week ?? <span className="quiet">none</span>}</td>
                      <td>
                        <span className={`tag ${TAG[l.found.kind].tone}`}>{TAG[l.found.kind].words}</span>{' '}
                        <Found line={l} />
                      </td>
                      <td>
                        <ChoicePicker
                          line={l}
                          chosen={chosen(l)}
                          onChange={(c) => setChoices(new Map(choices).set(l.line, c))}
                        />
                      </td>
                    </tr>
                  ))}
              </tbody>
            </table>
            <div className="stack">
              <ProblemNote error={create.error} />
              <Button
                type="primary"
                disabled={undecided > 0 || members.length === 0}
                loading={create.isPending}
                onClick={make}
              >
                Create list of {members.length}
              </Button>
              {undecided > 0 ? (
                <span className="quiet">
                  {' '}
                  {undecided} shared {undecided === 1 ? 'name waits' : 'names wait'} for your choice.
                </span>
              ) : null}
            </div>
          </section>
        ) : null}
      </div>
    </>
  );
}
