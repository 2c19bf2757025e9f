import { useRef, useState } from 'react';
import Button from 'antd/es/button';
import Input from 'antd/es/input';
import { useQueryClient } from '@tanstack/react-query';
import { MOST_SENT } from '@hurrow/contract';
import type { ImportKind, ImportReport } from '@hurrow/contract';
import { Refused, sendText } from '../api/index.ts';
import { Choose, JobNote, ProblemNote, useJob } from '../parts/index.ts';
import { KINDS, likelyKind } from './kinds.ts';
import { Preview } from './Preview.tsx';
import { Questions } from './Questions.tsx';
import type { Choices } from './Questions.tsx';

const tooLarge = (size: number): Refused =>
  new Refused({
    type: 'urn:hurrow:invalid',
    title: 'Too large',
    status: 413,
    detail: `The file has ${Math.round(size / 1e6)} MB; at most ${MOST_SENT / 1e6} MB are taken.`,
    remedy: 'Split it, a part of the species in each file. Nothing was sent.',
  });

/** Takes a file in: chosen or pasted, shown first, then whole or not at all. */
export function TakeIn() {
  const [kind, setKind] = useState<ImportKind>('table');
  const [name, setName] = useState('');
  const [text, setText] = useState('');
  const [file, setFile] = useState<string | null>(null);
  const [fault, setFault] = useState<unknown>(null);
  const [done, setDone] = useState<ImportReport | null>(null);
  const chooser = useRef<HTMLInputElement>(null);
  const preview = useJob();
  const apply = useJob();
  const [choices, setChoices] = useState<Choices>({});
  const client = useQueryClient();
  const of = KINDS.find((k) => k.id === kind);
  const startOver = (): void => {
    preview.clear();
    apply.clear();
    setDone(null);
    setChoices({});
  };
  const choose = async (chosen: File | undefined): Promise<void> => {
    if (!chosen) return;
    startOver();
    setFault(null);
    if (chosen.size > MOST_SENT) {
      setFault(tooLarge(chosen.size));
      return;
    }
    setText(await chosen.text());
    setFile(chosen.name);
    setKind(likelyKind(chosen.name) ?? kind);
    if (name === '') setName(chosen.name.replace(/\.[a-z]+$/i, ''));
  };
  const send = (route: 'importPreview' | 'importApply') => () =>
    Object.keys(choices).length === 0
      ? sendText(route, { kind, name: name.trim() }, text)
      : sendText(route, { kind, name: name.trim(), with: 'choices' }, JSON.stringify({ choices, text }));
  const take = async (): Promise<void> => {
    const report = await apply.run(send('importApply'));
    if (!report) return;
    if (report.batch === null) return;
    preview.clear();
    setDone(report);
    await client.invalidateQueries();
  };
  const report = done ?? preview.state?.result ?? null;
  const busy = preview.state?.state === 'running' || apply.state?.state === 'running';
  return (
    <section className="panel" aria-label="Take a file in">
      <h2>Take a file in</h2>
      <div className="take-in">
        <label className="field">
          <span>What it is</span>
          <Choose
            label="What it is"
            value={kind}
            options={KINDS.map((k) => ({ value: k.id, label: k.word }))}
            onChange={(v) => {
              startOver();
              setKind(v);
            }}
          />
        </label>
        <label className="field">
          <span>{of?.named}</span>
          <Input value={name} maxLength={120} onChange={(e) => setName(e.target.value)} />
        </label>
        <div className="field">
          <span>File</span>
          <span className="button-row">
            <Button onClick={() => chooser.current?.click()}>Choose a file</Button>
            <span className="quiet">{file ?? 'or paste it below'}</span>
          </span>
          <input
            ref={chooser}
            type="file"
            className="visually-hidden"
            aria-label="File to import"
            tabIndex={-1}
            onChange={(e) => {
              void choose(e.target.files?.[0]);
              e.target.value = '';
            }}
          />
        </div>
      </div>
      <p className="quiet">{of?.about}</p>
      <Input.TextArea
        aria-label="Content of the file"
        className="file-text"
        rows={4}
        value={text.length > 20_000 ? `${text.slice(0, 20_000)}\n…` : text}
        readOnly={text.length > 20_000}
        onChange={(e) => {
          startOver();
          setFile(null);
          setText(e.target.value);
        }}
      />
      <div className="button-row">
        <Button
          type="primary"
          disabled={busy || text.trim() === '' || name.trim() === ''}
          onClick={() => {
            startOver();
            void preview.run(send('importPreview'));
          }}
        >
          See what it would do
        </Button>
        {text !== '' ? (
          <Button
            disabled={busy}
            onClick={() => {
              startOver();
              setText('');
              setFile(null);
            }}
          >
            Cancel
          </Button>
        ) : null}
      </div>
      <ProblemNote error={fault ?? preview.error ?? apply.error} />
      <JobNote job={preview} />
      <JobNote job={apply} />
      {report && !busy && !done ? (
        <Questions
          questions={report.questions}
          choices={choices}
          onChoose={(id, choice) => setChoices({ ...choices, [id]: choice })}
          onAgain={() => void preview.run(send('importPreview'))}
        />
      ) : null}
      {report && !busy ? (
        <Preview report={report} applied={done !== null} onTake={() => void take()} />
      ) : null}
    </section>
  );
}
