import type { Character } from '@hurrow/core/characters';
import type { Organ } from '@hurrow/core/conditions';

/** A character as the glossary shows it and an instructor rewords it. */
export interface GlossaryCharacter extends Omit<Character, 'missed'> {
  readonly version: number;
  readonly origin: 'shipped' | 'own';
}

export interface GlossaryWord {
  readonly id: string;
  readonly text: string;
  readonly character: string;
  readonly state: string | null;
}

export interface Glossary {
  readonly characters: readonly GlossaryCharacter[];
  readonly words: readonly GlossaryWord[];
}

export interface StateBody {
  /** Missing for a new state. */
  readonly id?: string;
  readonly term: string;
  readonly plain: string;
  readonly definition: string;
  readonly parent?: string | null;
  readonly swatch?: string | null;
  readonly retired?: boolean;
}

export interface CharacterChange {
  readonly term: string;
  readonly plain: string;
  readonly definition: string;
  readonly counting?: string | null;
  readonly retired: boolean;
  readonly states: readonly StateBody[];
}

export interface CharacterBody extends Omit<CharacterChange, 'retired'> {
  readonly organ: Organ;
  readonly kind: Character['kind'];
  readonly unit?: string;
  readonly material: Character['material'];
  readonly needs: Character['needs'];
  readonly distance: Character['distance'];
  readonly season: Character['season'];
  readonly effort: number;
}

/** How often a class called a character wrong, counted from its graded calls. */
export interface MisreadRow {
  readonly character: string;
  readonly calls: number;
  readonly wrong: number;
  /** What was called where it was wrong, most often first. */
  readonly readAs: readonly { readonly state: string; readonly times: number }[];
}

export type WordBody = Omit<GlossaryWord, 'id'>;
