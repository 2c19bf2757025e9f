import type { CallOutcome } from '../quizzes/index.ts';
import type { MisreadCase } from './misreadAs.ts';

/** Every reading of a wrong answer, in the order in which the first that fits is shown. */
export const READINGS = [
  'blank',
  'unlisted',
  'not_visible',
  'taught_so',
  'name',
  'rule',
  'misread',
  'link_missing',
  'not_looked_enough',
  'guess',
  'persistent',
  'slip',
  'single',
] as const;
export type ReadingKind = (typeof READINGS)[number];

/** Readings that leave the student's account: the station or the lesson is at fault. */
export const NOT_THE_STUDENTS: ReadonlySet<ReadingKind> = new Set(['not_visible', 'taught_so']);

/** What one wrong answer tells of its cause. */
export interface Reading {
  readonly kind: ReadingKind;
  /** The characters it rests on. */
  readonly characters: readonly string[];
  /** What was taken for what, where it was read wrong in a known way. */
  readonly as: MisreadCase | null;
}

/** A character question as it was answered, graded against the tree and against the species named. */
export interface ReadCall {
  readonly character: string;
  readonly own: CallOutcome;
  readonly other: CallOutcome;
  readonly as: MisreadCase | null;
}

export interface CalledLook {
  readonly named: 'other' | 'unlisted' | 'blank' | 'genus_only' | 'family' | 'cannot_tell';
  readonly sure: 'sure' | 'leaning' | 'guessing' | null;
  readonly calls: readonly ReadCall[];
  /** What the key says of the tree against the species named; null where no species is named. */
  readonly verdict: 'told' | 'twins' | 'unproven' | null;
  /** Characters of which what was checked at the tree contradicts the species it is said to be. */
  readonly contradicted: readonly string[];
  /** Characters that the class calls as the profile has them, where what was checked at the tree differs. */
  readonly taughtSo: readonly string[];
  /** How the name itself may be at fault: misspelled, shared, or the two names swapped both ways. */
  readonly nameFault: boolean;
  /** A rule of thumb leads from this tree to this name. */
  readonly rule: boolean;
  /** Later looks at either species, on other days and at trees not met before. */
  readonly later: { readonly clean: number; readonly repeats: number };
  /** Whether the student mixed the pair up before, after results were returned. */
  readonly isRepeat: boolean;
}

/** Clean later looks that make a wrong answer a slip. */
const SLIP_AFTER = 3;

const plain = (kind: ReadingKind, characters: readonly string[] = []): Reading => ({
  kind,
  characters,
  as: null,
});

/** What the character questions say: misread, link missing, not enough looked at. */
function fromCalls({ calls }: CalledLook): readonly Reading[] {
  const wrong = calls.filter((c) => c.own === 'wrong');
  const right = calls.filter((c) => c.own === 'right' || c.own === 'coarse');
  const clashing = right.filter((c) => c.other === 'wrong');
  const found: Reading[] = [];
  if (wrong.length > 0)
    found.push({
      kind: 'misread',
      characters: wrong.map((c) => c.character),
      as: wrong.find((c) => c.as !== null)?.as ?? null,
    });
  if (clashing.length > 0)
    found.push(
      plain(
        'link_missing',
        clashing.map((c) => c.character),
      ),
    );
  if (right.length > 0 && right.length === calls.length && clashing.length === 0)
    found.push(plain('not_looked_enough'));
  return found;
}

/** What came of it later. */
function fromTime({ later, isRepeat }: CalledLook): Reading {
  if (isRepeat || later.repeats > 0) return plain('persistent');
  return plain(later.clean >= SLIP_AFTER ? 'slip' : 'single');
}

/**
 * Reads one wrong answer; every reading that fits is kept, the first is shown. Where the station could not be told or what
 * was taught differs from the tree, it leaves the student's account.
 * Source: docs/formulas.md, Diagnosis of one wrong answer.
 */
export function diagnose(look: CalledLook): readonly Reading[] {
  if (look.named === 'blank' || look.named === 'unlisted') return [plain(look.named)];
  const isAllRight = look.calls.every((c) => c.own === 'right' || c.own === 'coarse');
  const found: Reading[] = [];
  if (look.verdict === 'twins' || look.verdict === 'unproven' || look.contradicted.length > 0)
    found.push(plain('not_visible', look.contradicted));
  if (look.taughtSo.length > 0) found.push(plain('taught_so', look.taughtSo));
  if (look.nameFault && isAllRight) found.push(plain('name'));
  if (look.rule) found.push(plain('rule'));
  found.push(...fromCalls(look));
  if (look.sure === 'guessing') found.push(plain('guess'));
  if (look.named === 'other') {
    const time = fromTime(look);
    // What came later is a reading of its own only where it says more than that this is the only time so far.
    if (time.kind !== 'single' || found.length === 0) found.push(time);
  }
  return found.length > 0 ? found : [plain('single')];
}

/** The least students and the share of them that make what the profile says *taught so*. */
const TAUGHT = { students: 8, share: 0.8 } as const;

/** Whether a class calls a character as its profile has it: at least 8 in 10 of at least 8 students. */
export const isTaughtSo = (asProfile: number, calls: number): boolean =>
  calls >= TAUGHT.students && asProfile >= TAUGHT.share * calls;
