import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import Popover from 'antd/es/popover';
import { DISTANCES, DISTANCE_NAMES, HANDLINGS, MATERIALS, addDays, isDate } from '@hurrow/core/conditions';
import type { Conditions, Distance, Handling, Material } from '@hurrow/core/conditions';
import { HANDLING_LABELS, MATERIAL_LABELS } from './conditionWords.ts';
import { useShortcuts } from './shortcuts.ts';
import { useHere } from './place.ts';
import { useView } from './view.ts';
import { CardButton, Choose, DayField } from '../parts/index.ts';

const WEEK = 7;

function Choice<T extends string>({
  label,
  all,
  words,
  chosen,
  fixed,
  onChange,
}: {
  label: string;
  all: readonly T[];
  words: Readonly<Record<T, string>>;
  chosen: readonly T[];
  /** Always chosen. */
  fixed?: T;
  onChange: (next: T[]) => void;
}) {
  const picker = (
    <Checkbox.Group
      className="choice-list"
      value={[...chosen]}
      options={all.map((v) => ({ value: v, label: words[v], disabled: v === fixed }))}
      onChange={(next) => onChange(all.filter((v) => next.includes(v)))}
    />
  );
  const summary = all
    .filter((v) => chosen.includes(v))
    .map((v) => words[v])
    .join(', ');
  return (
    <Popover trigger="click" placement="bottomLeft" content={picker}>
      <CardButton className="condition">
        <span className="condition-label">{label} </span>
        <span className="condition-value">{summary || 'nothing'}</span>
        <span className="visually-hidden"> change</span>
      </CardButton>
    </Popover>
  );
}

/** What can be seen now: obeyed by the page below it and kept in the address. */
export function ConditionsBar() {
  const { conditions, change } = useView();
  const { site, sites } = useHere();
  const set = (part: Partial<Conditions>): void => change({ conditions: { ...conditions, ...part } });
  const move = (days: number): void => set({ date: addDays(conditions.date, days) });
  useShortcuts([
    { keys: ']', does: 'Conditions: a week later', run: () => move(WEEK) },
    { keys: '[', does: 'Conditions: a week earlier', run: () => move(-WEEK) },
  ]);
  return (
    <section className="conditions" aria-label="Conditions">
      <div className="condition-date">
        <Button size="small" onClick={() => move(-WEEK)}>
          − week
        </Button>
        <label className="condition">
          <span className="condition-label">Date</span>
          <DayField
            bare
            label="Date"
            size="small"
            value={conditions.date}
            onChange={(date) => (date === null || !isDate(date) ? undefined : set({ date }))}
          />
        </label>
        <Button size="small" onClick={() => move(WEEK)}>
          + week
        </Button>
      </div>
      <Choice<Material>
        label="In hand"
        all={MATERIALS}
        words={MATERIAL_LABELS}
        chosen={conditions.material}
        onChange={(material) => set({ material })}
      />
      <Choice<Handling>
        label="Students may"
        all={HANDLINGS}
        words={HANDLING_LABELS}
        chosen={conditions.handling}
        fixed="look"
        onChange={(handling) =>
          set({ handling: handling.includes('look') ? handling : ['look', ...handling] })
        }
      />
      <label className="condition">
        <span className="condition-label">From</span>
        <Choose
          bare
          label="From"
          value={conditions.distance}
          options={DISTANCES.map((d) => ({ value: d, label: DISTANCE_NAMES[d] }))}
          onChange={(v) => set({ distance: v as Distance })}
        />
      </label>
      {sites.length > 1 && site ? (
        <label className="condition">
          <span className="condition-label">At</span>
          <Choose
            bare
            label="At"
            value={site.id}
            options={sites.map((s) => ({ value: s.id, label: s.name }))}
            onChange={(v) => change({ at: v })}
          />
        </label>
      ) : null}
      <Checkbox checked={conditions.wet} onChange={(e) => set({ wet: e.target.checked })}>
        wet
      </Checkbox>
    </section>
  );
}
