import { useMemo } from 'react';
import { comparisonPlate, piecesFor, typical } from '@hurrow/core/plates';
import type { PieceKind } from '@hurrow/core/plates';
import type { TaxonHeader } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { TaxonName } from '../parts/index.ts';
import { Ink } from './ink.tsx';
import { PIECE_WORDS, barWords } from './pieceWords.ts';
import './plates.css';

const SEED = 5;
const ORDER: readonly PieceKind[] = ['leaf', 'detail', 'twig', 'fruit', 'bark', 'tree'];

export interface Compared {
  readonly header: TaxonHeader;
  readonly described: DescribedTaxon;
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
  const made = useMemo(() => {
    const traits = all.map((a) => typical(a.described.profile, vocabulary));
    const kinds = ORDER.filter(
      (k) => (only?.includes(k) ?? true) && traits.some((t) => piecesFor(t).includes(k)),
    );
    return { ...comparisonPlate(traits, kinds, SEED), kinds };
  }, [all, vocabulary, only]);
  const picked = new Set(differing);
  const named = (kind: PieceKind): readonly string[] => {
    const drawn = new Set(made.plate.pieces.filter((p) => p.kind === kind).flatMap((p) => p.by));
    return differing.filter((c) => drawn.has(c)).slice(0, 4);
  };
  return (
    <figure className="plate comparison">
      <div className="comparison-heads" style={{ gridTemplateColumns: `120px repeat(${all.length}, 1fr)` }}>
        <span />
        {all.map((a) => (
          <TaxonName key={a.header.id} taxon={a.header} />
        ))}
      </div>
      {made.rows.map((row) => {
        const pieces = made.plate.pieces.filter((p) => p.kind === row.kind);
        const height = Math.max(...pieces.map((p) => p.box.y + p.box.height)) - row.top + 2;
        const differ = named(row.kind);
        return (
          <div key={row.kind} className="comparison-row">
            <div className="comparison-words">
              <b>{PIECE_WORDS[row.kind]}</b>
              {differ.length > 0 ? (
                <ul className="plain-list">
                  {differ.map((c) => {
                    const found = vocabulary.get(c);
                    return <li key={c}>{found ? characterWords(found, wording.words) : c}</li>;
                  })}
                </ul>
              ) : (
                <span className="quiet">nothing drawn differs</span>
              )}
              {row.bar ? (
                <span className="quiet number">
                  <svg
                    className="bar"
                    viewBox={`0 0 ${row.bar.page + 1} 3`}
                    aria-hidden="true"
                    style={{ width: `${row.bar.page * 3}px` }}
                  >
                    <path d={`M.5 1.5h${row.bar.page}m0 -1v2m${-row.bar.page} 0v-2`} />
                  </svg>{' '}
                  {barWords(row.bar.mm)}
                </span>
              ) : null}
            </div>
            <svg
              viewBox={`0 ${row.top} ${made.plate.width} ${height}`}
              role="img"
              aria-label={`${PIECE_WORDS[row.kind]} of ${all.map((a) => a.header.scientific).join(' and ')}`}
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
      })}
    </figure>
  );
}
