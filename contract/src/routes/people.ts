import type { WorkspaceShown } from '../handouts.ts';
import type { Empty, Health, OpenApiDocument } from '../common.ts';
import type {
  AccountBody,
  InvitationBody,
  InvitationMade,
  InvitationShown,
  InvitationToken,
  InvitationUse,
  OwnSession,
  PassphraseChange,
  People,
  PersonLinks,
  PersonMergeBody,
  Session,
  SetUpBody,
  SignInBody,
  WorkspaceBody,
} from '../people.ts';
import { FROM_ANSWERS, route, shape } from './route.ts';

/** What other things say once two students are one person, or are two again. */
const AFTER_A_MERGE = ['personLinks', 'mixups', 'mixUpGroups', 'mixUpsByStudent', ...FROM_ANSWERS] as const;

/** Who is on the staff, who signs in, and who a student is. */
export const PEOPLE = {
  health: route('GET', '/api/health', 'anyone', 'Is the application up, and which version', {
    answer: shape<Health>(),
  }),
  openapi: route('GET', '/api/openapi.json', 'anyone', 'This document', { answer: shape<OpenApiDocument>() }),
  sessionRead: route('GET', '/api/session', 'anyone', 'Who is signed in', { answer: shape<Session>() }),
  sessionStart: route('POST', '/api/session', 'anyone', 'Sign in', {
    body: shape<SignInBody>(),
    makesStale: ['sessionRead'],
  }),
  sessionEnd: route('DELETE', '/api/session', 'anyone', 'Sign out', {}),
  setup: route('POST', '/api/setup', 'anyone', 'Set up the first owner of an empty workspace', {
    body: shape<SetUpBody>(),
    answer: shape<Empty>(),
    makesStale: ['sessionRead'],
  }),
  people: route('GET', '/api/people', 'owner', 'Who is on the staff, and who is invited', {
    answer: shape<People>(),
  }),
  accountChange: route(
    'PUT',
    '/api/people/:id',
    'owner',
    'Change what somebody may do, or take them off the staff',
    {
      body: shape<AccountBody>(),
      answer: shape<People>(),
      ifMatch: true,
      makesStale: ['people', 'sessionRead'],
    },
  ),
  passphraseReset: route(
    'POST',
    '/api/people/:id/reset',
    'owner',
    'Let somebody choose a new passphrase by a link',
    { answer: shape<InvitationMade>(), makesStale: ['people'] },
  ),
  invitationCreate: route(
    'POST',
    '/api/invitations',
    'owner',
    'Invite somebody by a link that is used once',
    { body: shape<InvitationBody>(), answer: shape<InvitationMade>(), makesStale: ['people'] },
  ),
  invitationWithdraw: route('DELETE', '/api/invitations/:id', 'owner', 'Take an invitation back', {
    makesStale: ['people'],
  }),
  invitationShow: route('POST', '/api/invitation', 'anyone', 'What an invitation offers', {
    body: shape<InvitationToken>(),
    answer: shape<InvitationShown>(),
  }),
  invitationAccept: route(
    'POST',
    '/api/invitation/use',
    'anyone',
    'Use an invitation, with a passphrase of one’s own',
    { body: shape<InvitationUse>(), answer: shape<Empty>(), makesStale: ['sessionRead'] },
  ),
  ownSessions: route('GET', '/api/sessions', 'staff', 'Where one is signed in oneself', {
    answer: shape<readonly OwnSession[]>(),
  }),
  ownSessionEnd: route('DELETE', '/api/sessions/:id', 'staff', 'End one of one’s own sessions', {
    makesStale: ['ownSessions', 'people'],
  }),
  passphraseChange: route('PUT', '/api/passphrase', 'staff', 'Change one’s own passphrase', {
    body: shape<PassphraseChange>(),
    makesStale: ['ownSessions', 'people'],
  }),
  studentRecord: route(
    'GET',
    '/api/students/:id/record',
    'teachers',
    'All that is kept of one student, as a file',
    { answersFile: true },
  ),
  studentErase: route(
    'DELETE',
    '/api/students/:id',
    'teachers',
    'Erase everything about one student, for good',
    {
      makesStale: [
        'sections',
        'due',
        'mixups',
        'mixUpGroups',
        'mixUpsByStudent',
        'grades',
        'sitting',
        'sheet',
        'misreads',
        'evidence',
        ...FROM_ANSWERS,
      ],
    },
  ),
  personLinks: route('GET', '/api/students/:id/person', 'teachers', 'Who else is the same person', {
    answer: shape<PersonLinks>(),
  }),
  personMerge: route('POST', '/api/students/:id/person', 'teachers', 'Say that two students are one person', {
    body: shape<PersonMergeBody>(),
    answer: shape<PersonLinks>(),
    creates: true,
    makesStale: AFTER_A_MERGE,
  }),
  personMergeUndo: route(
    'DELETE',
    '/api/person-merges/:id',
    'teachers',
    'Take a merge of two students back',
    {
      makesStale: AFTER_A_MERGE,
    },
  ),
  workspace: route('GET', '/api/workspace', 'staff', 'Name of the workspace and who gives out its handouts', {
    answer: shape<WorkspaceShown>(),
  }),
  workspaceChange: route(
    'PUT',
    '/api/workspace',
    'owner',
    'Rename the workspace, and say who gives out its handouts',
    {
      body: shape<WorkspaceBody>(),
      makesStale: ['sessionRead', 'workspace'],
    },
  ),
  backup: route('GET', '/api/backup', 'teachers', 'Everything in one file; for the owner', {
    answersFile: true,
  }),
} as const;
