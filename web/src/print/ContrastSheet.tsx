import { useMemo } from 'react';
import type { Wording } from '@hurrow/core/characters';
import { showDate } from '@hurrow/core/conditions';
import { useSession, useView } from '../app/index.ts';
import { Latin } from '../parts/index.ts';
import { Check, ContrastCautions, Looks, Plates, Remember } from '../reteach/index.ts';
import type { Contrast } from '../reteach/index.ts';
import { PrintBar } from './PrintBar.tsx';
import type { Audience } from './audience.ts';
import { useAudience } from './useAudience.tsx';
import { useContrastPaper } from './useContrastPaper.ts';
import './contrastPaper.css';

/** Looks on a sheet: the young are given two. */
const LOOKS: Readonly<Record<Audience, number>> = { young: 2, general: 4, technical: 4 };

function Names({ contrast, audience }: { contrast: Contrast; audience: Audience }) {
  const of = (laid: Contrast['first']) => (
    <>
      {audience === 'technical' ? (
        <Latin name={laid.header.scientific} />
      ) : (
        (laid.header.common ?? laid.header.scientific)
      )}
      {audience === 'general' && laid.header.common ? (
        <span className="paper-latin">
          {' '}
          <Latin name={laid.header.scientific} />
        </span>
      ) : null}
    </>
  );
  return (
    <h1>
      {of(contrast.first)} and {of(contrast.second)}
    </h1>
  );
}

/** Two look-alikes on one page: what to look at in which order, at one scale, what to remember, and a check. */
export function ContrastSheet() {
  const [audience, choice] = useAudience();
  const { wording: said, conditions } = useView();
  const { today, workspace } = useSession();
  const wording = useMemo(
    (): Wording => ({ ...said, words: audience === 'technical' ? 'technical' : 'plain' }),
    [said, audience],
  );
  const { contrast, gone, title, back } = useContrastPaper(wording);
  const most = LOOKS[audience];
  return (
    <main className="sheet-of-print">
      <PrintBar title={`Contrast sheet: ${title}`} about="One page." back={back} backTo="the lesson" />
      {choice}
      {contrast ? (
        <article className={`contrast-sheet ${audience}`}>
          <Names contrast={contrast} audience={audience} />
          <ContrastCautions contrast={contrast} />
          <section aria-label="Look in this order">
            <h2>Look in this order</h2>
            <Looks contrast={contrast} most={most} />
          </section>
          <div className="contrast-sheet-plates">
            <Plates contrast={contrast} most={most} />
          </div>
          {audience === 'young' ? null : (
            <section aria-label="To remember">
              <h2>To remember</h2>
              <Remember contrast={contrast} />
            </section>
          )}
          <section aria-label="Check yourself">
            <h2>Check yourself</h2>
            <Check contrast={contrast} answers={false} />
          </section>
          <footer>
            <span>What can be seen on {showDate(conditions.date, today)}</span>
            <span>{workspace}</span>
          </footer>
        </article>
      ) : (
        <p className="quiet">{gone ? 'This pair is not in the library.' : 'Reading…'}</p>
      )}
    </main>
  );
}
