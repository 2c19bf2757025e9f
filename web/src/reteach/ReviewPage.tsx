import { useEffect, useMemo, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import Button from 'antd/es/button';
import { START, moveOfKey, movedTo, reviewOf } from '@hurrow/core/reteach';
import type { At, Move, Review } from '@hurrow/core/reteach';
import { useRead } from '../api/index.ts';
import { useClassAtHand, useGo } from '../app/index.ts';
import { Nothing } from '../parts/index.ts';
import { SlideView, drawSlide } from './SlideView.tsx';
import { useContrast } from './useContrast.ts';
import type { Contrast } from './useContrast.ts';
import './review.css';

/** Full screen where the browser allows it. */
const toggleFullScreen = (): void => {
  if (document.fullscreenElement) void document.exitFullscreen();
  else void document.documentElement.requestFullscreen().catch(() => undefined);
};

function Slides({ contrast, review }: { contrast: Contrast; review: Review }) {
  const go = useGo();
  const [at, setAt] = useState<At>(START);
  const [blank, setBlank] = useState(false);
  const total = review.slides.length;
  const back = `/reteach/${contrast.first.header.id}/${contrast.second.header.id}`;
  useEffect(() => {
    const press = (e: KeyboardEvent): void => {
      // A button that has the focus is pressed by its own keys.
      if (e.target instanceof HTMLButtonElement && (e.key === 'Enter' || e.key === ' ')) return;
      const move = moveOfKey(e.key);
      if (move === null || e.ctrlKey || e.metaKey || e.altKey) return;
      e.preventDefault();
      if (move === 'leave') go(back);
      else if (move === 'blank') setBlank((b) => !b);
      else {
        setBlank(false);
        setAt((now) => movedTo(now, move, total));
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [go, back, total]);
  // Slides are drawn one after the other while nobody presses, so that a press only shows them.
  useEffect(() => {
    let left = [...review.slides];
    let waiting = 0;
    const draw = (): void => {
      const [next, ...rest] = left;
      if (!next) return;
      drawSlide(contrast, next);
      left = rest;
      waiting = window.setTimeout(draw);
    };
    waiting = window.setTimeout(draw);
    return () => window.clearTimeout(waiting);
  }, [contrast, review]);
  const step = (move: Move): void => setAt((now) => movedTo(now, move, total));
  const slide = review.slides[at.slide];
  if (blank) return <div className="review blank" role="status" aria-label="The screen is blank. Press B." />;
  return (
    <main className="review">
      <div className="review-stage" aria-live="polite">
        {slide ? (
          <SlideView contrast={contrast} slide={slide} shown={at.shown} />
        ) : (
          <div className="slide">
            <h1>That is all.</h1>
            <p className="slide-ask">
              {contrast.say.names[0]} and {contrast.say.names[1]}: say the looks in order, without the screen.
            </p>
          </div>
        )}
      </div>
      <footer className="review-foot">
        <Button onClick={() => go(back)}>Leave</Button>
        <Button onClick={toggleFullScreen}>Full screen</Button>
        <span className="quiet number">
          {Math.min(at.slide + 1, total)} of {total}
          {review.leftOut > 0
            ? `; ${review.leftOut} left out: no look of this lesson could be seen there`
            : ''}
        </span>
        <span className="spring" />
        <span className="quiet">arrow keys or a clicker; B blanks the screen</span>
        <Button onClick={() => step('back')}>Back</Button>
        <Button type="primary" onClick={() => step('next')}>
          {slide && !at.shown ? 'Show answer' : 'Next'}
        </Button>
      </footer>
    </main>
  );
}

function OfClass({ contrast, section }: { contrast: Contrast; section: string }) {
  const { first, second, plan } = contrast;
  const answers = useRead('review', { id: section, truth: first.header.id, answer: second.header.id });
  const review = useMemo(
    () =>
      answers.data
        ? reviewOf(
            answers.data,
            first.header.id,
            plan.looks.map((l) => l.character.id),
          )
        : null,
    [answers.data, first, plan],
  );
  if (answers.error)
    return (
      <Nothing title="The answers could not be read">
        Load the page again. Results have to be returned first.
      </Nothing>
    );
  if (!review) return <p className="page-note quiet">Reading…</p>;
  if (review.slides.length === 0)
    return (
      <Nothing title="Nothing to project on this day">
        No look of this lesson can be seen now. Choose another date on the page of the lesson.
      </Nothing>
    );
  return <Slides contrast={contrast} review={review} />;
}

/** A review for a projector: wrong answers of nobody, the look that was missed, and the tell drawn. */
export function ReviewPage() {
  const { a = '', b = '' } = useParams();
  const [search] = useSearchParams();
  const { section, ready } = useClassAtHand();
  const { contrast, gone } = useContrast(a, b, search.get('leave')?.split(',') ?? []);
  useEffect(() => {
    document.title = 'Review · Hurrow';
  }, []);
  if (gone || (ready && !section))
    return <Nothing title="Nothing to project">Choose a class and two species of the library.</Nothing>;
  if (!contrast || !section) return <p className="page-note quiet">Reading…</p>;
  return <OfClass contrast={contrast} section={section.id} />;
}
