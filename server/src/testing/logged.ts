import { v4 } from 'uuid';
import type { LoggedAnswer } from '../answers/index.ts';

/** An answer as the log holds it, of made-up ids unless they are given. */
export const loggedAnswer = (part: Partial<LoggedAnswer> = {}): LoggedAnswer => ({
  id: v4(),
  ws: '00000000-0000-4000-8000-000000000001',
  sitting: '00000000-0000-4000-8000-000000000002',
  student: '00000000-0000-4000-8000-000000000003',
  origin: 'phone',
  takeover: 1,
  precedence: 1,
  sittingStation: '00000000-0000-4000-8000-000000000004',
  ask: '00000000-0000-4000-8000-000000000005',
  seq: 1,
  value: { kind: 'name', text: 'grand fir' },
  deviceAt: null,
  receivedAt: '2026-10-01T18:00:00.000Z',
  when: 'open',
  ...part,
});
