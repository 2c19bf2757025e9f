import Button from 'antd/es/button';
import Input from 'antd/es/input';
import type { Photo, TreeRow, WeekPageBody } from '@hurrow/contract';
import { Choose, ProblemNote } from '../parts/index.ts';

const NONE = '';

/** What is written and chosen, above the page and on the screen alone. */
export function WeekEditor({
  said,
  onSay,
  photos,
  trees,
  saved,
  onSave,
  busy,
  error,
}: {
  said: WeekPageBody;
  onSay: (said: WeekPageBody) => void;
  photos: readonly Photo[];
  trees: readonly TreeRow[];
  saved: boolean;
  onSave: () => void;
  busy: boolean;
  error: unknown;
}) {
  return (
    <section className="no-print week-editor" aria-label="Write the page">
      <label className="field grow">
        Your words
        <Input.TextArea
          autoSize={{ minRows: 4, maxRows: 12 }}
          maxLength={3000}
          placeholder="What you would say standing under it."
          value={said.text}
          onChange={(e) => onSay({ ...said, text: e.target.value })}
        />
      </label>
      <div className="field-row">
        <div className="field">
          <span aria-hidden="true">Picture</span>
          <Choose
            label="Picture"
            value={said.photo ?? NONE}
            options={[
              { value: NONE, label: 'the drawing' },
              ...photos.map((p, i) => ({
                value: p.id,
                label: `photograph ${i + 1}${p.credit ? `, ${p.credit}` : ''}`,
              })),
            ]}
            onChange={(v) => onSay({ ...said, photo: v === NONE ? null : v })}
          />
        </div>
        <div className="field">
          <span aria-hidden="true">Tree to send readers to</span>
          <Choose
            label="Tree to send readers to"
            value={said.tree ?? NONE}
            options={[
              { value: NONE, label: 'no tagged tree' },
              ...trees.map((t) => ({ value: t.id, label: `tree ${t.tag}, ${t.site.name}` })),
            ]}
            onChange={(v) => onSay({ ...said, tree: v === NONE ? null : v })}
          />
        </div>
        <div className="field grow">
          <span aria-hidden="true">How to find it</span>
          <Input
            aria-label="How to find it"
            placeholder="Or where else one stands"
            maxLength={400}
            value={said.place}
            onChange={(e) => onSay({ ...said, place: e.target.value })}
          />
        </div>
        <Button type="primary" disabled={saved} loading={busy} onClick={onSave}>
          Save the page
        </Button>
      </div>
      <ProblemNote error={error} />
    </section>
  );
}
