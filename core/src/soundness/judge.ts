import { judgeItems } from './items.ts';
import type { Item } from './items.ts';
import { checkKey } from './keyCheck.ts';
import type { KeyCheck, NamedStation } from './keyCheck.ts';
import { throughTime } from './link.ts';
import type { OnScale, Sat } from './link.ts';
import { reliabilityOf } from './reliability.ts';
import type { Reliability } from './reliability.ts';
import { scaleOf } from './scale.ts';
import type { Scale } from './scale.ts';
import { FEWEST } from './types.ts';
import type { Scores } from './types.ts';

/** Everything a judgement of a quiz rests on, as plain data that can be copied to a thread. */
export interface QuizAnswers {
  /** The species named right or wrong at each station. */
  readonly names: Scores;
  /** The points earned at each station. */
  readonly points: Scores;
  readonly named: readonly NamedStation[];
  /** Stations of all quizzes to compare names with. */
  readonly all: readonly NamedStation[];
  readonly own: Sat;
  readonly earlier: readonly Sat[];
}

export interface QuizSoundness {
  /** What there is too little of to judge anything but counts. */
  readonly tooFew: readonly ('students' | 'stations')[];
  readonly students: number;
  readonly stations: number;
  readonly items: readonly Item[];
  readonly reliability: Reliability;
  readonly scale: Scale;
  readonly checks: readonly KeyCheck[];
  readonly through: readonly OnScale[];
}

const ORDER = { check: 0, hint: 1, none: 2 } as const;

/**
 * Judges a quiz by its answers: stations one by one, the whole, difficulty and ability on one scale, and tags that the
 * answers speak against, the surest first. From 10 students by 8 stations; below, only counts.
 * Source: docs/formulas.md, Was the quiz sound.
 */
export function judgeQuiz({ names, points, named, all, own, earlier }: QuizAnswers): QuizSoundness {
  const students = names.at.filter((row) => row.some((v) => v !== null)).length;
  const items = judgeItems(names);
  const tooFew = [
    ...(students < FEWEST.students ? (['students'] as const) : []),
    ...(items.length < FEWEST.stations ? (['stations'] as const) : []),
  ];
  const base = { tooFew, students, stations: items.length };
  if (tooFew.length > 0) {
    const correlation = { is: 'undefined', why: 'too_few' } as const;
    return {
      ...base,
      items: items.map((i) => ({ ...i, correlation })),
      reliability: { is: 'undefined', why: 'too_few', students },
      scale: { is: 'undefined', why: 'too_few' },
      checks: [],
      through: [],
    };
  }
  return {
    ...base,
    items,
    reliability: reliabilityOf(points),
    scale: scaleOf(names),
    checks: named
      .flatMap((s) => checkKey(s, all) ?? [])
      .sort((a, b) => ORDER[a.verdict] - ORDER[b.verdict] || b.logRatio - a.logRatio),
    through: throughTime(own, earlier),
  };
}
