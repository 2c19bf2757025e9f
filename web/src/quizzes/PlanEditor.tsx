import { useState } from 'react';
import type { ReactNode } from 'react';
import Checkbox from 'antd/es/checkbox';
import InputNumber from 'antd/es/input-number';
import Radio from 'antd/es/radio';
import Select from 'antd/es/select';
import type { QuizDetail } from '@hurrow/contract';
import { HANDLINGS } from '@hurrow/core/conditions';
import type { Handling } from '@hurrow/core/conditions';
import { ANSWER_BOXES, PRESETS, PRESET_SETTINGS } from '@hurrow/core/quizzes';
import type { AnswerBox, GradePolicy, Preset, QuizPlan } from '@hurrow/core/quizzes';
import { useWrite } from '../api/index.ts';
import { HANDLING_LABELS } from '../app/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';
import { BOX_WORDS, PRESET_WORDS, SHARE_FIELDS, SHARES } from './planWords.ts';

function Field({ label, why, children }: { label: string; why?: string; children: ReactNode }) {
  return (
    <div className="field plan-field">
      <span>{label}</span>
      {children}
      {why ? <span className="quiet">{why}</span> : null}
    </div>
  );
}

function Times({ plan, set }: { plan: QuizPlan; set: (part: Partial<QuizPlan>) => void }) {
  const number = (
    label: string,
    key: 'seconds' | 'moveSeconds' | 'freeMinutes',
    least: number,
    most: number,
  ) => (
    <label className="field">
      <span>{label}</span>
      <InputNumber
        min={least}
        max={most}
        value={plan[key]}
        onChange={(n) => n !== null && set({ [key]: n })}
      />
    </label>
  );
  return (
    <>
      <Field
        label="Walk"
        why="A signal keeps a large group moving. A free walk suits few students and young ones."
      >
        <Radio.Group
          value={plan.walk}
          options={[
            { value: 'timed', label: 'On a signal' },
            { value: 'free', label: 'Freely' },
          ]}
          onChange={(e) => set({ walk: (e.target.value as QuizPlan['walk']) === 'free' ? 'free' : 'timed' })}
        />
      </Field>
      {plan.walk === 'timed' ? (
        <div className="field-row">
          {number('Seconds at a station', 'seconds', 10, 1200)}
          {number('Seconds to move', 'moveSeconds', 0, 600)}
          {number('Minutes of free return', 'freeMinutes', 0, 120)}
        </div>
      ) : null}
    </>
  );
}

/** How a quiz is run and graded: a preset, and every part of it, with when each is used. */
export function PlanEditor({ quiz, onClose }: { quiz: QuizDetail; onClose: () => void }) {
  const save = useWrite('quizPlan');
  const [plan, setPlan] = useState<QuizPlan>(quiz.plan);
  const [policy, setPolicy] = useState<GradePolicy>(quiz.policy);
  const set = (part: Partial<QuizPlan>): void => setPlan({ ...plan, ...part });
  const choose = (preset: Preset): void => {
    setPlan(PRESET_SETTINGS[preset].plan);
    setPolicy(PRESET_SETTINGS[preset].policy);
  };
  const preset = plan.preset;
  return (
    <Dialog
      open
      width={720}
      title={`Plan of ${quiz.name}`}
      okText="Save plan"
      onCancel={onClose}
      onOk={() =>
        save.mutate(
          { params: { id: quiz.id }, body: { plan, policy }, version: quiz.version },
          { onSuccess: onClose },
        )
      }
      okButtonProps={{ disabled: quiz.locked }}
      confirmLoading={save.isPending}
    >
      <div className="stack">
        <Field label="Start from">
          <Select<Preset>
            aria-label="Start from"
            placeholder="a preset"
            value={preset}
            options={PRESETS.map((p) => ({ value: p, label: PRESET_WORDS[p].name }))}
            onChange={choose}
          />
          {preset ? <span className="quiet">{PRESET_WORDS[preset].about}</span> : null}
        </Field>
        <Times plan={plan} set={set} />
        <Field label="Students may" why="A caution at a station forbids it there, whatever is allowed here.">
          <Checkbox.Group<Handling>
            value={[...plan.handling]}
            options={HANDLINGS.filter((h) => h !== 'taste').map((h) => ({
              value: h,
              label: HANDLING_LABELS[h],
              disabled: h === 'look',
            }))}
            onChange={(next) => set({ handling: HANDLINGS.filter((h) => h === 'look' || next.includes(h)) })}
          />
        </Field>
        <Field
          label="Compared with"
          why="Compare with what was taught in a course. A contest may ask anything on the list. Hazardous species always count."
        >
          <Radio.Group
            value={plan.against}
            options={[
              { value: 'taught', label: 'What was taught by the day' },
              { value: 'list', label: 'The whole list' },
            ]}
            onChange={(e) => set({ against: (e.target.value as string) === 'list' ? 'list' : 'taught' })}
          />
        </Field>
        <Field label="Box beside an answer" why={BOX_WORDS[plan.box].why}>
          <Select<AnswerBox>
            aria-label="Box beside an answer"
            value={plan.box}
            options={ANSWER_BOXES.map((b) => ({ value: b, label: BOX_WORDS[b].name }))}
            onChange={(box) => set({ box })}
          />
        </Field>
        <div className="field-row">
          <Checkbox checked={plan.sureness} onChange={(e) => set({ sureness: e.target.checked })}>
            Ask how sure
          </Checkbox>
          <Checkbox checked={plan.showScore} onChange={(e) => set({ showScore: e.target.checked })}>
            Show students their points
          </Checkbox>
        </div>
        <label className="field">
          <span>Character questions at a station, at most</span>
          <InputNumber
            min={0}
            max={12}
            value={plan.mostCalls}
            onChange={(n) => n !== null && set({ mostCalls: n })}
          />
        </label>
        <table className="policy">
          <caption>What a name earns, as a share of its points</caption>
          <tbody>
            {SHARE_FIELDS.map(({ key, label, why }) => (
              <tr key={key}>
                <th scope="row">{label}</th>
                <td>
                  <Select<number>
                    size="small"
                    aria-label={label}
                    value={policy[key]}
                    options={SHARES}
                    onChange={(share) => setPolicy({ ...policy, [key]: share })}
                  />
                </td>
                <td className="quiet">{why}</td>
              </tr>
            ))}
            <tr>
              <th scope="row">Spelling</th>
              <td>
                <Select<GradePolicy['spelling']>
                  size="small"
                  aria-label="Spelling"
                  value={policy.spelling}
                  options={[
                    { value: 'tolerant', label: 'forgiving' },
                    { value: 'exact', label: 'exact' },
                  ]}
                  onChange={(spelling) => setPolicy({ ...policy, spelling })}
                />
              </td>
              <td className="quiet">Exact where names are written into records or labels.</td>
            </tr>
          </tbody>
        </table>
        {quiz.locked ? (
          <p className="quiet">The key of a sitting is locked, so the plan no longer changes.</p>
        ) : null}
        <ProblemNote error={save.error} />
      </div>
    </Dialog>
  );
}
