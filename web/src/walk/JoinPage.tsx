import { useEffect, useReducer, useState } from 'react';
import Button from 'antd/es/button';
import { JOIN_NEEDS } from '@hurrow/contract';
import type { Joining, ProblemDetails } from '@hurrow/contract';
import { problemOf } from '../api/problem.ts';
import { request } from '../api/request.ts';
import { nextStep } from './joinSteps.ts';
import { rememberWord, suggestWord } from './wordSuggestion.ts';

const ASK_AGAIN_MS = 4000;

function Field({
  id,
  label,
  hint,
  value,
  onChange,
  focused = false,
}: {
  id: string;
  label: string;
  hint?: string;
  value: string;
  onChange: (value: string) => void;
  /** Takes the focus when it appears, since it is the next thing to fill in. */
  focused?: boolean;
}) {
  return (
    <>
      <label htmlFor={id}>{label}</label>
      {hint ? (
        <p className="quiet hint" id={`${id}-hint`}>
          {hint}
        </p>
      ) : null}
      <input
        id={id}
        className="big"
        value={value}
        autoFocus={focused}
        autoComplete="off"
        autoCorrect="off"
        autoCapitalize="none"
        spellCheck={false}
        maxLength={40}
        aria-describedby={hint ? `${id}-hint` : undefined}
        onChange={(e) => onChange(e.target.value)}
      />
    </>
  );
}

function Problem({ problem }: { problem: ProblemDetails | null }) {
  if (!problem) return null;
  const isStep = problem.type === JOIN_NEEDS.choose || problem.type === JOIN_NEEDS.word;
  return (
    <div className={isStep ? 'note' : 'note bad'} role={isStep ? 'status' : 'alert'}>
      <b>{problem.detail}</b> {problem.remedy}
    </div>
  );
}

/** Asks again and again whether staff have let this phone in. */
function useDecision(waiting: boolean, onHeard: (state: Joining['state']) => void): void {
  useEffect(() => {
    if (!waiting) return undefined;
    const timer = window.setInterval(() => {
      request('walkJoining').then(
        (j) => onHeard(j.state),
        () => undefined,
      );
    }, ASK_AGAIN_MS);
    return () => window.clearInterval(timer);
  }, [waiting, onHeard]);
}

/** Code, student number and private word; nothing else is asked of a student. */
export function JoinPage({
  waiting,
  onJoined,
  onBack,
}: {
  waiting: number;
  onJoined: () => void;
  /** Back to the quiz this phone is in, where it is in one. */
  onBack?: () => void;
}) {
  const [code, setCode] = useState(() =>
    decodeURIComponent(window.location.hash.slice(1)).replaceAll('-', ' '),
  );
  const [student, setStudent] = useState('');
  const [word, setWord] = useState('');
  const [suggested] = useState(() => suggestWord(Math.random));
  const [problem, setProblem] = useState<ProblemDetails | null>(null);
  const [busy, setBusy] = useState(false);
  const [step, move] = useReducer(nextStep, 'number');

  useEffect(() => {
    if (step === 'in') onJoined();
  }, [step, onJoined]);
  const [heard, setHeard] = useState<Joining['state']>('asked');
  useDecision(step === 'waiting', setHeard);
  useEffect(() => {
    move({ type: 'heard', state: heard });
  }, [heard]);

  const join = async (ask: boolean): Promise<void> => {
    setBusy(true);
    setProblem(null);
    const chosen = step === 'choose' && word === '' ? suggested : word;
    try {
      await request('walkJoin', {
        body: { code, student, word: step === 'number' || chosen === '' ? null : chosen, ask },
      });
      if (chosen !== '') rememberWord(chosen);
      window.history.replaceState(null, '', '/walk/');
      setHeard('asked');
      move(ask ? { type: 'asked' } : { type: 'joined' });
    } catch (e) {
      const p = problemOf(e);
      setProblem(p);
      if (p.type === JOIN_NEEDS.choose) setWord(suggested);
      if (p.type === JOIN_NEEDS.word) setWord('');
      move({ type: 'refused', problem: p });
    } finally {
      setBusy(false);
    }
  };
  const back = (): void => {
    setProblem(null);
    move({ type: 'back' });
  };

  if (step === 'waiting') {
    return (
      <main className="walk join">
        <h1>Waiting for your instructor</h1>
        <p role="status">
          Tell your instructor that this phone asks to join as number {student}. This page goes on by itself.
        </p>
        <Button block size="large" onClick={back}>
          Back
        </Button>
      </main>
    );
  }
  return (
    <main className="walk join">
      <h1>Join a field quiz</h1>
      {waiting > 0 ? (
        <p className="note" role="status">
          {waiting} {waiting === 1 ? 'answer is' : 'answers are'} kept on this phone. Join again with the same
          number to send {waiting === 1 ? 'it' : 'them'}.
        </p>
      ) : null}
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void join(false);
        }}
      >
        {step === 'number' ? (
          <>
            <Field
              id="code"
              label="Code"
              hint="Two words and a number, as your instructor calls them."
              value={code}
              onChange={setCode}
            />
            <Field id="number" label="Student number" value={student} onChange={setStudent} />
          </>
        ) : (
          <p>
            Number <b className="number">{student}</b>
          </p>
        )}
        {heard === 'refused' && step === 'word' ? (
          <div className="note bad" role="alert">
            <b>Your instructor did not let this phone in.</b> Ask them in person.
          </div>
        ) : (
          <Problem problem={problem} />
        )}
        {step === 'choose' ? (
          <Field
            id="word"
            label="Your private word"
            hint="Write it down. You can type another one."
            value={word}
            onChange={setWord}
            focused
          />
        ) : null}
        {step === 'word' ? (
          <Field id="word" label="Private word" value={word} onChange={setWord} focused />
        ) : null}
        <Button
          block
          size="large"
          type="primary"
          htmlType="submit"
          loading={busy}
          disabled={code === '' || student === '' || (step !== 'number' && word.trim().length < 4)}
        >
          {step === 'choose' ? 'Use this word and join' : 'Join'}
        </Button>
        {step === 'word' ? (
          <Button block size="large" loading={busy} onClick={() => void join(true)}>
            Ask my instructor to let me in
          </Button>
        ) : null}
        {step === 'number' && !onBack ? null : (
          <Button block size="large" onClick={step === 'number' ? onBack : back}>
            Back
          </Button>
        )}
      </form>
      {window.isSecureContext ? null : (
        <p className="quiet">
          This address is not secure, so the page needs the network to load. Your answers are still kept on
          the phone.
        </p>
      )}
    </main>
  );
}
