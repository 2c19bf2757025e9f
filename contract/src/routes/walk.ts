import type { Empty } from '../common.ts';
import type {
  AnswersBody,
  BatchReceipt,
  JoinBody,
  Joining,
  WalkResults,
  WalkSeat,
  WalkSitting,
} from '../walk.ts';
import { route, shape } from './route.ts';

/** What a student’s phone calls. */
export const WALK = {
  walkJoin: route(
    'POST',
    '/api/walk/join',
    'anyone',
    'Join a sitting with code, student number and private word',
    { body: shape<JoinBody>(), answer: shape<Empty>() },
  ),
  walkJoining: route('GET', '/api/walk/joining', 'anyone', 'Whether staff have let this phone in', {
    answer: shape<Joining>(),
  }),
  walk: route('GET', '/api/walk/sitting', 'student', 'The stations of the sitting joined', {
    answer: shape<WalkSitting>(),
  }),
  walkSittings: route('GET', '/api/walk/sittings', 'student', 'The sittings this phone is in', {
    answer: shape<readonly WalkSeat[]>(),
  }),
  walkAnswers: route('POST', '/api/walk/answers', 'student', 'Answers in a batch; may be sent twice', {
    body: shape<AnswersBody>(),
    answer: shape<BatchReceipt>(),
  }),
  walkSubmit: route('POST', '/api/walk/submit', 'student', 'Hand in', { answer: shape<Empty>() }),
  walkUnsubmit: route(
    'DELETE',
    '/api/walk/submit',
    'student',
    'Take handing in back while the quiz is open',
    {},
  ),
  walkResults: route('GET', '/api/walk/results', 'student', 'Grades and tells, once returned', {
    answer: shape<WalkResults>(),
  }),
  walkLeave: route('DELETE', '/api/walk/sitting', 'student', 'Leave on this device', {}),
} as const;
