import { useState } from 'react';
import Button from 'antd/es/button';
import DatePicker from 'antd/es/date-picker';
import Segmented from 'antd/es/segmented';
import Select from 'antd/es/select';
import dayjs from 'dayjs';
import type { LessonKind, LessonRow } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { useSession } from '../app/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';
import { bodyOf, draftOf, missingIn, withItem, withMore, withoutItem } from './lessonDraft.ts';
import type { DraftItem } from './lessonDraft.ts';

const KINDS: readonly { readonly value: LessonKind; readonly label: string }[] = [
  { value: 'retaught', label: 'Taught again' },
  { value: 'taught', label: 'Taught' },
];

function ItemLine({
  item,
  place,
  options,
  onChange,
  onRemove,
}: {
  item: DraftItem;
  /** From 1. */
  place: number;
  options: readonly { readonly value: string; readonly label: string }[];
  onChange: (part: Partial<DraftItem>) => void;
  onRemove: () => void;
}) {
  const pick = (of: 'taxon' | 'other', label: string) => (
    <Select<string>
      aria-label={`${label} of line ${place}`}
      placeholder={label}
      allowClear={of === 'other'}
      virtual={false}
      showSearch={{ optionFilterProp: 'label' }}
      options={[...options]}
      value={item[of]}
      onChange={(id: string | undefined) => onChange({ [of]: id ?? null })}
    />
  );
  return (
    <div className="lesson-line">
      {pick('taxon', 'Species')}
      <span>and</span>
      {pick('other', 'Look-alike')}
      <Button size="small" aria-label={`Remove line ${place}`} onClick={onRemove}>
        Remove
      </Button>
    </div>
  );
}

/** Records a lesson by hand, or corrects one: its day, whether it was taught again, and what. */
export function LessonForm({
  section,
  lesson,
  onClose,
}: {
  section: string;
  /** The lesson that is corrected; null for a new one. */
  lesson: LessonRow | null;
  onClose: () => void;
}) {
  const { today } = useSession();
  const [draft, setDraft] = useState(() => draftOf(lesson, today));
  const record = useWrite('lessonRecord');
  const change = useWrite('lessonChange');
  const species = useRead('species').data ?? [];
  const options = species.map((s) => ({
    value: s.id,
    label: s.common ? `${s.common}, ${s.scientific}` : s.scientific,
  }));
  const missing = missingIn(draft);
  const send = (): void => {
    const done = { onSuccess: onClose };
    if (lesson) change.mutate({ params: { id: section, lesson: lesson.id }, body: bodyOf(draft) }, done);
    else record.mutate({ params: { id: section }, body: bodyOf(draft) }, done);
  };
  return (
    <Dialog
      open
      width={640}
      title={lesson ? 'Correct lesson' : 'Record a lesson'}
      okText={lesson ? 'Save lesson' : 'Record lesson'}
      cancelText="Cancel"
      okButtonProps={{ disabled: missing !== null }}
      confirmLoading={record.isPending || change.isPending}
      onCancel={onClose}
      onOk={send}
    >
      <div className="plan-strip">
        <label className="field" htmlFor="lesson-on">
          <span>Held on</span>
          <DatePicker
            id="lesson-on"
            format="MMM D, YYYY"
            allowClear={false}
            maxDate={dayjs(today)}
            value={dayjs(draft.on)}
            onChange={(d) => (d ? setDraft({ ...draft, on: d.format('YYYY-MM-DD') }) : undefined)}
          />
        </label>
        <Segmented<LessonKind>
          aria-label="Kind of lesson"
          value={draft.kind}
          options={[...KINDS]}
          onChange={(kind) => setDraft({ ...draft, kind })}
        />
      </div>
      {draft.items.map((item, i) => (
        <ItemLine
          key={i}
          item={item}
          place={i + 1}
          options={options}
          onChange={(part) => setDraft(withItem(draft, i, part))}
          onRemove={() => setDraft(withoutItem(draft, i))}
        />
      ))}
      <Button size="small" onClick={() => setDraft(withMore(draft))}>
        Add line
      </Button>
      {missing === null ? null : <p className="quiet">{missing}</p>}
      <ProblemNote error={record.error ?? change.error} />
    </Dialog>
  );
}
