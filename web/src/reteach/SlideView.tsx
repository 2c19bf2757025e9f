import { useMemo } from 'react';
import { address } from '@hurrow/contract';
import type { Value } from '@hurrow/core/characters';
import type { Organ } from '@hurrow/core/conditions';
import { drawnSpecimen, hash } from '@hurrow/core/plates';
import type { DrawnSpecimen, PieceKind } from '@hurrow/core/plates';
import { pieceFor } from '@hurrow/core/reteach';
import type { Slide } from '@hurrow/core/reteach';
import { ComparisonView, Ink, PIECE_WORDS } from '../plates/index.ts';
import { lookWords } from './contrastWords.ts';
import type { Contrast } from './useContrast.ts';

/** Organs that are drawn of the tree, so that the one that was missed is among others. */
const SHOWN: readonly PieceKind[] = ['leaf', 'twig'];
const LARGE = 90;
const ORGAN_OF: Readonly<Record<PieceKind, Organ>> = {
  tree: 'form',
  bark: 'bark',
  leaf: 'leaf',
  detail: 'leaf',
  twig: 'twig',
  fruit: 'fruit',
};

function Drawing({ drawing, name }: { drawing: DrawnSpecimen; name: string }) {
  const { box } = drawing;
  return (
    <svg
      role="img"
      aria-label={name}
      viewBox={`${box.x - 2} ${box.y - 2} ${box.width + 4} ${box.height + 4}`}
    >
      {drawing.marks.map((m, i) => (
        <Ink key={i} mark={m} weight={Math.max(0.8, Math.max(box.width, box.height) / LARGE)} />
      ))}
    </svg>
  );
}

const drawnBefore = new WeakMap<Slide, readonly DrawnSpecimen[]>();

/** The parts of the tree of a slide, drawn as they were checked at it; each slide is drawn once, before it is needed. */
export function drawSlide(contrast: Contrast, slide: Slide): readonly DrawnSpecimen[] {
  const had = drawnBefore.get(slide);
  if (had) return had;
  const own = slide.is === 'first' ? contrast.first : contrast.second;
  const look = contrast.say.vocabulary.get(slide.look);
  const piece = look ? pieceFor(look) : null;
  const tree = slide.kind === 'written' ? contrast.trees.find((t) => t.id === slide.tree) : undefined;
  const values = new Map<string, { readonly value: Value }>(own.described.values);
  for (const [id, value] of Object.entries(tree?.certified ?? {})) values.set(id, { value });
  const seed = slide.kind === 'drawn' ? slide.seed : hash(tree?.id ?? own.header.id);
  const kinds = [...new Set([...(piece ? [piece] : []), ...SHOWN])].slice(0, 3);
  const drawn = kinds.flatMap((k) => drawnSpecimen(values, contrast.say.vocabulary, k, seed) ?? []);
  drawnBefore.set(slide, drawn);
  return drawn;
}

/** The tree of a slide: its parts drawn as they were checked at it, or a photograph of its species where there is one. */
function TheTree({ contrast, slide }: { contrast: Contrast; slide: Slide }) {
  const own = slide.is === 'first' ? contrast.first : contrast.second;
  const look = contrast.say.vocabulary.get(slide.look);
  const piece = look ? pieceFor(look) : null;
  const drawings = useMemo(() => drawSlide(contrast, slide), [contrast, slide]);
  const photo = own.profile.photos.find((p) => p.organ !== null && piece && p.organ === ORGAN_OF[piece]);
  return (
    <div className="slide-tree">
      {drawings.map((d) => (
        <Drawing key={d.kind} drawing={d} name={PIECE_WORDS[d.kind]} />
      ))}
      {photo ? (
        <img src={address('photo', { id: photo.id })} alt={`${PIECE_WORDS[piece ?? 'leaf']}, photograph`} />
      ) : null}
    </div>
  );
}

function Answer({ contrast, slide }: { contrast: Contrast; slide: Slide }) {
  const { first, second, say, plan } = contrast;
  const pair = useMemo(() => [first, second], [first, second]);
  const look = plan.looks.find((l) => l.character.id === slide.look);
  const only = useMemo(() => {
    const character = plan.looks.find((l) => l.character.id === slide.look)?.character;
    const piece = character ? pieceFor(character) : null;
    return piece ? [piece] : [];
  }, [plan.looks, slide.look]);
  const differing = useMemo(() => [slide.look], [slide.look]);
  const name = say.names[slide.is === 'first' ? 0 : 1];
  return (
    <div className="slide-answer">
      <p className="slide-name">
        It was <b>{name}</b>.
      </p>
      {look ? <p className="slide-look">{lookWords(look, say)}</p> : null}
      {only.length > 0 ? (
        <ComparisonView
          all={pair}
          differing={differing}
          vocabulary={say.vocabulary}
          wording={say.wording}
          only={only}
        />
      ) : null}
    </div>
  );
}

/** One slide: what was written and the tree, then the look that was missed with the tell drawn. */
export function SlideView({ contrast, slide, shown }: { contrast: Contrast; slide: Slide; shown: boolean }) {
  return (
    <div className="slide">
      <h1>
        {slide.kind === 'written' ? (
          <>
            Someone wrote: <q>{slide.typed}</q>
          </>
        ) : (
          <>
            Is this {contrast.say.names[0]} or {contrast.say.names[1]}?
          </>
        )}
      </h1>
      {shown ? (
        <Answer contrast={contrast} slide={slide} />
      ) : (
        <>
          <TheTree contrast={contrast} slide={slide} />
          <p className="slide-ask">
            {slide.kind === 'written' ? 'Which look was missed?' : 'Which look tells you?'}
          </p>
        </>
      )}
    </div>
  );
}
