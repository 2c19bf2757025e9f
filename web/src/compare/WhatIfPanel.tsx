import { useCallback } from 'react';
import Button from 'antd/es/button';
import type { WhatIf } from '@hurrow/core/compare';
import { useView } from '../app/index.ts';
import { WorkNote } from '../parts/index.ts';
import { useLibraryWork } from '../workers/index.ts';
import type { Start } from '../workers/index.ts';
import { MemberNames } from './MemberNames.tsx';
import { groundOf } from './groundOf.ts';
import { changeWords } from './words.ts';
import type { Compared } from './useCompared.ts';

const FEW = 8;
const SHOWN = 4;

/** What one change of the conditions would do for the list, the one that cures most first. */
export function WhatIfPanel({ compared }: { compared: Compared }) {
  const { change } = useView();
  const start = useCallback<Start<readonly WhatIf[]>>(
    (work, onProgress) => work.whatIf(groundOf(compared), onProgress),
    [compared],
  );
  const work = useLibraryWork<readonly WhatIf[]>(start);
  const pairs = (all: WhatIf['cured']) => (
    <>
      {all.slice(0, SHOWN).map((pair, n) => (
        <span key={pair.join()}>
          {n > 0 ? '; ' : ''}
          <MemberNames compared={compared} all={pair} between=" and " />
        </span>
      ))}
      {all.length > SHOWN ? `; ${all.length - SHOWN} more` : ''}
    </>
  );
  const curing = (work.result ?? []).filter((w) => w.cured.length > 0);
  return (
    <section className="panel" aria-label="What if">
      <h2>What if</h2>
      <WorkNote what="Trying every change" work={work} />
      {work.result && curing.length === 0 ? (
        <p className="quiet">No single change of material, handling, distance or date tells a pair more.</p>
      ) : null}
      <ul className="plain-list what-if">
        {curing.slice(0, FEW).map((w, i) => (
          <li key={JSON.stringify(w.change)}>
            <Button size="small" onClick={() => change({ conditions: w.conditions })}>
              {changeWords(w.change, w.conditions)}
            </Button>{' '}
            <b className="number">cures {w.cured.length}</b>
            {i === 0 ? ' (most of all)' : ''}
            {w.undone.length > 0 ? (
              <span>
                , undoes {w.undone.length}: {pairs(w.undone)}
              </span>
            ) : null}
            <div className="quiet">{pairs(w.cured)}</div>
          </li>
        ))}
      </ul>
      <p className="quiet">Unsafe suggestions are left out. Collect only with permission.</p>
    </section>
  );
}
