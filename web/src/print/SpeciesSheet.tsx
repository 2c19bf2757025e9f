import { useCallback, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { SpeciesProfile } from '@hurrow/contract';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import { dayOfYear, showDay } from '@hurrow/core/conditions';
import type { Conditions } from '@hurrow/core/conditions';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { ORGAN_LABELS } from '../app/index.ts';
import { Latin } from '../parts/index.ts';
import {
  FORBIDDEN,
  HAZARD_LABELS,
  MonthScale,
  SeasonBand,
  SeasonKey,
  TOPIC_LABELS,
} from '../species/index.ts';
import type { ListView } from '../species/index.ts';
import { PaperFacts } from './PaperFacts.tsx';
import { Plate } from './SpeciesPlate.tsx';
import { MOST_SPARING, seenOn, sheetContent } from './sheetContent.ts';
import type { Audience } from './audience.ts';
import type { SheetContent, Sparing } from './sheetContent.ts';
import '../plates/plates.css';
import '../species/profile.css';
import './speciesSheet.css';

/** Large letters take the room of a large drawing. */
const PLATE: Readonly<Record<Audience, number>> = { young: 0.6, general: 0.72, technical: 0.72 };

const NOTHING_LEFT_OUT: Sparing = { lines: 0, alikes: 0 };

type Write = (sparing: Sparing) => SheetContent;

/**
 * Leaves out more and more until each column holds what is written in it, so that a sheet is one page. What is written otherwise, for
 * other readers or of other knowledge, is fitted from the start.
 */
function useFit(write: Write): readonly [React.RefObject<HTMLDivElement | null>, SheetContent] {
  const columns = useRef<HTMLDivElement>(null);
  const [step, setStep] = useState({ write, sparing: NOTHING_LEFT_OUT });
  const sparing = step.write === write ? step.sparing : NOTHING_LEFT_OUT;
  useLayoutEffect(() => {
    const check = (): void => {
      const box = columns.current;
      const more = (at: number, n: number): number =>
        (box?.children[at]?.scrollHeight ?? 0) > (box?.clientHeight ?? 0) + 1
          ? Math.min(MOST_SPARING, n + 1)
          : n;
      const next = { lines: more(0, sparing.lines), alikes: more(1, sparing.alikes) };
      if (next.lines !== sparing.lines || next.alikes !== sparing.alikes) setStep({ write, sparing: next });
    };
    check();
    // Letters of the final face are wider than those of the one that stands in for it.
    void document.fonts.ready.then(check);
  }, [write, sparing]);
  return [columns, useMemo(() => write(sparing), [write, sparing])];
}

interface Props {
  readonly profile: SpeciesProfile;
  readonly own: DescribedTaxon;
  readonly list: ListView | null;
  readonly vocabulary: Vocabulary;
  readonly conditions: Conditions;
  readonly audience: Audience;
  readonly units: Wording['units'];
  readonly footer: string;
  /** Where the reader is, marked on the map. */
  readonly here: { readonly lat: number; readonly lon: number } | null;
}

/** One species on one page: cautions first, the plate at scale, what to look at, its look-alikes, its year. */
export function SpeciesSheet({
  profile,
  own,
  list,
  vocabulary,
  conditions,
  audience,
  units,
  footer,
  here,
}: Props) {
  const { header } = profile;
  const write = useCallback<Write>(
    (sparing) => sheetContent(profile, own, list, vocabulary, conditions, audience, units, sparing),
    [profile, own, list, vocabulary, conditions, audience, units],
  );
  const [columns, content] = useFit(write);
  const family = profile.above.find((t) => t.rank === 'family');
  const said = profile.names.find((n) => n.kind === 'accepted')?.pronunciation;
  return (
    <article className={`species-sheet ${audience}`} data-species={header.scientific}>
      <header>
        <div>
          <h1>{header.common ?? header.scientific}</h1>
          <p>
            <Latin name={header.scientific} /> {audience === 'technical' ? (header.authority ?? '') : ''}
            {said && audience !== 'technical' ? <span className="quiet"> (say {said})</span> : null}
          </p>
        </div>
        <p className="sheet-family">{family?.scientific ?? ''}</p>
      </header>
      {profile.cautions.length > 0 ? (
        <section className="sheet-cautions" aria-label="Cautions">
          {profile.cautions.map((c) => (
            <p key={`${c.hazard}${c.from ?? ''}`}>
              <b>Caution: {HAZARD_LABELS[c.hazard] ?? c.hazard}.</b> {c.text}
              {c.forbids.length > 0
                ? ` Not allowed: ${c.forbids.map((f) => FORBIDDEN[f] ?? f).join(', ')}.`
                : ''}
            </p>
          ))}
        </section>
      ) : null}
      {content.prose.map((p) => (
        <section key={p.topic} className="sheet-prose" aria-label={TOPIC_LABELS[p.topic] ?? p.topic}>
          <p>
            <b>{TOPIC_LABELS[p.topic] ?? p.topic}.</b> {p.text}
          </p>
        </section>
      ))}
      <figure>
        <Plate
          own={own}
          name={header.scientific}
          vocabulary={vocabulary}
          units={units}
          share={PLATE[audience]}
        />
      </figure>
      <PaperFacts profile={profile} facts={content.facts} here={here} />
      <div className="sheet-columns" ref={columns}>
        <section aria-label="What to look at">
          <h2>What to look at</h2>
          <dl>
            {content.lines.map((l, i) => (
              <div key={l.character}>
                <dt>
                  {content.lines[i - 1]?.organ === l.organ ? null : <b>{ORGAN_LABELS[l.organ]}</b>}{' '}
                  {l.character}
                </dt>
                <dd>{l.value}</dd>
              </div>
            ))}
          </dl>
          {content.lines.length === 0 ? <p>Nothing is recorded yet.</p> : null}
        </section>
        <div>
          <section aria-label="Taken for">
            <h2>Look-alikes</h2>
            {content.alikes.map(({ alike, tells, twins }) => (
              <div key={alike.other.id} className="sheet-alike">
                <h3>
                  {alike.other.common ?? ''} <Latin name={alike.other.scientific} />
                </h3>
                {alike.note?.text ? <p>{alike.note.text}</p> : null}
                {tells.length > 0 ? (
                  <ul>
                    {tells.map((t) => (
                      <li key={t}>{t}</li>
                    ))}
                  </ul>
                ) : twins ? (
                  <p>Nothing that can be seen on this day tells the two apart for certain.</p>
                ) : null}
              </div>
            ))}
            {content.alikes.length === 0 ? <p>None named.</p> : null}
          </section>
        </div>
      </div>
      <section className="sheet-season" aria-label="Through the year">
        <MonthScale />
        <SeasonBand
          windows={own.windows}
          persistence={own.subject.persistence}
          date={conditions.date}
          name={header.scientific}
        />
        <SeasonKey />
      </section>
      <footer>
        <span>
          {showDay(dayOfYear(conditions.date))}: {seenOn(own, conditions.date)}
        </span>
        <span>{footer}</span>
      </footer>
    </article>
  );
}
