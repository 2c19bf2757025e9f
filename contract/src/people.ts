import type { Office } from './handouts.ts';
import type { ShiftRates } from '@hurrow/core/conditions';
import type { TaxonHeader } from './library.ts';
import type { SiteBody } from './lists.ts';

export type Role = 'owner' | 'instructor' | 'assistant';

export type Session =
  | { readonly kind: 'none'; readonly needsSetup: boolean }
  | {
      readonly kind: 'account';
      readonly name: string;
      readonly role: Role;
      readonly workspace: string;
      /** The date of the workspace, ISO. */
      readonly today: string;
      readonly demo: boolean;
    }
  | { readonly kind: 'student'; readonly student: string };

/** Somebody on the staff. */
export interface PersonOnStaff {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  /** False for somebody who was taken off the staff; their name stays beside what they did. */
  readonly active: boolean;
  /** The sections of an assistant; owners and instructors see all. */
  readonly sections: readonly string[];
  /** In how many browsers they are signed in. */
  readonly signedIn: number;
  readonly version: number;
}

export interface Invitation {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly sections: readonly string[];
  readonly expires: string;
  readonly by: string;
  /** Whether it lets somebody on the staff choose a new passphrase. */
  readonly forPassphrase: boolean;
}

export interface People {
  readonly staff: readonly PersonOnStaff[];
  readonly invitations: readonly Invitation[];
}

export interface InvitationBody {
  readonly name: string;
  readonly role: Role;
  readonly sections: readonly string[];
}

/** The token is told once; it stands behind the # of the link. */
export interface InvitationMade {
  readonly id: string;
  readonly token: string;
  readonly expires: string;
}

export interface InvitationShown {
  readonly name: string;
  readonly role: Role;
  readonly workspace: string;
  readonly forPassphrase: boolean;
}

export interface InvitationUse {
  readonly token: string;
  readonly name: string;
  readonly passphrase: string;
}

export interface AccountBody {
  readonly role: Role;
  readonly sections: readonly string[];
  readonly active: boolean;
}

export interface OwnSession {
  readonly id: string;
  readonly startedAt: string;
  readonly browser: string | null;
  readonly isThis: boolean;
}

export interface Site {
  readonly id: string;
  readonly name: string;
  readonly lat: number;
  readonly lon: number;
  readonly elevM: number;
  readonly tz?: string;
  /** How seasons shift there; the shipped rates where absent. */
  readonly rates?: ShiftRates;
}

export interface SectionStudent {
  readonly id: string;
  readonly code: string;
  readonly firstName: string | null;
}

/** A student of a class, with the ID that gradebooks know them by; null where none was entered. */
export interface EnrolledStudent extends SectionStudent {
  readonly schoolId: string | null;
}

/** Students who are one person, and the merges that say so. */
export interface PersonLinks {
  readonly students: readonly (SectionStudent & { readonly sections: readonly string[] })[];
  readonly merges: readonly {
    readonly id: string;
    /** The numbers of the two. */
    readonly a: string;
    readonly b: string;
    readonly by: string;
    readonly at: string;
  }[];
}

export interface Section {
  readonly id: string;
  readonly name: string;
  readonly term: string;
  readonly list: string;
  readonly listName: string;
  readonly level?: 'young' | 'general' | 'technical';
  readonly site: Site;
  readonly students: readonly EnrolledStudent[];
  /** The first day of its term, ISO; null where it is not known. */
  readonly startsOn: string | null;
  /** Archived classes are kept with their grades and offered nowhere. */
  readonly archived: boolean;
  readonly version: number;
}

export interface SectionChange {
  readonly name: string;
  readonly term: string;
  readonly list: string;
  readonly site: string;
  readonly level: 'young' | 'general' | 'technical';
  readonly archived: boolean;
}

export interface RosterBody {
  readonly students: readonly { readonly code: string; readonly firstName?: string | null }[];
}

export interface StudentChange {
  readonly code: string;
  readonly firstName: string | null;
  /** Left out, the one that is there stays. */
  readonly schoolId?: string | null;
}

/** Moves a student to another class, or out of theirs where `to` is null; what they did stays. */
export interface StudentMove {
  readonly from: string;
  readonly to: string | null;
}

export interface WorkspaceBody {
  readonly name: string;
  readonly office?: Office;
}

/** One thing to do next, with where it is done. */
export interface DueItem {
  readonly kind:
    | 'recovery'
    | 'device'
    | 'grade'
    | 'enter'
    | 'return'
    | 'open_sitting'
    | 'draft'
    | 'gather'
    | 'spoils'
    | 'lesson'
    | 'came_back'
    | 'mixup'
    | 'season'
    | 'unrecorded';
  readonly title: string;
  readonly detail: string;
  readonly href: string;
  readonly on: string | null;
  /** For a mix-up: the species named, and the true one. */
  readonly pair?: { readonly answer: TaxonHeader; readonly truth: TaxonHeader };
}

export interface SignInBody {
  readonly name: string;
  readonly passphrase: string;
}

/** The first owner of an empty workspace, with the site they start at. */
export interface SetUpBody {
  /** Shown in the terminal. */
  readonly code: string;
  readonly workspace: string;
  readonly name: string;
  readonly passphrase: string;
  readonly site?: SiteBody;
}

export interface InvitationToken {
  readonly token: string;
}

export interface PersonMergeBody {
  /** The student who is the same person. */
  readonly other: string;
}

export interface PassphraseChange {
  readonly present: string;
  readonly passphrase: string;
}

export interface SectionBody {
  readonly name: string;
  readonly term: string;
  readonly list: string;
  readonly site: string;
  readonly level: 'young' | 'general' | 'technical';
  readonly students: readonly { readonly code: string; readonly firstName?: string | null }[];
}
