import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { contrastsAmong, tellSentence } from '@hurrow/core/compare';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import { showDate } from '@hurrow/core/conditions';
import { pieceFor } from '@hurrow/core/reteach';
import { useHere, useSession, useView, useVocabulary } from '../app/index.ts';
import { useTrayProfiles } from '../compare/index.ts';
import type { Laid } from '../compare/index.ts';
import { Latin, TaxonName } from '../parts/index.ts';
import { ComparisonView } from '../plates/index.ts';
import { PrintBar } from './PrintBar.tsx';
import type { Audience } from './audience.ts';
import { useAudience } from './useAudience.tsx';
import './contrastPaper.css';

const MOST = 4;
/** Tells of a pair by how many pairs there are on the page: two species have one, four have six. */
const TELLS: Readonly<Record<number, number>> = { 1: 5, 3: 3, 6: 2 };

const nameOf = ({ header }: Laid, audience: Audience): string =>
  audience === 'technical' ? header.scientific : (header.common ?? header.scientific);

function Page({
  laid,
  audience,
  vocabulary,
  wording,
}: {
  laid: readonly Laid[];
  audience: Audience;
  vocabulary: Vocabulary;
  wording: Wording;
}) {
  const { conditions } = useView();
  const { today, workspace } = useSession();
  const pairs = useMemo(() => {
    const count = (laid.length * (laid.length - 1)) / 2;
    return contrastsAmong(
      laid.map((l) => l.described),
      vocabulary,
      conditions,
      TELLS[count] ?? 2,
    );
  }, [laid, vocabulary, conditions]);
  const drawn = useMemo(() => {
    const organs = new Set(pairs.flatMap((p) => p.tells.flatMap((t) => pieceFor(t.character) ?? [])));
    return {
      differing: [...new Set(pairs.flatMap((p) => p.tells.map((t) => t.character.id)))],
      only: organs.size > 0 ? [...organs] : (['leaf', 'twig'] as const),
    };
  }, [pairs]);
  const cautions = laid.flatMap((l) => l.profile.cautions.map((c) => ({ ...c, of: l.header })));
  return (
    <article className={`contrast-sheet ${audience}`}>
      <h1>{laid.map((l) => nameOf(l, audience)).join(', ')}</h1>
      {cautions.length > 0 ? (
        <div className="caution">
          {cautions.map((c, i) => (
            <div key={i}>
              <Latin name={c.of.scientific} />: {c.text}
            </div>
          ))}
          {cautions.some((c) => c.text.includes('local rules')) ? null : <div>Follow local rules.</div>}
        </div>
      ) : null}
      <div className={`pair-tells of-${laid.length}`}>
        {pairs.map((p) => {
          const [a, b] = [laid[p.a], laid[p.b]];
          return a && b ? (
            <section key={`${p.a}.${p.b}`} aria-label={`${nameOf(a, audience)} and ${nameOf(b, audience)}`}>
              <h2>
                {nameOf(a, audience)} and {nameOf(b, audience)}
              </h2>
              {p.tells.length === 0 ? (
                <p>Nothing that can be seen on this day tells them apart for certain.</p>
              ) : null}
              <ol>
                {p.tells.map((t) => (
                  <li key={t.character.id}>
                    {tellSentence(t, [nameOf(a, audience), nameOf(b, audience)], wording)}
                  </li>
                ))}
              </ol>
            </section>
          ) : null;
        })}
      </div>
      <div className="contrast-sheet-plates">
        <ComparisonView
          all={laid}
          differing={drawn.differing}
          vocabulary={vocabulary}
          wording={wording}
          only={drawn.only}
        />
      </div>
      <footer>
        <span>What can be seen on {showDate(conditions.date, today)}</span>
        <span>{workspace}</span>
      </footer>
    </article>
  );
}

/** Two to four species of the bench on one page: what tells every two of them apart, and all of them at one scale. */
export function BenchSheet() {
  const [search] = useSearchParams();
  const ids = useMemo(
    () => (search.get('species') ?? '').split(',').filter(Boolean).slice(0, MOST),
    [search],
  );
  const [audience, choice] = useAudience();
  const { wording: said } = useView();
  const wording = useMemo(
    (): Wording => ({ ...said, words: audience === 'technical' ? 'technical' : 'plain' }),
    [said, audience],
  );
  const vocabulary = useVocabulary();
  const { place, ready } = useHere();
  const laid = useTrayProfiles(ids, vocabulary, place, ready);
  return (
    <main className="sheet-of-print">
      <PrintBar title="Contrast sheet of the bench" about="One page." back="/compare" backTo="the bench" />
      {choice}
      {laid && vocabulary ? (
        laid.length < 2 ? (
          <p>
            A contrast sheet holds two to four species.{' '}
            {laid.map((l) => (
              <TaxonName key={l.header.id} taxon={l.header} />
            ))}{' '}
            {laid.length === 1
              ? 'stands alone; add another to the bench.'
              : 'None of those named is in the library.'}
          </p>
        ) : (
          <Page laid={laid} audience={audience} vocabulary={vocabulary} wording={wording} />
        )
      ) : (
        <p className="quiet">Reading…</p>
      )}
    </main>
  );
}
