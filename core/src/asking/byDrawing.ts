import { stateWords } from '../characters/index.ts';
import type { Character } from '../characters/index.ts';
import { boxOfFigure, chance, drawPiece, glossaryDrawing, hash, typical } from '../plates/index.ts';
import type { Box, Stroke } from '../plates/index.ts';
import { DRAWN_PARTS } from '../quizzes/index.ts';
import type { AskOption, DrawnPart } from '../quizzes/index.ts';
import { WHY_NOT, labelOf, lettered, question, shuffled } from './ground.ts';
import type { AskGround, Made, Named } from './ground.ts';

const MATCHED = 4;
const FEWEST = 3;

/** A part of a species as it is drawn, always the same; null where nothing it is drawn from is recorded. */
export function drawPart(g: Pick<AskGround, 'described' | 'vocabulary'>, taxon: string, part: DrawnPart) {
  const own = g.described.get(taxon);
  return own ? drawPiece(part, typical(own.values, g.vocabulary), chance(hash(`${taxon}/${part}`))) : null;
}

/** Pairs each option with the other that belongs to it, and puts both sides in an order of their own. */
function matching(
  kind: 'match_parts' | 'term_drawing',
  prompt: string,
  sides: readonly { readonly left: Omit<AskOption, 'id'>; readonly right: Omit<AskOption, 'id'> }[],
  next: () => number,
): Made {
  const options = lettered(
    sides.map((s) => s.left),
    next,
  );
  const others = lettered(
    sides.map((s) => s.right),
    next,
    'd',
  );
  const pairs = sides.flatMap((s) => {
    const left = options.find((o) => o.label === s.left.label);
    const right = others.find((o) => JSON.stringify(o.draw) === JSON.stringify(s.right.draw));
    return left && right ? [[left.id, right.id] as const] : [];
  });
  return question(kind, prompt, { options, others, pairs });
}

const PART_WORDS: Readonly<Record<DrawnPart, string>> = {
  leaf: 'leaf',
  twig: 'twig',
  bark: 'bark',
  fruit: 'cone or fruit',
};

/** Matches species with how a part of each is drawn: the tree's own, and its closest look-alikes. */
export function matchParts(g: AskGround, wanted: DrawnPart | null = null): Made {
  const parts = wanted ? [wanted] : shuffled(DRAWN_PARTS, g.next);
  const near = [g.own.id, ...g.closest];
  const ordered: readonly Named[] = near.flatMap(
    (id) => g.list.find((n) => n.id === id) ?? (id === g.own.id ? g.own : []),
  );
  for (const part of parts) {
    const drawn = ordered.filter((n) => drawPart(g, n.id, part) !== null).slice(0, MATCHED);
    if (drawn.length < FEWEST || drawn[0]?.id !== g.own.id) continue;
    return matching(
      'match_parts',
      `Match each species with its ${PART_WORDS[part]}.`,
      drawn.map((n) => ({
        left: { label: labelOf(n), taxon: n.id },
        right: { label: '', taxon: n.id, draw: { taxon: n.id, part } },
      })),
      g.next,
    );
  }
  return WHY_NOT('Too little is recorded to draw a part of it and of its look-alikes.');
}

const drawable = (c: Character) => c.states.filter((s) => !s.retired && glossaryDrawing(c.id, s.id) !== null);

/** Matches terms of a character that the tree shows with their drawings. */
export function termDrawing(g: AskGround): Made {
  const own = g.described.get(g.own.id);
  const of = [...(own?.values.keys() ?? [])].flatMap((id) => g.vocabulary.get(id) ?? []);
  const [c] = shuffled(
    of.filter((x) => drawable(x).length >= FEWEST),
    g.next,
  );
  if (!c) return WHY_NOT('No character of this tree has terms that are drawn.');
  const states = shuffled(drawable(c), g.next).slice(0, MATCHED);
  return matching(
    'term_drawing',
    'Match each term with its drawing.',
    states.map((s) => ({
      left: { label: stateWords(c, s.id, g.wording.words) },
      right: { label: '', draw: { character: c.id, state: s.id } },
    })),
    g.next,
  );
}

/** How near a tap must come, as a share of the drawing. */
const WITHIN = 0.12;

function middleOf(strokes: readonly Stroke[]): { readonly x: number; readonly y: number } {
  const points = strokes.flatMap((s) => s.points);
  const xs = points.map(([x]) => x);
  const ys = points.map(([, y]) => y);
  return { x: (Math.min(...xs) + Math.max(...xs)) / 2, y: (Math.min(...ys) + Math.max(...ys)) / 2 };
}

/** The bud at the tip of a drawn twig, as shares of the drawing's width and height; null where there is none. */
function bud(strokes: readonly Stroke[], box: Box): { readonly x: number; readonly y: number } | null {
  const buds = strokes.filter((s) => s.part === 'bud');
  const top = (s: Stroke): number => Math.min(...s.points.map(([, y]) => y));
  const [tip] = [...buds].sort((a, b) => top(a) - top(b));
  if (!tip) return null;
  const at = middleOf([tip]);
  return { x: (at.x - box.x) / box.width, y: (at.y - box.y) / box.height };
}

/** Finds the bud at the tip of a drawn twig of the tree. */
export function findBud(g: AskGround): Made {
  const piece = drawPart(g, g.own.id, 'twig');
  const at = piece ? bud(piece.figure.strokes, boxOfFigure(piece.figure)) : null;
  if (!at) return WHY_NOT('No bud of this tree can be drawn.');
  return question('find_bud', 'Tap the bud at the tip of this twig.', {
    drawing: { taxon: g.own.id, part: 'twig' },
    place: { ...at, within: WITHIN },
  });
}
