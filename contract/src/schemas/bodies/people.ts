import Joi from 'joi';
import { AUDIENCES } from '../../index.ts';
import type {
  AccountBody,
  InvitationBody,
  InvitationToken,
  InvitationUse,
  JoinBody,
  PassphraseChange,
  PersonMergeBody,
  Role,
  RosterBody,
  SectionBody,
  SectionChange,
  SetUpBody,
  SignInBody,
  StudentChange,
  StudentMove,
  Office,
  WorkspaceBody,
} from '../../index.ts';
import { id, note, noteOrNull, pattern, typedText, words } from '../parts.ts';
import { flag, listFrom, made, nullOr, oneOf, optional, record, unique, withDefault } from '../typed.ts';
import { siteBody } from './classes.ts';

const MOST_STUDENTS = 400;
const ROLES: readonly Role[] = ['owner', 'instructor', 'assistant'];

const passphrase = made<string>(Joi.string().min(10).max(200));
const role = oneOf(ROLES);
const sections = unique(listFrom(id, 0, 200));

/** A student's private word, as it is compared: spaces at the ends and capitals do not count. */
const privateWord = made<string>(
  Joi.string()
    .trim()
    .lowercase()
    .pattern(/^[\p{L}\p{N} '-]{4,40}$/u, 'a private word of 4 to 40 letters or digits'),
);

export const signInBody = record<SignInBody>({ name: words(80), passphrase: typedText(200) });

export const setUpBody = record<SetUpBody>({
  code: typedText(40),
  workspace: words(120),
  name: words(80),
  passphrase,
  site: optional(siteBody),
});

export const invitationBody = record<InvitationBody>({ name: words(80), role, sections });
export const invitationToken = record<InvitationToken>({ token: typedText(80) });
export const invitationUse = record<InvitationUse>({ token: typedText(80), name: words(80), passphrase });
export const accountBody = record<AccountBody>({ role, sections, active: flag });
export const personMergeBody = record<PersonMergeBody>({ other: id });
export const passphraseChange = record<PassphraseChange>({ present: typedText(200), passphrase });

const studentNumber = pattern(/^[A-Za-z0-9-]{1,16}$/, 'a student number of letters, digits and hyphens');
const rosterLine = record<SectionBody['students'][number]>({ code: studentNumber, firstName: note(40) });

export const sectionBody = record<SectionBody>({
  name: words(120),
  term: words(60),
  list: id,
  site: id,
  level: withDefault(oneOf(AUDIENCES), 'general'),
  students: listFrom(rosterLine, 0, MOST_STUDENTS),
});

export const sectionChange = record<SectionChange>({
  name: words(120),
  term: words(60),
  list: id,
  site: id,
  level: oneOf(AUDIENCES),
  archived: flag,
});
export const rosterBody = record<RosterBody>({ students: listFrom(rosterLine, 1, MOST_STUDENTS) });
export const studentChange = record<StudentChange>({
  code: studentNumber,
  firstName: noteOrNull(40),
  schoolId: note(40),
});
export const studentMove = record<StudentMove>({ from: id, to: nullOr(id) });
const office = record<Office>({
  name: made(Joi.string().trim().allow('').max(160)),
  contact: made(Joi.string().trim().allow('').max(240)),
  statement: made(Joi.string().trim().allow('').max(1000)),
});
export const workspaceBody = record<WorkspaceBody>({ name: words(120), office: optional(office) });

export const joinBody = record<JoinBody>({
  code: made(Joi.string().trim().max(40)),
  student: made(Joi.string().trim().max(16)),
  word: withDefault(nullOr(privateWord), null),
  ask: withDefault(flag, false),
});
