import { useCallback, useState } from 'react';
import { JoinPage } from './JoinPage.tsx';
import { keepPlace, placeIn } from './lastPlace.ts';
import type { At } from './lastPlace.ts';
import { OtherQuizzes } from './OtherQuizzes.tsx';
import { ResultsPage } from './ResultsPage.tsx';
import { ReviewPage } from './ReviewPage.tsx';
import { StationPage } from './StationPage.tsx';
import { useWalk } from './useWalk.ts';

/** Join, walk, review, hand in, results; and from one quiz of this phone to another. */
export function WalkApp() {
  const walk = useWalk();
  const { open } = walk;
  const [joining, setJoining] = useState(false);
  const [moved, setMoved] = useState<At | null>(null);
  const onJoined = useCallback(() => {
    setJoining(false);
    setMoved(null);
    void open(null);
  }, [open]);
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
  if (joining) {
    return <JoinPage waiting={waiting.size} onJoined={onJoined} onBack={() => setJoining(false)} />;
  }
  const others = (
    <OtherQuizzes
      sitting={sitting.sitting}
      onOpen={(id) => {
        setMoved(null);
        void open(id);
      }}
      onJoin={() => setJoining(true)}
    />
  );
  if (sitting.state === 'returned') {
    return (
      <ResultsPage
        key={sitting.sitting}
        sitting={sitting.sitting}
        others={others}
        onLeave={() => void walk.leave()}
      />
    );
  }
  const at = moved ?? placeIn(sitting.sitting, window.localStorage);
  const setAt = (to: At): void => {
    keepPlace(sitting.sitting, to, window.localStorage);
    setMoved(to);
  };
  const index = at.kind === 'station' ? Math.min(at.index, sitting.stations.length - 1) : 0;
  const station = sitting.stations[index];
  if (at.kind === 'review' || sitting.submitted || sitting.state === 'closed' || !station) {
    return (
      <ReviewPage
        walk={walk}
        sitting={sitting}
        onStation={(i) => setAt({ kind: 'station', index: i })}
        again={sitting.state === 'open' && at.kind === 'station' && sitting.submitted}
        others={others}
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
