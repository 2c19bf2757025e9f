import { lazy, Suspense } from 'react';
import { Outlet } from 'react-router';
import { useRead } from '../api/index.ts';
import { Loaded } from '../parts/index.ts';
import { AtHand } from './AtHand.tsx';
import { SessionContext } from './session.ts';

const SignIn = lazy(async () => ({ default: (await import('./SignIn.tsx')).SignIn }));
const SetUp = lazy(async () => ({ default: (await import('./SetUp.tsx')).SetUp }));

/** Everything behind it has somebody signed in. */
export function Gate() {
  const session = useRead('sessionRead');
  return (
    <Loaded query={session}>
      {(s) =>
        s.kind === 'account' ? (
          <SessionContext value={s}>
            <AtHand>
              <Outlet />
            </AtHand>
          </SessionContext>
        ) : (
          <Suspense fallback={null}>{s.kind === 'none' && s.needsSetup ? <SetUp /> : <SignIn />}</Suspense>
        )
      }
    </Loaded>
  );
}
