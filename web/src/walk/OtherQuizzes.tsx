import { useEffect, useState } from 'react';
import Button from 'antd/es/button';
import type { WalkSeat } from '@hurrow/contract';
import { request } from '../api/request.ts';
import { othersOf } from './seats.ts';

/** The other quizzes this phone is in, each a press away, and the way into a new one. */
export function OtherQuizzes({
  sitting,
  onOpen,
  onJoin,
}: {
  sitting: string;
  onOpen: (sitting: string) => void;
  onJoin: () => void;
}) {
  const [seats, setSeats] = useState<readonly WalkSeat[]>([]);
  useEffect(() => {
    let live = true;
    // Without the network there is nothing to go over to, and nothing to say about it.
    request('walkSittings').then(
      (all) => {
        if (live) setSeats(all);
      },
      () => undefined,
    );
    return () => {
      live = false;
    };
  }, [sitting]);
  const others = othersOf(seats, sitting);
  return (
    <section className="other-quizzes" aria-label="Other quizzes">
      {others.length > 0 ? <h2>Other quizzes on this phone</h2> : null}
      {others.map((o) => (
        <Button key={o.sitting} block size="large" onClick={() => onOpen(o.sitting)}>
          {o.words}
        </Button>
      ))}
      <Button block size="large" type="text" onClick={onJoin}>
        Join another quiz
      </Button>
    </section>
  );
}
