import type { ShiftRates } from '@hurrow/core/conditions';
import type { TaxonHeader } from './library.ts';

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

export interface Section {
  readonly id: string;
  readonly name: string;
  readonly term: string;
  readonly list: string;
  readonly listName: string;
  readonly level?: 'young' | 'general' | 'technical';
  readonly site: Site;
  readonly students: readonly SectionStudent[];
}

/** One thing to do next, with where it is done. */
export interface DueItem {
  readonly kind:
    | 'recovery'
    | 'device'
    | 'mark'
    | 'enter'
    | 'give_back'
    | 'open_sitting'
    | 'draft'
    | 'mixup'
    | 'unrecorded';
  readonly title: string;
  readonly detail: string;
  readonly href: string;
  readonly on: string | null;
  /** For a mix-up: the species named, and the true one. */
  readonly pair?: { readonly answer: TaxonHeader; readonly truth: TaxonHeader };
}
