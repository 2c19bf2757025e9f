import { useMemo } from 'react';
import { barIn, comparisonPlate, piecesFor, typical } from '@hurrow/core/plates';
import type { PieceKind, Traits } from '@hurrow/core/plates';
import type { TaxonHeader } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { Later, TaxonName } from '../parts/index.ts';
import { Ink } from './ink.tsx';
import { PIECE_WORDS } from './pieceWords.ts';
import './plates.css';

const SEED = 5;
const MOST_NAMED = 4;
const ORDER: readonly PieceKind[] = ['leaf', 'detail', 'twig', 'fruit', 'bark', 'tree'];

export interface Compared {
  readonly header: TaxonHeader;
  readonly described: DescribedTaxon;
}

/** One organ of all of them. It is worked out by itself, so that a page of six is drawn in six steps. */
function Organ({
  kind,
  traits,
  all,
  differing,
  vocabulary,
  wording,
}: {
  kind: PieceKind;
  traits: readonly Traits[];
  all: readonly Compared[];
  differing: readonly string[];
  vocabulary: Vocabulary;
  wording: Wording;
}) {
  const made = useMemo(() => comparisonPlate(traits, [kind], SEED), [traits, kind]);
  const { pieces } = made.plate;
  const [row] = made.rows;
  const bar = row?.bar ? barIn(row.bar, wording.units) : null;
  const picked = new Set(differing);
  const drawn = new Set(pieces.flatMap((p) => p.by));
  const named = differing.filter((c) => drawn.has(c)).slice(0, MOST_NAMED);
  const height = Math.max(...pieces.map((p) => p.box.y + p.box.height)) + 2;
  return (
    <div className="comparison-row">
      <div className="comparison-words">
        <b>{PIECE_WORDS[kind]}</b>
        {named.length > 0 ? (
          <ul className="plain-list">
            {named.map((c) => {
              const found = vocabulary.get(c);
              return <li key={c}>{found ? characterWords(found, wording.words) : c}</li>;
            })}
          </ul>
        ) : (
          <span className="quiet">nothing drawn differs</span>
        )}
        {bar ? (
          <span className="quiet number">
            <svg
              className="bar"
              viewBox={`0 0 ${bar.page + 1} 3`}
              aria-hidden="true"
              style={{ width: `${bar.page * 3}px` }}
            >
              <path d={`M.5 1.5h${bar.page}m0 -1v2m${-bar.page} 0v-2`} />
            </svg>{' '}
            {bar.words}
          </span>
        ) : null}
      </div>
      <svg
        viewBox={`0 0 ${made.plate.width} ${height}`}
        role="img"
        aria-label={`${PIECE_WORDS[kind]} of ${all.map((a) => a.header.scientific).join(' and ')}`}
      >
        {pieces.map((p, i) =>
          p.recorded ? (
            <g key={i}>
              {p.marks.map((m, k) => (
                <Ink
                  key={k}
                  mark={m}
                  picked={m.by.slice(0, 3).some((c) => picked.has(c)) && m.ink !== 'none'}
                />
              ))}
            </g>
          ) : (
            <text key={i} className="plate-note" x={p.box.x + p.box.width / 2} y={p.box.y + 10}>
              not recorded
            </text>
          ),
        )}
      </svg>
    </div>
  );
}

/**
 * Two to four species at one scale, organ by organ; organs in which they differ stand first and what differs is
 * picked out and named.
 */
export function ComparisonView({
  all,
  differing,
  vocabulary,
  wording,
  only,
}: {
  all: readonly Compared[];
  /** Characters in which they clearly differ, the best first. */
  differing: readonly string[];
  vocabulary: Vocabulary;
  wording: Wording;
  /** The pieces that are drawn; all that there are where left out. */
  only?: readonly PieceKind[];
}) {
  const traits = useMemo(() => all.map((a) => typical(a.described.profile, vocabulary)), [all, vocabulary]);
  const kinds = ORDER.filter(
    (k) => (only?.includes(k) ?? true) && traits.some((t) => piecesFor(t).includes(k)),
  );
  return (
    <figure className="plate comparison">
      <div className="comparison-heads" style={{ gridTemplateColumns: `120px repeat(${all.length}, 1fr)` }}>
        <span />
        {all.map((a) => (
          <TaxonName key={a.header.id} taxon={a.header} />
        ))}
      </div>
      {kinds.map((kind) => (
        <Later key={kind}>
          {() => (
            <Organ
              kind={kind}
              traits={traits}
              all={all}
              differing={differing}
              vocabulary={vocabulary}
              wording={wording}
            />
          )}
        </Later>
      ))}
    </figure>
  );
}
