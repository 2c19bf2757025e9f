import { useState } from 'react';
import Button from 'antd/es/button';
import { problemOf } from '../api/problem.ts';
import { request } from '../api/request.ts';

const CONFLICT = 409;

/** Code and class number; nothing else is asked of a student. */
export function JoinPage({ waiting, onJoined }: { waiting: number; onJoined: () => void }) {
  const [code, setCode] = useState(() => decodeURIComponent(window.location.hash.slice(1)));
  const [student, setStudent] = useState('');
  const [error, setError] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);
  const problem = error ? problemOf(error) : null;
  const join = async (takeover: boolean): Promise<void> => {
    setBusy(true);
    setError(null);
    try {
      await request('walkJoin', { body: { code, student, takeover } });
      window.history.replaceState(null, '', '/walk/');
      onJoined();
    } catch (e) {
      setError(e);
    } finally {
      setBusy(false);
    }
  };
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
        <label htmlFor="code">Code</label>
        <input
          id="code"
          className="big"
          value={code}
          autoCapitalize="characters"
          autoComplete="off"
          autoCorrect="off"
          spellCheck={false}
          maxLength={20}
          onChange={(e) => setCode(e.target.value.toUpperCase())}
        />
        <label htmlFor="number">Class number</label>
        <input
          id="number"
          className="big"
          value={student}
          autoComplete="off"
          autoCorrect="off"
          autoCapitalize="none"
          spellCheck={false}
          maxLength={16}
          onChange={(e) => setStudent(e.target.value)}
        />
        {problem ? (
          <div className="note bad" role="alert">
            <b>{problem.detail}</b> {problem.remedy}
          </div>
        ) : null}
        {problem?.status === CONFLICT ? (
          <Button block size="large" onClick={() => void join(true)} loading={busy}>
            It is my number: go on here
          </Button>
        ) : null}
        <Button
          block
          size="large"
          type="primary"
          htmlType="submit"
          loading={busy}
          disabled={code === '' || student === ''}
        >
          Join
        </Button>
      </form>
      {window.isSecureContext ? null : (
        <p className="quiet">
          This address is not secure, so the page needs the network to load. Answers are kept on the phone all
          the same.
        </p>
      )}
    </main>
  );
}
