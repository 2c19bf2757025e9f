import { JOIN_NEEDS } from '@hurrow/contract';
import { checkWord, hashWord, slowDown } from '../access/index.ts';
import { maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { conflict, invalid } from '../http/index.ts';
import type { Call } from '../http/index.ts';

/** Tries of the private word of one student. */
const PER_WORD = { burst: 5, everyMs: 10_000 } as const;

/** A student number of the sitting that a code opens. */
export interface Found {
  readonly ws: string;
  readonly sitting: string;
  readonly state: string;
  readonly student: string;
  readonly code: string;
  /** The private word as kept; null where none was chosen or staff reset it. */
  readonly word: string | null;
  readonly reset: boolean;
  /** The highest number of a phone that joined this sitting. */
  readonly takeover: number | null;
  /** Whether this student ever joined anything by phone. */
  readonly joined: boolean;
  /** Whether they have a phone or a sheet in this sitting. */
  readonly tookPart: boolean;
}

/** The sitting of a code and the student of a number in it; null where they do not fit together. */
export async function findSeat(call: Call, codeHash: string, number: string): Promise<Found | null> {
  return maybe<Found>(
    call.app.db,
    `select s.ws, s.id as sitting, s.state, st.id as student, st.code, w.hash as word,
       coalesce(w.student is not null and w.hash is null, false) as reset,
       (select max(t.takeover) from attempt t
        where t.ws = s.ws and t.sitting = s.id and t.student = st.id and t.origin = 'phone') as takeover,
       exists (select 1 from device d where d.ws = s.ws and d.student = st.id and d.state in ('in', 'ended')
                 and d.takeover is not null) as joined,
       exists (select 1 from attempt t where t.ws = s.ws and t.sitting = s.id and t.student = st.id) as "tookPart"
     from sitting s join enrolment e on e.ws = s.ws and e.section = s.section and e.to_on is null
     join student st on st.ws = e.ws and st.id = e.student
     left join student_secret w on w.ws = st.ws and w.student = st.id
     where s.code_hash = $1 and s.code_expires > $2 and s.state <> 'draft' and lower(st.code) = lower($3)`,
    [codeHash, call.app.clock().toISOString(), number],
  );
}

/** A problem whose type tells the page which step comes next. */
function needs(type: string, detail: string, remedy: string) {
  const problem = conflict(detail, { field: 'word', remedy });
  return Object.assign(problem, { details: { ...problem.details, type } });
}

/** Whether a word may be chosen freely: nobody has claimed the number, or staff reset it. */
const isFree = (f: Found): boolean => f.reset || (f.word === null && !f.joined && f.state !== 'returned');

/**
 * Claims the number for whoever chose its word. Two phones that claim at once: one wins, the other is asked for the
 * word. @returns whether it was claimed.
 */
export async function claim(sql: Sql, f: Found, hash: string, at: string): Promise<boolean> {
  const rows = await sql.query(
    `insert into student_secret as w (ws, student, hash, at) values ($1, $2, $3, $4)
     on conflict (ws, student) do update set hash = excluded.hash, reset_by = null, at = excluded.at
       where w.hash is null
     returning student`,
    [f.ws, f.student, hash, at],
  );
  return rows.length > 0;
}

/** @throws unless the word is right, or the number is free and the word claims it. @returns the hash to claim with. */
export async function checkClaim(call: Call, f: Found, word: string | null): Promise<string | null> {
  if (isFree(f)) {
    if (word === null)
      throw needs(
        JOIN_NEEDS.choose,
        `Choose a private word for number ${f.code}.`,
        'You need it when you join again or on another phone. Nobody else should know it.',
      );
    return hashWord(word);
  }
  if (f.word === null || word === null)
    throw needs(
      JOIN_NEEDS.word,
      `Number ${f.code} is in use.`,
      f.word === null
        ? 'If it is yours, ask your instructor to let this phone in.'
        : 'If it is yours, type its private word. If you forgot it, ask your instructor to let this phone in.',
    );
  const right = await slowDown(call.app, [{ bucket: `join/word/${f.student}`, ...PER_WORD }]);
  if (!(await checkWord(word, f.word))) {
    throw invalid('This is not the private word of this number.', {
      field: 'word',
      remedy: 'Check the word, or ask your instructor to let this phone in.',
    });
  }
  await right();
  return null;
}
