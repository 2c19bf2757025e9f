import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import Input from 'antd/es/input';
import type { SpeciesBody } from '@hurrow/contract';
import { AUDIENCES, PROSE_TOPICS } from '@hurrow/contract';
import type { Vocabulary } from '@hurrow/core/characters';
import { FORBIDDEN, HAZARD_LABELS, TOPIC_LABELS } from './topics.ts';
import { Choose } from '../parts/index.ts';

const changeAt = <T,>(all: readonly T[], i: number, part: Partial<T>): readonly T[] =>
  all.map((x, k) => (k === i ? { ...x, ...part } : x));
const without = <T,>(all: readonly T[], i: number): readonly T[] => all.filter((_, k) => k !== i);

/** Prose by topic and audience. */
export function ProseRows({
  prose,
  onChange,
}: {
  prose: SpeciesBody['prose'];
  onChange: (prose: SpeciesBody['prose']) => void;
}) {
  const free = PROSE_TOPICS.filter((t) => !prose.some((p) => p.topic === t));
  return (
    <div className="stack">
      {prose.map((p, i) => (
        <div key={`${p.topic}-${i}`} className="head-row">
          <div className="field">
            <label htmlFor={`prose-${i}`}>{TOPIC_LABELS[p.topic] ?? p.topic}</label>
            <Choose
              label={`Readers of ${TOPIC_LABELS[p.topic] ?? p.topic}`}
              value={p.audience ?? 'general'}
              options={AUDIENCES.map((a) => ({ value: a, label: a }))}
              onChange={(v) =>
                onChange(changeAt(prose, i, { audience: AUDIENCES.find((a) => a === v) ?? 'general' }))
              }
            />
            <Checkbox
              checked={p.disputed ?? false}
              onChange={(e) => onChange(changeAt(prose, i, { disputed: e.target.checked }))}
            >
              disputed
            </Checkbox>
            <Button size="small" onClick={() => onChange(without(prose, i))}>
              Remove
            </Button>
          </div>
          <Input.TextArea
            id={`prose-${i}`}
            autoSize={{ minRows: 3 }}
            maxLength={4000}
            value={p.text}
            onChange={(e) => onChange(changeAt(prose, i, { text: e.target.value }))}
          />
        </div>
      ))}
      <label className="field-row">
        <span className="quiet">Write about</span>
        <Choose
          label="Write about"
          value=""
          options={[
            { value: '', label: 'choose a topic' },
            ...[...free, ...PROSE_TOPICS.filter((t) => !free.includes(t))].map((t) => ({
              value: t,
              label: `${TOPIC_LABELS[t] ?? t}${free.includes(t) ? '' : ' (once more)'}`,
            })),
          ]}
          onChange={(v) =>
            v === ''
              ? undefined
              : onChange([...prose, { topic: v, text: '', audience: 'general', disputed: false }])
          }
        />
      </label>
    </div>
  );
}

/** Cautions with what they rule out. */
export function CautionRows({
  cautions,
  onChange,
}: {
  cautions: SpeciesBody['cautions'];
  onChange: (cautions: SpeciesBody['cautions']) => void;
}) {
  return (
    <div className="stack">
      {cautions.map((c, i) => (
        <div key={i} className="head-row">
          <div className="field">
            <Choose
              label={`Hazard ${i + 1}`}
              value={c.hazard}
              options={Object.entries(HAZARD_LABELS).map(([id, words]) => ({ value: id, label: words }))}
              onChange={(v) => onChange(changeAt(cautions, i, { hazard: v }))}
            />
            <Button size="small" onClick={() => onChange(without(cautions, i))}>
              Remove
            </Button>
          </div>
          <div className="stack">
            <Input.TextArea
              aria-label={`Caution ${i + 1}`}
              autoSize={{ minRows: 2 }}
              maxLength={600}
              value={c.text}
              placeholder="What can hurt and how; follow local rules."
              onChange={(e) => onChange(changeAt(cautions, i, { text: e.target.value }))}
            />
            <Checkbox.Group
              value={[...c.forbids]}
              options={Object.entries(FORBIDDEN)
                .filter(([id]) => id !== 'look')
                .map(([value, label]) => ({ value, label: `no ${label}` }))}
              onChange={(next) => onChange(changeAt(cautions, i, { forbids: next as string[] }))}
            />
          </div>
        </div>
      ))}
      <Button
        size="small"
        onClick={() => onChange([...cautions, { hazard: 'toxic', forbids: [], text: '' }])}
      >
        Add a caution
      </Button>
    </div>
  );
}

/** Roots of its names, with the state they name where they name one. */
export function RootRows({
  roots,
  names,
  vocabulary,
  onChange,
}: {
  roots: SpeciesBody['roots'];
  names: readonly string[];
  vocabulary: Vocabulary;
  onChange: (roots: SpeciesBody['roots']) => void;
}) {
  const withStates = [...vocabulary.values()].filter((c) => c.states.length > 0);
  return (
    <div className="stack">
      {roots.map((r, i) => {
        const character = r.character === null ? undefined : vocabulary.get(r.character);
        return (
          <div key={i} className="field-row">
            {(
              [
                ['element', 'Element'],
                ['language', 'Language'],
                ['meaning', 'Meaning'],
              ] as const
            ).map(([key, label]) => (
              <label className="field" key={key}>
                <span>{label}</span>
                <Input
                  size="small"
                  value={r[key]}
                  onChange={(e) => onChange(changeAt(roots, i, { [key]: e.target.value }))}
                />
              </label>
            ))}
            <label className="field">
              <span>Of the name</span>
              <Choose
                label="Of the name"
                value={r.name}
                options={names.map((n) => ({ value: n, label: n }))}
                onChange={(v) => onChange(changeAt(roots, i, { name: v }))}
              />
            </label>
            <label className="field">
              <span>Names the character</span>
              <Choose
                label="Names the character"
                value={r.character ?? ''}
                className="root-pick"
                options={[
                  { value: '', label: 'none' },
                  ...withStates.map((c) => ({ value: c.id, label: c.term })),
                ]}
                onChange={(v) => onChange(changeAt(roots, i, { character: v || null, state: null }))}
              />
            </label>
            {character ? (
              <label className="field">
                <span>and the state</span>
                <Choose
                  label="and the state"
                  value={r.state ?? ''}
                  className="root-pick"
                  options={[
                    { value: '', label: 'choose' },
                    ...character.states.map((s) => ({ value: s.id, label: s.term })),
                  ]}
                  onChange={(v) => onChange(changeAt(roots, i, { state: v || null }))}
                />
              </label>
            ) : null}
            <Checkbox
              checked={r.contested}
              onChange={(e) => onChange(changeAt(roots, i, { contested: e.target.checked }))}
            >
              contested
            </Checkbox>
            <Button size="small" onClick={() => onChange(without(roots, i))}>
              Remove
            </Button>
          </div>
        );
      })}
      <Button
        size="small"
        onClick={() =>
          onChange([
            ...roots,
            {
              name: names[0] ?? '',
              element: '',
              language: 'Latin',
              meaning: '',
              character: null,
              state: null,
              contested: false,
            },
          ])
        }
      >
        Add a root
      </Button>
    </div>
  );
}
