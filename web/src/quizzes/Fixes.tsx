import { useEffect, useState } from 'react';
import Button from 'antd/es/button';
import type { FixResult } from '@hurrow/core/fairness';
import { oftenWords } from '@hurrow/core/measuring';
import { useSession } from '../app/index.ts';
import type { CheckAt } from '../workers/index.ts';
import type { Fairness } from './useFairness.ts';
import { VERDICT_WORDS, fixWords } from './fairWords.ts';
import type { NameOf } from './fairWords.ts';

const MOST = 5;

/** The cheapest fixes of a station as buttons that state their result; one press applies one. */
export function Fixes({
  at,
  fairness,
  nameOf,
  disabled,
  onApply,
}: {
  at: CheckAt;
  fairness: Fairness;
  nameOf: NameOf;
  disabled: boolean;
  onApply: (fix: FixResult['fix']) => void;
}) {
  const { today } = useSession();
  const [held, setHeld] = useState<{ readonly at: CheckAt; readonly fixes: readonly FixResult[] } | null>(
    null,
  );
  // Those of a station as it was before are not shown for it as it is now.
  const fixes = held?.at === at ? held.fixes : null;
  const { fixes: find, found } = fairness;
  const verdict = found.get(at.station.id)?.verdict;
  // Nothing is proposed where nothing is known of what stands there.
  const knows = (found.get(at.station.id)?.pairs.length ?? 0) > 0;
  useEffect(() => {
    let live = true;
    if (verdict === undefined || verdict === 'fair' || !knows) return undefined;
    void find(at).then((f) => {
      if (live) setHeld({ at, fixes: f });
    });
    return () => {
      live = false;
    };
  }, [at, find, verdict, knows]);
  if (verdict === undefined || verdict === 'fair' || !knows) return null;
  return (
    <>
      <h3>Fixes</h3>
      {fixes === null ? <p className="quiet">Looking for fixes…</p> : null}
      {fixes?.length === 0 ? (
        <p className="quiet">No single change makes it better. Choose another tree, or say why you use it.</p>
      ) : null}
      <ul className="fixes">
        {(fixes ?? []).slice(0, MOST).map(({ fix, verdict: then, right }) => (
          <li key={JSON.stringify(fix)}>
            <Button size="small" disabled={disabled} onClick={() => onApply(fix)}>
              {fixWords(fix, nameOf, today)} → {VERDICT_WORDS[then]}
            </Button>
            <span className="quiet">right {oftenWords(right)}</span>
          </li>
        ))}
      </ul>
    </>
  );
}
