import Button from 'antd/es/button';
import Progress from 'antd/es/progress';
import type { Job } from './useJob.ts';

const STAGES: Readonly<Record<string, string>> = {
  sending: 'Sending',
  waiting: 'Waiting',
  reading: 'Reading the file',
  comparing: 'Comparing it with the library',
  writing: 'Writing',
  finishing: 'Finishing',
  'gathering answers': 'Reading the answers',
  fitting: 'Working out the rates',
};

/** How far long work has come, with a way to stop it. */
export function JobNote({ job }: { job: Job }) {
  const { state } = job;
  if (state?.state === 'cancelled') return <p role="status">Stopped. Nothing was changed.</p>;
  if (state?.state !== 'running') return null;
  const share = state.total ? Math.round((100 * state.done) / state.total) : null;
  return (
    <div className="job" role="status">
      <span>{STAGES[state.stage] ?? state.stage}</span>
      {share === null ? <span className="quiet">…</span> : <Progress percent={share} size="small" />}
      <Button size="small" onClick={job.cancel}>
        Stop
      </Button>
    </div>
  );
}
