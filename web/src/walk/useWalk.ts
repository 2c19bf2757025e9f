import { useEffect, useState, useSyncExternalStore } from 'react';
import { v4 } from 'uuid';
import type { AnswerBox } from '@hurrow/core/quizzes';
import { walkController } from './engine/index.ts';
import type { Content, WalkController, WalkState } from './engine/index.ts';
import { phoneServer } from './server.ts';
import { phoneStore } from './store.ts';

export type { Content } from './engine/index.ts';

export interface Walk extends Pick<
  WalkController,
  'refresh' | 'open' | 'tryAgain' | 'handIn' | 'takeBack' | 'leave'
> {
  readonly state: WalkState;
  /** What may be checked instead of an answer. */
  readonly box: AnswerBox;
  readonly answerOf: (ask: string) => Content;
  readonly answer: (ask: string, content: Content) => void;
  /** Keeps what is being typed without making it an answer yet. */
  readonly draft: (ask: string, text: string) => void;
}

const after = (ms: number, fn: () => void): (() => void) => {
  const timer = window.setTimeout(fn, ms);
  return () => window.clearTimeout(timer);
};

const newController = (): WalkController =>
  walkController({
    store: phoneStore,
    server: phoneServer,
    newId: v4,
    now: () => new Date().toISOString(),
    after,
    random: Math.random,
  });

/** The walk on this phone, as its pages read it. */
export function useWalk(): Walk {
  const [walk] = useState(newController);
  const state = useSyncExternalStore(walk.subscribe, walk.state);
  useEffect(() => {
    // The first read begins after the first paint, so that the page never waits for the network.
    const callOff = after(0, () => void walk.refresh());
    // Spread over two seconds: a class regains its network together.
    const online = (): void => void after(Math.random() * 2000, () => void walk.refresh());
    window.addEventListener('online', online);
    return () => {
      callOff();
      walk.stop();
      window.removeEventListener('online', online);
    };
  }, [walk]);
  return {
    state,
    box: state.sitting?.box ?? 'none',
    answerOf: (ask) => state.contents.get(ask) ?? {},
    // What goes wrong in these is part of the state, so nothing is left to catch.
    answer: (ask, content) => void walk.answer(ask, content),
    draft: (ask, text) => void walk.draft(ask, text),
    refresh: walk.refresh,
    open: walk.open,
    tryAgain: walk.tryAgain,
    handIn: walk.handIn,
    takeBack: walk.takeBack,
    leave: walk.leave,
  };
}
