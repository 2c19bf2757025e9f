import { MISREAD_CASES, READINGS } from '@hurrow/core/mixups';
import type { Direction, MixUpSettings, Reading, ReadingKind } from '@hurrow/core/mixups';
import type {
  CharacterLevelRow,
  CorrectedReading,
  CountOf,
  Evidence,
  EvidenceCall,
  EvidenceRow,
  LevelRow,
  MixUpGroups,
  MixUpRow,
  MixUps,
  MixUpsByStudent,
  MoreThanSlips,
  PairAtSitting,
  PairNames,
  PairReminder,
  PairSplit,
  PairState,
  PairStudent,
  ReadingRow,
  ReadingsOfClass,
  RetestRow,
  SettingsEffect,
  StudentMixUp,
  StudentMixUps,
  TellSeen,
  TruthRow,
} from '../../index.ts';
import { flag, listOf, nullOr, number, oneOf, record, text } from '../typed.ts';
import type { Of } from '../typed.ts';
import { gradeOutcomeSchema } from './judged.ts';
import { taxonHeaderSchema } from './library.ts';

export const pairStateSchema: Of<PairState> = oneOf(['new', 'repeat', 'stubborn', 'fading', 'fixed']);

export const countOf = record<CountOf>({ k: number, n: number });

export const mixUpRowSchema = record<MixUpRow>({
  truth: taxonHeaderSchema,
  answer: taxonHeaderSchema,
  k: number,
  n: number,
  named: number,
  low: number,
  high: number,
  guesses: number,
  students: number,
  withCalls: number,
  misread: number,
  state: nullOr(pairStateSchema),
  since: nullOr(text),
  looked: number,
  slips: nullOr(
    record<MoreThanSlips>({
      expected: number,
      times: number,
      p: number,
      q: number,
      flagged: flag,
      classes: nullOr(number),
    }),
  ),
  again: countOf,
  at: nullOr(
    record<NonNullable<MixUpRow['at']>>({ k: number, n: number, quiz: text, on: text, station: number }),
  ),
  next: nullOr(record<NonNullable<MixUpRow['next']>>({ sitting: text, quiz: text, on: text })),
  character: nullOr(text),
  characterFrom: nullOr(oneOf(['called', 'fitted'])),
  tagDoubt: nullOr(record<NonNullable<MixUpRow['tagDoubt']>>({ sitting: text, quiz: text, station: number })),
  retest: flag,
});

export const mixUpSettingsSchema = record<MixUpSettings>({
  level: number,
  fewestStudents: number,
  share: number,
  looks: number,
});

const levelRows = listOf(
  record<LevelRow>({
    truth: taxonHeaderSchema,
    answer: taxonHeaderSchema,
    students: number,
    of: number,
    answers: listOf(record<LevelRow['answers'][number]>({ taxon: taxonHeaderSchema, students: number })),
  }),
);

export const evidenceCallSchema = record<EvidenceCall>({
  character: text,
  state: text,
  outcome: gradeOutcomeSchema,
  shown: text,
});

export const readingKind: Of<ReadingKind> = oneOf([...READINGS]);
const readAnswer = {
  readings: listOf(
    record<Reading>({ kind: readingKind, characters: listOf(text), as: nullOr(oneOf([...MISREAD_CASES])) }),
  ),
  corrected: nullOr(
    record<CorrectedReading>({ reading: readingKind, insteadOf: readingKind, by: nullOr(text), at: text }),
  ),
};

export const readingsOfClassSchema = record<ReadingsOfClass>({
  wrong: number,
  counts: listOf(
    record<ReadingsOfClass['counts'][number]>({
      reading: readingKind,
      answers: number,
      students: number,
      corrected: number,
    }),
  ),
  rows: listOf(
    record<ReadingRow>({
      station: text,
      student: text,
      code: text,
      firstName: nullOr(text),
      sitting: text,
      quiz: text,
      on: text,
      number,
      truth: taxonHeaderSchema,
      answer: nullOr(taxonHeaderSchema),
      typed: text,
      ...readAnswer,
    }),
  ),
  unlisted: number,
});

export const evidenceRowSchema = record<EvidenceRow>({
  response: text,
  sittingStation: text,
  student: text,
  code: text,
  firstName: nullOr(text),
  on: text,
  sitting: text,
  quiz: text,
  station: number,
  tag: text,
  typed: text,
  sure: nullOr(text),
  origin: text,
  material: listOf(text),
  handling: listOf(text),
  distance: text,
  calls: listOf(evidenceCallSchema),
  ...readAnswer,
});

export const evidenceSchema = record<Evidence>({
  pair: mixUpRowSchema,
  fresh: countOf,
  met: countOf,
  direction: nullOr(record<Direction>({ share: number, low: number, high: number, more: number })),
  rows: listOf(evidenceRowSchema),
  turned: nullOr(mixUpRowSchema),
  through: listOf(
    record<PairAtSitting>({
      sitting: text,
      quiz: text,
      on: text,
      returnedOn: nullOr(text),
      there: countOf,
      back: countOf,
    }),
  ),
  lessons: listOf(record<Evidence['lessons'][number]>({ on: text, kind: oneOf(['taught', 'retaught']) })),
  effects: listOf(
    record<Evidence['effects'][number]>({
      on: text,
      verdict: oneOf(['helped', 'fell', 'no sign', 'too few']),
      before: countOf,
      after: countOf,
    }),
  ),
  splits: listOf(
    record<PairSplit>({ by: oneOf(['material', 'season', 'class']), of: text, k: number, n: number }),
  ),
  who: listOf(
    record<PairStudent>({
      id: text,
      code: text,
      firstName: nullOr(text),
      first: text,
      again: countOf,
      clean: number,
      resolved: flag,
    }),
  ),
  notes: listOf(record<PairReminder>({ character: nullOr(text), text, mnemonic: nullOr(text) })),
  plainTest: nullOr(record<NonNullable<Evidence['plainTest']>>({ expected: number, p: number })),
  tells: listOf(record<TellSeen>({ character: text, visible: number, right: number, wrong: number })),
});

export const truthRowSchema = record<TruthRow>({
  truth: taxonHeaderSchema,
  n: number,
  right: number,
  other: number,
  unlisted: number,
  blank: number,
  genusOnly: number,
  family: number,
  cannotTell: number,
});

export const mixUpsSchema = record<MixUps>({
  section: text,
  looks: number,
  students: number,
  sittings: listOf(record<MixUps['sittings'][number]>({ id: text, on: text, quiz: text })),
  pairs: listOf(mixUpRowSchema),
  unlistedPairs: number,
  truths: listOf(truthRowSchema),
  small: flag,
  flagsFrom: oneOf(['returns', 'chosen']),
  settings: mixUpSettingsSchema,
  materials: listOf(record<MixUps['materials'][number]>({ material: text, looks: number })),
  forms: listOf(record<MixUps['forms'][number]>({ form: text, looks: number })),
  order: listOf(text),
  clusters: listOf(listOf(text)),
});

export const mixUpGroupsSchema = record<MixUpGroups>({
  levels: record<MixUpGroups['levels']>({ genus: levelRows, family: levelRows, group: levelRows }),
  byCharacter: listOf(
    record<CharacterLevelRow>({
      character: text,
      truth: text,
      answer: text,
      students: number,
      of: number,
      answers: listOf(
        record<CharacterLevelRow['answers'][number]>({ taxon: taxonHeaderSchema, students: number }),
      ),
    }),
  ),
  missed: listOf(
    record<MixUpGroups['missed'][number]>({ truth: taxonHeaderSchema, missed: number, of: number }),
  ),
  inDoubt: listOf(
    record<MixUpGroups['inDoubt'][number]>({ answer: taxonHeaderSchema, wrong: number, truths: number }),
  ),
});

export const mixUpsByStudentSchema = record<MixUpsByStudent>({
  students: listOf(
    record<StudentMixUps>({
      id: text,
      code: text,
      firstName: nullOr(text),
      looks: number,
      right: number,
      mixUps: listOf(
        record<StudentMixUp>({
          truth: taxonHeaderSchema,
          answer: taxonHeaderSchema,
          k: number,
          n: number,
          first: text,
          again: countOf,
          clean: number,
          resolved: flag,
          others: nullOr(countOf),
        }),
      ),
      calls: listOf(
        record<StudentMixUps['calls'][number]>({ character: text, right: number, wrong: number }),
      ),
    }),
  ),
  right: countOf,
  cleanDays: number,
  luck: number,
});

const pairNames = { truth: taxonHeaderSchema, answer: taxonHeaderSchema };

export const settingsEffectSchema = record<SettingsEffect>({
  section: text,
  name: text,
  flagged: listOf(record<PairNames>(pairNames)),
  unflagged: listOf(record<PairNames>(pairNames)),
  states: listOf(
    record<SettingsEffect['states'][number]>({
      ...pairNames,
      from: nullOr(pairStateSchema),
      to: nullOr(pairStateSchema),
    }),
  ),
});

export const retestRowSchema = record<RetestRow>({
  id: text,
  truth: nullOr(taxonHeaderSchema),
  answer: nullOr(taxonHeaderSchema),
  character: nullOr(text),
  keptOn: text,
  looks: number,
  needed: number,
});
