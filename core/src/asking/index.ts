import type { QuestionKind } from '../quizzes/index.ts';
import { inJanuary, nextLook, whichOfTwo } from './byCharacter.ts';
import { findBud, matchParts, termDrawing } from './byDrawing.ts';
import { growsHere, oddOneOut, ruleBreaker, spelling } from './bySpecies.ts';
import type { AskGround, Made } from './ground.ts';

export { drawPart } from './byDrawing.ts';
export { nearest } from './nearest.ts';
export type { AskGround, Made, Named, RuleOnList } from './ground.ts';

const MAKERS: Readonly<Record<QuestionKind, (g: AskGround) => Made>> = {
  which_of_two: whichOfTwo,
  next_look: nextLook,
  odd_one_out: oddOneOut,
  match_parts: matchParts,
  january: inJanuary,
  grows_here: growsHere,
  find_bud: findBud,
  rule_breaker: ruleBreaker,
  spelling,
  term_drawing: termDrawing,
};

/**
 * Makes a question of a kind for a tree from what is recorded, with its right answer; or says why none can be made.
 * Source: docs/domain.md, Kinds of question.
 */
export const makeQuestion = (kind: QuestionKind, ground: AskGround): Made => MAKERS[kind](ground);
