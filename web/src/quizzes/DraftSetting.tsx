import Select from 'antd/es/select';
import { HANDLINGS, isDate } from '@hurrow/core/conditions';
import type { Handling } from '@hurrow/core/conditions';
import type { SittingDetail } from '@hurrow/contract';
import { useWrite } from '../api/index.ts';
import { HANDLING_LABELS } from '../app/index.ts';
import { DayField, ProblemNote } from '../parts/index.ts';

/** The day of a draft and what students may do there; both stand once it is opened. */
export function DraftSetting({ sitting }: { sitting: SittingDetail }) {
  const change = useWrite('sittingChange');
  const { on, handling, wet } = sitting;
  const set = (part: { on?: string; handling?: readonly Handling[] }): void =>
    change.mutate({
      params: { id: sitting.id },
      body: { on, handling, wet, ...part },
      version: sitting.version,
    });
  return (
    <section className="panel" aria-label="Day and handling">
      <div className="field-row">
        <label className="condition">
          <span className="condition-label">Day of the sitting</span>
          <DayField
            bare
            label="Day of the sitting"
            value={on}
            onChange={(day) => (day === null || day === on || !isDate(day) ? undefined : set({ on: day }))}
          />
        </label>
        <div className="field">
          <label htmlFor="draft-handling">Students may</label>
          <Select<Handling[]>
            id="draft-handling"
            mode="multiple"
            className="draft-handling"
            value={[...handling]}
            options={HANDLINGS.filter((h) => h !== 'taste').map((h) => ({
              value: h,
              label: HANDLING_LABELS[h],
              disabled: h === 'look',
            }))}
            onChange={(next) => set({ handling: HANDLINGS.filter((h) => h === 'look' || next.includes(h)) })}
          />
        </div>
      </div>
      <ProblemNote error={change.error} />
    </section>
  );
}
