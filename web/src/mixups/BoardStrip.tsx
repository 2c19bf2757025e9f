import DatePicker from 'antd/es/date-picker';
import Select from 'antd/es/select';
import dayjs from 'dayjs';
import type { MixUps, Section } from '@hurrow/contract';
import { FORM_WORDS, MATERIAL_WORDS } from './boardWords.ts';
import type { Choice } from './scope.ts';

const EVERY = '';

/** Chooses the classes, days, material and form of a board. */
export function BoardStrip({
  sections,
  data,
  choice,
  onChoose,
}: {
  sections: readonly Section[];
  data: MixUps | undefined;
  choice: Choice;
  onChoose: (part: Partial<Choice>) => void;
}) {
  return (
    <div className="board-strip">
      <label className="field" htmlFor="board-classes">
        <span>Classes</span>
        <Select<string[]>
          id="board-classes"
          mode="multiple"
          className="board-classes"
          value={[...choice.sections]}
          onChange={(all) => (all.length === 0 ? undefined : onChoose({ sections: all }))}
          options={sections.map((s) => ({ value: s.id, label: `${s.name}, ${s.term}` }))}
        />
      </label>
      <label className="field" htmlFor="board-from">
        <span>Sittings from</span>
        <DatePicker
          id="board-from"
          format="MMM D, YYYY"
          value={choice.from === null ? null : dayjs(choice.from)}
          onChange={(d) => onChoose({ from: d ? d.format('YYYY-MM-DD') : null })}
        />
      </label>
      <label className="field" htmlFor="board-to">
        <span>to</span>
        <DatePicker
          id="board-to"
          format="MMM D, YYYY"
          value={choice.to === null ? null : dayjs(choice.to)}
          onChange={(d) => onChoose({ to: d ? d.format('YYYY-MM-DD') : null })}
        />
      </label>
      <label className="field" htmlFor="board-material">
        <span>Material</span>
        <Select<string>
          id="board-material"
          className="pick"
          value={choice.material ?? EVERY}
          onChange={(v) => onChoose({ material: v === EVERY ? null : v })}
          options={[
            { value: EVERY, label: 'all of it' },
            ...(data?.materials ?? []).map((m) => ({
              value: m.material,
              label: `${MATERIAL_WORDS[m.material] ?? m.material} (${m.looks})`,
            })),
          ]}
        />
      </label>
      {(data?.forms.length ?? 0) > 1 || choice.form !== null ? (
        <label className="field" htmlFor="board-form">
          <span>Answered by</span>
          <Select<string>
            id="board-form"
            className="pick"
            value={choice.form ?? EVERY}
            onChange={(v) => onChoose({ form: v === EVERY ? null : v })}
            options={[
              { value: EVERY, label: 'every form' },
              ...(data?.forms ?? []).map((f) => ({
                value: f.form,
                label: `${FORM_WORDS[f.form] ?? f.form} (${f.looks})`,
              })),
            ]}
          />
        </label>
      ) : null}
    </div>
  );
}
