import { useCallback, useState } from 'react';
import { JoinPage } from './JoinPage.tsx';
import { ResultsPage } from './ResultsPage.tsx';
import { ReviewPage } from './ReviewPage.tsx';
import { StationPage } from './StationPage.tsx';
import { useWalk } from './useWalk.ts';

type At = { readonly kind: 'station'; readonly index: number } | { readonly kind: 'review' };

/** Join, walk, review, hand in, results. */
export function WalkApp() {
  const walk = useWalk();
  const { refresh } = walk;
  const onJoined = useCallback(() => void refresh(), [refresh]);
  const [at, setAt] = useState<At>({ kind: 'station', index: 0 });
  const { sitting, phase, signedOut, waiting } = walk.state;
  if (phase === 'loading') {
    return (
      <main className="walk quiet" role="status">
        Loading…
      </main>
    );
  }
  if (sitting === null || signedOut) {
    return <JoinPage waiting={waiting.size} onJoined={onJoined} />;
  }
  if (sitting.state === 'given_back') return <ResultsPage onLeave={() => void walk.leave()} />;
  const index = at.kind === 'station' ? Math.min(at.index, sitting.stations.length - 1) : 0;
  const station = sitting.stations[index];
  if (at.kind === 'review' || sitting.submitted || sitting.state === 'closed' || !station) {
    return (
      <ReviewPage
        walk={walk}
        sitting={sitting}
        onStation={(i) => setAt({ kind: 'station', index: i })}
        again={sitting.state === 'open' && at.kind === 'station' && sitting.submitted}
      />
    );
  }
  return (
    <StationPage
      key={station.id}
      walk={walk}
      sitting={sitting}
      station={station}
      index={index}
      onGo={(i) => setAt(i < sitting.stations.length ? { kind: 'station', index: i } : { kind: 'review' })}
      onReview={() => setAt({ kind: 'review' })}
    />
  );
}
