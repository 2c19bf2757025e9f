import Radio from 'antd/es/radio';
import Button from 'antd/es/button';
import Select from 'antd/es/select';
import { REGIONS, isCounty, stateOf } from '@hurrow/core/range';
import type { Outline, Presence } from '@hurrow/core/range';
import { PRESENCES, presenceWord } from './presenceWords.ts';
import { nameOfRegion } from './regionNames.ts';

interface Props {
  readonly chosen: string | null;
  readonly records: ReadonlyMap<string, Presence>;
  readonly counties: readonly Outline[];
  readonly names: Readonly<Record<string, string>>;
  readonly mayTeach: boolean;
  readonly onChoose: (code: string | null) => void;
  readonly onSet: (code: string, presence: Presence | null) => void;
}

/** The choice of no entry of its own. */
const NOTHING = 'none';

/** Chooses a region by name or code, and says what the species is there. */
export function RegionEditor({ chosen, records, counties, names, mayTeach, onChoose, onSet }: Props) {
  const state = chosen === null ? null : stateOf(chosen);
  const own = chosen === null ? undefined : records.get(chosen);
  const above = chosen !== null && isCounty(chosen) ? records.get(stateOf(chosen)) : undefined;
  return (
    <section className="panel" aria-label="One region">
      <h2>{chosen === null ? 'One region' : nameOfRegion(chosen, names)}</h2>
      <label className="field">
        <span>State or province</span>
        <Select
          showSearch={{ optionFilterProp: 'label' }}
          aria-label="State or province"
          value={state}
          placeholder="Name or code"
          onChange={onChoose}
          options={REGIONS.map((r) => ({ value: r.code, label: `${r.name} (${r.code})` }))}
        />
      </label>
      {state?.startsWith('US-') ? (
        <label className="field">
          <span>County, where it differs</span>
          <Select
            showSearch={{ optionFilterProp: 'label' }}
            allowClear
            aria-label="County"
            value={chosen !== null && isCounty(chosen) ? chosen : null}
            placeholder="the whole state"
            onChange={(c: string | null | undefined) => onChoose(c ?? state)}
            options={counties
              .filter((c) => stateOf(c.code) === state)
              .map((c) => ({ value: c.code, label: c.name }))
              .sort((a, b) => a.label.localeCompare(b.label, 'en'))}
          />
        </label>
      ) : null}
      {chosen === null ? (
        <p className="quiet">Choose one here or on the map.</p>
      ) : (
        <fieldset className="range-choice">
          <legend>What it is there</legend>
          <Radio.Group
            disabled={!mayTeach}
            value={own ?? NOTHING}
            options={[...PRESENCES.map((p) => p.id), null].map((p) => ({
              value: p ?? NOTHING,
              label: p === null && above ? `as in its state: ${presenceWord(above)}` : presenceWord(p),
            }))}
            onChange={(e) => {
              const said: unknown = e.target.value;
              onSet(chosen, PRESENCES.find((p) => p.id === said)?.id ?? null);
            }}
          />
        </fieldset>
      )}
      {chosen === null ? null : (
        <Button size="small" onClick={() => onChoose(null)}>
          Back to the whole map
        </Button>
      )}
    </section>
  );
}
