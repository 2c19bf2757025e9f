import type Joi from 'joi';
import { WINDOW_KINDS } from '@hurrow/core/conditions';
import type { ListBody, ListCopyBody, ListText, SightingBody, SiteBody } from '../../index.ts';
import { date, id, note, place, typedText, whole, within, words } from '../parts.ts';
import { flag, listFrom, made, nullOr, oneOf, optional, record, withDefault } from '../typed.ts';

const rate = optional(within(-20, 20));

export const siteBody = record<SiteBody>({
  name: words(120),
  ...place,
  tz: withDefault(typedText(60), 'UTC'),
  rates: optional(
    record<NonNullable<SiteBody['rates']>>({
      perLat: rate,
      perLon: rate,
      perMetre: optional(within(-0.2, 0.2)),
      autumnStrength: optional(within(0, 1)),
      fruitStrength: optional(within(0, 1)),
    }),
  ),
});

export const sightingBody = record<SightingBody>({
  site: id,
  taxon: id,
  kind: oneOf(WINDOW_KINDS),
  on: date,
  present: flag,
});

export const listText = record<ListText>({ text: typedText(200_000) });
export const listCopyBody = record<ListCopyBody>({ name: words(120) });

type Member = ListBody['members'][number];
const member = record<Member>({
  taxon: optional(id),
  newName: optional(words(160)),
  common: note(160),
  under: optional(nullOr(id)),
  family: note(80),
  synonyms: optional(withDefault(listFrom(words(160), 0, 20), [])),
  olderFamilies: optional(withDefault(listFrom(words(160), 0, 10), [])),
  week: optional(nullOr(whole(1, 60))),
  label: note(120),
});

export const listBody = record<ListBody>({
  name: words(120),
  members: listFrom(made<Member>((member as unknown as Joi.ObjectSchema).xor('taxon', 'newName')), 1, 2000),
});
