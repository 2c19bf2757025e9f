import { useMemo } from 'react';
import { boxOfFigure, digitsFor, drawPiece, chance, hash, marksOf, typical } from '@hurrow/core/plates';
import type { PieceKind } from '@hurrow/core/plates';
import { readCell } from '@hurrow/core/characters';
import type { Profile, Value, Vocabulary } from '@hurrow/core/characters';
import type { Organ } from '@hurrow/core/conditions';
import { Ink } from './ink.tsx';
import { PIECE_WORDS } from './pieceWords.ts';
import './plates.css';

const PIECE_OF: Readonly<Partial<Record<Organ, PieceKind>>> = {
  form: 'tree',
  bark: 'bark',
  twig: 'twig',
  leaf: 'leaf',
  fruit: 'fruit',
};

/** The pen keeps its weight on the screen whatever the size of the organ. */
const LARGE = 90;

/** The organ that is being written, drawn from what is recorded and from what is typed and not yet saved. */
export function DrawnNow({
  profile,
  typed,
  organ,
  vocabulary,
  name,
}: {
  profile: Profile;
  /** Cells as they stand in the editor, by character. */
  typed: ReadonlyMap<string, string>;
  organ: Organ;
  vocabulary: Vocabulary;
  name: string;
}) {
  const kind = PIECE_OF[organ];
  const drawn = useMemo(() => {
    if (!kind) return null;
    const values = new Map<string, { readonly value: Value }>(profile);
    for (const [id, cell] of typed) {
      const character = vocabulary.get(id);
      const read = character ? readCell(character, cell) : null;
      if (!read?.ok) continue;
      if (read.value) values.set(id, { value: read.value });
      else values.delete(id);
    }
    const piece = drawPiece(kind, typical(values, vocabulary), chance(hash(name)));
    if (!piece) return null;
    const box = boxOfFigure(piece.figure);
    return { box, marks: marksOf(piece.figure, digitsFor(box)) };
  }, [kind, profile, typed, vocabulary, name]);
  if (!kind) return null;
  return (
    <figure className="plate drawn-now" aria-label="Drawn as it is written">
      {drawn ? (
        <svg
          role="img"
          aria-label={`${name}, ${PIECE_WORDS[kind]} as written`}
          viewBox={`${drawn.box.x - 2} ${drawn.box.y - 2} ${drawn.box.width + 4} ${drawn.box.height + 4}`}
        >
          {drawn.marks.map((m, i) => (
            <Ink
              key={i}
              mark={m}
              weight={Math.max(0.8, Math.max(drawn.box.width, drawn.box.height) / LARGE)}
            />
          ))}
        </svg>
      ) : (
        <p className="quiet">Nothing is recorded yet that the {PIECE_WORDS[kind]} could be drawn from.</p>
      )}
      <figcaption className="quiet">{PIECE_WORDS[kind]}, drawn from what is written</figcaption>
    </figure>
  );
}
