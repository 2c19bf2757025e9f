import Joi from 'joi';
import { HANDLINGS, HAZARDS, ORGANS, WINDOW_KINDS } from '@hurrow/core/conditions';
import { NAME_USES } from '@hurrow/core/names';
import { AUDIENCES, PROSE_TOPICS } from '../../index.ts';
import type {
  NameRoot,
  PairBody,
  PhotoBody,
  WeekPageBody,
  QuestionBody,
  RecordTree,
  SeasonBody,
  SpeciesBody,
  SpeciesMergeBody,
  TaxonBody,
} from '../../index.ts';
import { date, id, note, noteOrNull, pattern, place, typedText, whole, words } from '../parts.ts';
import {
  flag,
  listFrom,
  listOf,
  made,
  nullOr,
  oneOf,
  optional,
  record,
  unique,
  withDefault,
} from '../typed.ts';

const parents = unique(listFrom(id, 0, 12));
const mm = made<number>(Joi.number().positive().max(1_000_000));

export const taxonBody = record<TaxonBody>({
  rank: oneOf(['family', 'genus', 'section', 'group', 'species', 'infraspecies', 'cultivar', 'hybrid']),
  scientific: words(160),
  authority: note(120),
  common: withDefault(listFrom(words(160), 0, 20), []),
  parents,
});

export const speciesMergeBody = record<SpeciesMergeBody>({ into: id });

const root = record<NameRoot>({
  name: words(160),
  element: words(60),
  language: words(40),
  meaning: words(120),
  character: withDefault(nullOr(typedText(60)), null),
  state: withDefault(nullOr(typedText(80)), null),
  contested: withDefault(flag, false),
});

const recordTree = record<RecordTree>({
  girth: mm,
  height: mm,
  spread: mm,
  place: withDefault(noteOrNull(160), null),
  year: withDefault(nullOr(whole(1500, 2500)), null),
});

export const speciesBody = record<SpeciesBody>({
  scientific: words(160),
  pronunciation: note(120),
  authority: note(120),
  status: oneOf(['draft', 'checked']),
  parents,
  names: listFrom(
    record<SpeciesBody['names'][number]>({
      kind: oneOf(['synonym', 'older_family', 'common']),
      text: words(160),
      preferred: withDefault(flag, false),
      pronunciation: note(120),
      use: optional(nullOr(oneOf(NAME_USES))),
    }),
    0,
    60,
  ),
  prose: listFrom(
    record<SpeciesBody['prose'][number]>({
      topic: made<string>(oneOf(PROSE_TOPICS)),
      text: words(4000),
      audience: optional(withDefault(oneOf(AUDIENCES), 'general')),
      disputed: optional(withDefault(flag, false)),
    }),
    0,
    40,
  ),
  cautions: listFrom(
    record<SpeciesBody['cautions'][number]>({
      hazard: made<string>(oneOf(HAZARDS)),
      forbids: unique(listOf(made<string>(oneOf([...HANDLINGS, 'collect', 'climbing'])))),
      text: words(600),
    }),
    0,
    12,
  ),
  roots: listFrom(root, 0, 20),
  record: nullOr(recordTree),
});

const dayInYear = pattern(/^\d\d-\d\d$/, 'a day written MM-DD');

export const seasonBody = record<SeasonBody>({
  kind: oneOf(WINDOW_KINDS),
  from: dayInYear,
  to: dayInYear,
  crossesNewYear: withDefault(flag, false),
  ref: record<SeasonBody['ref']>(place),
  source: id,
});

export const questionBody = record<QuestionBody>({ question: words(400) });

export const pairBody = record<PairBody>({
  a: id,
  b: made(id.invalid(Joi.ref('a'))),
  character: nullOr(typedText(60)),
  text: noteOrNull(600),
  mnemonic: noteOrNull(300),
  greater: optional(nullOr(id)),
});

export const weekPageBody = record<WeekPageBody>({
  text: made(Joi.string().trim().allow('').max(3000)),
  photo: nullOr(id),
  tree: nullOr(id),
  place: made(Joi.string().trim().allow('').max(400)),
});

export const photoBody = record<PhotoBody>({
  organ: nullOr(oneOf(ORGANS)),
  takenOn: nullOr(date),
  credit: noteOrNull(160),
});
