import { useState } from 'react';
import Modal from 'antd/es/modal';
import type { Site } from '@hurrow/contract';
import type { WindowKind } from '@hurrow/core/conditions';
import { useWrite } from '../api/index.ts';
import { ProblemNote } from '../parts/index.ts';
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
    <Modal
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
            <input type="date" value={on} onChange={(e) => setOn(e.target.value)} />
          </label>
          <label className="field">
            <span>It was</span>
            <select value={present ? 'yes' : 'no'} onChange={(e) => setPresent(e.target.value === 'yes')}>
              <option value="yes">there</option>
              <option value="no">looked for and not there</option>
            </select>
          </label>
        </div>
        <p className="quiet">The season here is moved just far enough to agree with it.</p>
        <ProblemNote error={create.error} />
      </div>
    </Modal>
  );
}
