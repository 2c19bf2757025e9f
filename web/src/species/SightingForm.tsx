import { useState } from 'react';
import type { Site } from '@hurrow/contract';
import type { WindowKind } from '@hurrow/core/conditions';
import { useWrite } from '../api/index.ts';
import { Choose, DayField, Dialog, ProblemNote } from '../parts/index.ts';
import { WindowKindField } from './WindowKindField.tsx';

/** What was seen, or looked for in vain, at the site on a day: it moves the season there. */
export function SightingForm({
  taxon,
  site,
  date,
  onClose,
}: {
  taxon: string;
  site: Site;
  date: string;
  onClose: () => void;
}) {
  const [kind, setKind] = useState<WindowKind>('leaf_out');
  const [on, setOn] = useState(date);
  const [present, setPresent] = useState(true);
  const create = useWrite('sightingCreate');
  return (
    <Dialog
      open
      title={`Seen at ${site.name}`}
      okText="Record it"
      cancelText="Cancel"
      okButtonProps={{ loading: create.isPending, disabled: on === '' }}
      onOk={() =>
        create.mutate({ body: { site: site.id, taxon, kind, on, present } }, { onSuccess: onClose })
      }
      onCancel={onClose}
    >
      <div className="stack">
        <div className="field-row">
          <WindowKindField kind={kind} onChange={setKind} />
          <label className="field">
            <span>On</span>
            <DayField label="On" value={on} onChange={(day) => setOn(day ?? on)} />
          </label>
          <label className="field">
            <span>It was</span>
            <Choose
              label="It was"
              value={present ? 'yes' : 'no'}
              options={[
                { value: 'yes', label: 'there' },
                { value: 'no', label: 'looked for and not there' },
              ]}
              onChange={(v) => setPresent(v === 'yes')}
            />
          </label>
        </div>
        <p className="quiet">The season here is moved just far enough to agree with it.</p>
        <ProblemNote error={create.error} />
      </div>
    </Dialog>
  );
}
