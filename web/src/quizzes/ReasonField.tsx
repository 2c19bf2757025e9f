import { useState } from 'react';
import Input from 'antd/es/input';
import Select from 'antd/es/select';
import type { SittingStation } from '@hurrow/contract';
import { UNFAIR_REASONS } from '@hurrow/core/quizzes';
import type { UnfairReason } from '@hurrow/core/quizzes';
import { useWrite } from '../api/index.ts';
import { ProblemNote } from '../parts/index.ts';
import { REASON_WORDS } from './fairWords.ts';

/** Why an unfair station is used at a sitting: one of a few reasons, with a note if wanted. */
export function ReasonField({ at }: { at: SittingStation }) {
  const change = useWrite('sittingStation');
  const [note, setNote] = useState(at.reasonNote ?? '');
  const save = (reason: UnfairReason | null, reasonNote: string): void =>
    change.mutate({
      params: { id: at.id },
      body: { material: at.material, distance: at.distance, reason, reasonNote },
      version: at.version,
    });
  const n = at.station.number;
  return (
    <div className="reason">
      <Select<UnfairReason>
        size="small"
        allowClear
        aria-label={`Why station ${n} is used`}
        placeholder="Say why you use it"
        value={at.reason}
        options={UNFAIR_REASONS.map((r) => ({ value: r, label: REASON_WORDS[r] }))}
        onChange={(reason) => save(reason ?? null, note)}
      />
      {at.reason === null ? null : (
        <Input
          size="small"
          aria-label={`Note for station ${n}`}
          placeholder="Note, if you like"
          maxLength={400}
          value={note}
          onChange={(e) => setNote(e.target.value)}
          onBlur={() => {
            if (note !== (at.reasonNote ?? '')) save(at.reason, note);
          }}
        />
      )}
      <ProblemNote error={change.error} />
    </div>
  );
}
