import { numbersBeyond } from './limits.ts';
import { metaphors, noSeparator, rootsContradicted, tenTimesTheGenus } from './neighbours.ts';
import {
  bundlesOnSpurs,
  fleshyAndDry,
  flowersApart,
  fruitBeforeFlower,
  leafOrLeaflet,
  oneZone,
  perfectFamily,
  sproutsUnripe,
  surfacesSwapped,
  twoSexualSystems,
} from './structure.ts';
import type { Asked, AskedAmong, Question } from './types.ts';

export { beyondLimits } from './limits.ts';
export type { Asked, AskedAmong, Question, QuestionCode } from './types.ts';

/**
 * What a botanist would ask about a profile. Nothing is refused: each question says what looks odd and what it may be.
 * Source: docs/domain.md, Questions.
 */
export function questionsAbout(asked: Asked, among: AskedAmong): readonly Question[] {
  const single = [
    leafOrLeaflet(asked),
    surfacesSwapped(asked, among),
    flowersApart(asked),
    fruitBeforeFlower(asked),
    twoSexualSystems(asked),
    perfectFamily(asked),
    fleshyAndDry(asked, among),
    sproutsUnripe(asked),
    oneZone(asked),
    bundlesOnSpurs(asked),
  ].filter((q) => q !== null);
  return [
    ...single,
    ...numbersBeyond(asked, among),
    ...tenTimesTheGenus(asked, among),
    ...metaphors(asked, among),
    ...noSeparator(asked),
    ...rootsContradicted(asked, among),
  ];
}
