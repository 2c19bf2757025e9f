import { useState } from 'react';
import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import Popconfirm from 'antd/es/popconfirm';
import Select from 'antd/es/select';
import type { EnteredStatement, SpeciesProfile, StatementRow } from '@hurrow/contract';
import { LIFE_WORDS, LIVES } from '@hurrow/core/conditions';
import type { Life } from '@hurrow/core/conditions';
import { characterWords, readValue, valueWords, valuesWords } from '@hurrow/core/characters';
import type { Character, Value, Wording } from '@hurrow/core/characters';
import { Refused, problemOf, useWrite } from '../api/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';
import { StateRows } from './StateRows.tsx';
import { BeyondNote } from './BeyondNote.tsx';
import { saidOf } from './saidOf.ts';

const STALE = 412;
const isRange = (c: Character): boolean => c.states.length === 0;

const asEntered = (character: Character, value: Value | undefined): EnteredStatement => {
  if (value?.kind === 'states') return { kind: 'states', states: value.states };
  if (value?.kind === 'range') return { kind: 'range', entered: value.entered };
  if (value?.kind === 'inapplicable') return { kind: 'inapplicable' };
  return isRange(character) ? { kind: 'range', entered: '' } : { kind: 'states', states: [] };
};

function hint(character: Character, wording: Wording): string {
  if (character.kind === 'length') {
    return wording.units === 'customary' ? '(1/2) 3/4-2 (2 1/2) in' : '(12) 20-50 (60) mm';
  }
  return character.kind === 'count' ? '5-9 (11)' : `200-300 ${character.unit}`.trim();
}

/** Stands for no stage in the list of stages. */
const GROWN = 'grown';
const STAGES_TO_CHOOSE: readonly (Life | typeof GROWN)[] = [GROWN, ...LIVES];

interface Props {
  readonly profile: SpeciesProfile;
  readonly character: Character;
  readonly wording: Wording;
  readonly onClose: () => void;
}

/** Changes what one source says of one character, or records what another says. */
export function StatementEditor({ profile, character, wording, onClose }: Props) {
  const [life, setLife] = useState<Life | null>(null);
  const ofStage = (stage: Life | null) => saidOf(profile, character.id, stage);
  const own = ofStage(life);
  const firstSource =
    own[0]?.source ??
    profile.sources.find((s) => s.kind === 'own' || s.kind === 'measurement')?.id ??
    profile.sources[0]?.id ??
    '';
  const [source, setSource] = useState(firstSource);
  // Where in the source it stands: one that says two things is told apart by the place.
  const [place, setPlace] = useState(own[0]?.note ?? '');
  const at = (rows: readonly StatementRow[], of: string, where: string): StatementRow | undefined =>
    rows.find((s) => s.source === of && (s.note ?? '') === where.trim());
  const standing = at(own, source, place);
  const [value, setValue] = useState<EnteredStatement>(asEntered(character, own[0]?.value));
  // What stood when this was opened: what came in unseen since is never written over.
  const [seen, setSeen] = useState<number | null>(standing?.version ?? null);
  const change = useWrite('statementChange');
  const create = useWrite('statementCreate');
  const retract = useWrite('statementRetract');
  const checked = readValue(character, value);
  const empty =
    value.kind === 'range'
      ? value.entered.trim() === ''
      : value.kind === 'states' && value.states.length === 0;
  const error = change.error ?? create.error ?? retract.error;
  const beaten = error instanceof Refused && error.problem.status === STALE ? error.problem : null;
  const isUntouched = own.some(
    (s) => JSON.stringify(asEntered(character, s.value)) === JSON.stringify(value),
  );
  const choose = (next: string, stage: Life | null, where?: string): void => {
    const rows = ofStage(stage);
    const there = where ?? rows.find((o) => o.source === next)?.note ?? '';
    setSource(next);
    setLife(stage);
    setPlace(there);
    const s = at(rows, next, there);
    setSeen(s?.version ?? null);
    if (s) setValue(asEntered(character, s.value));
    // What stood at the other stage is not said of this one; what was typed stays.
    else if (stage !== life && isUntouched) setValue(asEntered(character, undefined));
  };
  const save = (): void => {
    const done = { onSuccess: onClose };
    if (standing && seen !== null) {
      change.mutate({ params: { id: standing.id }, body: { value }, version: seen }, done);
    } else {
      create.mutate(
        {
          body: {
            taxon: profile.header.id,
            character: character.id,
            source,
            value,
            life,
            note: place.trim() === '' ? null : place.trim(),
          },
        },
        done,
      );
    }
  };
  const words = characterWords(character, wording.words);
  // Read beside each other, so that two that differ never read alike.
  const [theirs = '', mine = ''] = valuesWords(
    character,
    [
      beaten ? (beaten.current as StatementRow).value : undefined,
      checked.ok && checked.value ? checked.value : undefined,
    ],
    wording,
  );
  return (
    <Dialog
      open
      width={560}
      title={`${words}: ${profile.header.scientific}`}
      onCancel={onClose}
      footer={
        <>
          {standing ? (
            <Popconfirm
              title="Delete what this source says?"
              description="What is inherited, or what other sources say, stands then."
              okText="Delete"
              cancelText="Cancel"
              onConfirm={() =>
                retract.mutate(
                  { params: { id: standing.id }, version: seen ?? standing.version },
                  { onSuccess: onClose },
                )
              }
            >
              <Button danger>Delete</Button>
            </Popconfirm>
          ) : null}
          <Button onClick={onClose}>Cancel</Button>
          <Button
            type="primary"
            onClick={save}
            disabled={!checked.ok}
            loading={change.isPending || create.isPending}
          >
            {standing ? 'Save' : 'Record'}
          </Button>
        </>
      }
    >
      <form
        className="stack"
        onSubmit={(e) => {
          e.preventDefault();
          if (checked.ok) save();
        }}
      >
        <p className="quiet">
          {character.definition} {character.counting ?? ''}
        </p>
        <div className="field">
          <label htmlFor="statement-source">Source</label>
          <Select
            id="statement-source"
            value={source}
            onChange={(next) => choose(next, life)}
            options={profile.sources.map((s) => ({
              value: s.id,
              label: own.some((o) => o.source === s.id) ? s.citation : `${s.citation} (says nothing yet)`,
            }))}
          />
        </div>
        <div className="field">
          <label htmlFor="statement-place">Where in the source</label>
          <Input
            id="statement-place"
            autoComplete="off"
            maxLength={400}
            placeholder="page or label; another place may say something else"
            value={place}
            onChange={(e) => choose(source, life, e.target.value)}
          />
        </div>
        <div className="field">
          <label htmlFor="statement-life">Said of</label>
          <Select<Life | typeof GROWN>
            id="statement-life"
            value={life ?? GROWN}
            onChange={(next) => choose(source, next === GROWN ? null : next)}
            options={STAGES_TO_CHOOSE.map((s) => ({
              value: s,
              label: `${s === GROWN ? 'the grown plant, no stage named' : LIFE_WORDS[s]}${
                ofStage(s === GROWN ? null : s).length > 0 ? ' (recorded)' : ''
              }`,
            }))}
          />
        </div>
        {value.kind === 'range' ? (
          <div className="field">
            <label htmlFor="statement-range">Range, with its unit; extremes in brackets</label>
            <Input
              id="statement-range"
              autoFocus
              autoComplete="off"
              spellCheck={false}
              value={value.entered}
              placeholder={hint(character, wording)}
              status={!checked.ok && !empty ? 'error' : ''}
              onChange={(e) => setValue({ kind: 'range', entered: e.target.value })}
            />
          </div>
        ) : null}
        {value.kind === 'states' ? (
          <StateRows
            character={character}
            wording={wording}
            states={value.states}
            onChange={(states) => setValue({ kind: 'states', states })}
          />
        ) : null}
        {checked.ok ? (
          <p>
            Reads as <b>{valueWords(character, checked.value, wording)}</b>
            <BeyondNote character={character} value={checked.value} />
          </p>
        ) : empty ? null : (
          <Alert
            type="error"
            showIcon
            role="alert"
            title={checked.problem.message}
            description={checked.problem.remedy}
          />
        )}
        {beaten ? (
          <Alert
            type="warning"
            showIcon
            role="alert"
            title="Someone changed it in the meantime"
            description={
              <div className="stack">
                <div className="stale-pair">
                  <div>
                    <b>Theirs, saved now</b>
                    <div>{theirs}</div>
                  </div>
                  <div>
                    <b>Yours</b>
                    <div>{mine}</div>
                  </div>
                </div>
                <Button
                  onClick={() => {
                    setSeen((beaten.current as StatementRow).version);
                    change.reset();
                  }}
                >
                  Keep mine: save again over it
                </Button>
              </div>
            }
          />
        ) : error && problemOf(error).status !== STALE ? (
          <ProblemNote error={error} />
        ) : null}
      </form>
    </Dialog>
  );
}
