import type {
  DueItem,
  Invitation,
  InvitationMade,
  InvitationShown,
  OwnSession,
  People,
  PersonLinks,
  PersonOnStaff,
  Role,
  Section,
  EnrolledStudent,
  SectionStudent,
  Session,
  Site,
} from '../../index.ts';
import { either, flag, listOf, nullOr, number, oneOf, optional, record, text } from '../typed.ts';
import type { Of } from '../typed.ts';
import { taxonHeaderSchema } from './library.ts';
import { shiftRatesSchema } from './recorded.ts';

export const dueItemSchema = record<DueItem>({
  kind: oneOf([
    'recovery',
    'device',
    'grade',
    'enter',
    'return',
    'open_sitting',
    'draft',
    'gather',
    'spoils',
    'lesson',
    'came_back',
    'mixup',
    'season',
    'unrecorded',
  ]),
  title: text,
  detail: text,
  href: text,
  on: nullOr(text),
  pair: optional(
    record<NonNullable<DueItem['pair']>>({ answer: taxonHeaderSchema, truth: taxonHeaderSchema }),
  ),
});

export const invitationMadeSchema = record<InvitationMade>({ id: text, token: text, expires: text });

export const roleSchema: Of<Role> = oneOf(['owner', 'instructor', 'assistant']);

export const invitationShownSchema = record<InvitationShown>({
  name: text,
  role: roleSchema,
  workspace: text,
  forPassphrase: flag,
});

export const ownSessionSchema = record<OwnSession>({
  id: text,
  startedAt: text,
  browser: nullOr(text),
  isThis: flag,
});

export const personOnStaffSchema = record<PersonOnStaff>({
  id: text,
  name: text,
  role: roleSchema,
  active: flag,
  sections: listOf(text),
  signedIn: number,
  version: number,
});

export const invitationSchema = record<Invitation>({
  id: text,
  name: text,
  role: roleSchema,
  sections: listOf(text),
  expires: text,
  by: text,
  forPassphrase: flag,
});

export const peopleSchema = record<People>({
  staff: listOf(personOnStaffSchema),
  invitations: listOf(invitationSchema),
});

export const personLinksSchema = record<PersonLinks>({
  students: listOf(
    record<PersonLinks['students'][number]>({
      id: text,
      code: text,
      firstName: nullOr(text),
      sections: listOf(text),
    }),
  ),
  merges: listOf(record<PersonLinks['merges'][number]>({ id: text, a: text, b: text, by: text, at: text })),
});

export const siteSchema = record<Site>({
  id: text,
  name: text,
  lat: number,
  lon: number,
  elevM: number,
  tz: optional(text),
  rates: optional(shiftRatesSchema),
});

export const sectionStudentSchema = record<SectionStudent>({ id: text, code: text, firstName: nullOr(text) });

const enrolledStudent = record<EnrolledStudent>({
  id: text,
  code: text,
  firstName: nullOr(text),
  schoolId: nullOr(text),
});

export const sectionSchema = record<Section>({
  id: text,
  name: text,
  term: text,
  list: text,
  listName: text,
  level: optional(oneOf(['young', 'general', 'technical'])),
  site: siteSchema,
  students: listOf(enrolledStudent),
  startsOn: nullOr(text),
  archived: flag,
  version: number,
});

export const sessionSchema: Of<Session> = either(
  record<Extract<Session, { kind: 'none' }>>({ kind: oneOf(['none']), needsSetup: flag }),
  record<Extract<Session, { kind: 'account' }>>({
    kind: oneOf(['account']),
    name: text,
    role: roleSchema,
    workspace: text,
    today: text,
    demo: flag,
  }),
  record<Extract<Session, { kind: 'student' }>>({ kind: oneOf(['student']), student: text }),
);
