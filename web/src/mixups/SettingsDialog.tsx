import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import InputNumber from 'antd/es/input-number';
import { MIX_UP_SETTINGS, SETTING_LIMITS } from '@hurrow/core/mixups';
import type { MixUpSettings } from '@hurrow/core/mixups';
import { request, useWrite } from '../api/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';
import { SETTING_WORDS, effectOn } from './settingWords.ts';

const NAMES = ['level', 'fewestStudents', 'share', 'looks'] as const;
const IN_PERCENT: ReadonlySet<keyof MixUpSettings> = new Set(['level', 'share']);
const scale = (name: keyof MixUpSettings): number => (IN_PERCENT.has(name) ? 100 : 1);

function Effect({ settings }: { settings: MixUpSettings }) {
  const effect = useQuery({
    queryKey: ['mixUpSettingsEffect', settings],
    queryFn: ({ signal }) => request('mixUpSettingsEffect', { body: settings, signal }),
  });
  if (effect.error) return <ProblemNote error={effect.error} />;
  if (!effect.data)
    return (
      <p className="quiet" role="status">
        Working out what it would change…
      </p>
    );
  const classes = effect.data.filter((e) => effectOn(e).length > 0);
  if (classes.length === 0) return <Alert type="info" showIcon title="Nothing would change for any class." />;
  return (
    <div className="settings-effect" role="status">
      {classes.map((c) => (
        <section key={c.section}>
          <h3>{c.name}</h3>
          <ul className="plain-list">
            {effectOn(c).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

/** Decides what counts as a mix-up of a class, with what each change would do before it is kept. */
export function SettingsDialog({ settings, onClose }: { settings: MixUpSettings; onClose: () => void }) {
  const [chosen, setChosen] = useState(settings);
  const keep = useWrite('mixUpSettingsKeep');
  const isSame = NAMES.every((n) => chosen[n] === settings[n]);
  const isUsual = NAMES.every((n) => chosen[n] === MIX_UP_SETTINGS[n]);
  return (
    <Dialog
      open
      title="What counts as a mix-up of a class"
      okText="Keep these settings"
      cancelText="Cancel"
      confirmLoading={keep.isPending}
      okButtonProps={{ disabled: isSame }}
      onCancel={onClose}
      onOk={() => keep.mutate({ body: chosen }, { onSuccess: onClose })}
    >
      <div className="stack">
        <p className="quiet">They hold for every class of this workspace.</p>
        {NAMES.map((name) => (
          <div key={name} className="field">
            <label htmlFor={`setting-${name}`}>{SETTING_WORDS[name].label}</label>
            <InputNumber<number>
              id={`setting-${name}`}
              min={SETTING_LIMITS[name][0] * scale(name)}
              max={SETTING_LIMITS[name][1] * scale(name)}
              precision={0}
              value={Math.round(chosen[name] * scale(name))}
              onChange={(v) => (v === null ? undefined : setChosen({ ...chosen, [name]: v / scale(name) }))}
            />
            <span className="quiet">{SETTING_WORDS[name].hint}</span>
          </div>
        ))}
        {isUsual ? null : (
          <p>
            <Button size="small" onClick={() => setChosen(MIX_UP_SETTINGS)}>
              Use the usual settings
            </Button>
          </p>
        )}
        {isSame ? null : <Effect settings={chosen} />}
        <ProblemNote error={keep.error} />
      </div>
    </Dialog>
  );
}
