/** What separates a rival from the tree of a station: one character of an evidence group, with what the two share on it. */
export interface MissTell {
  readonly character: string;
  /** The evidence group; the character itself where it is in none. */
  readonly group: string;
  /** The share of specimens that the character cannot separate, 0 to 1. */
  readonly overlap: number;
}

export interface MissRival {
  readonly taxon: string;
  /** *unproven*: what separates it from the tree is not recorded, so it stays out of the competition. */
  readonly verdict: 'told' | 'twins' | 'unproven';
  /** Strongest first. */
  readonly tells: readonly MissTell[];
}

/** A station of a sitting by the newest revision of its key. */
export interface MissStation {
  readonly truth: string;
  /** Names that could be given: the species of the list. */
  readonly names: number;
  readonly rivals: readonly MissRival[];
  /** Weeks since the species was taught; null where nobody says when. */
  readonly weeks: number | null;
  /** Species whose pair with this one was taught again before the sitting. */
  readonly retaught: readonly string[];
}

/** A character question answered beside a name. */
export interface MissCall {
  readonly character: string;
  readonly right: boolean;
}

/** One answer that names a species of the list, the tree's own or another. */
export interface MissLook {
  readonly student: string;
  /** Place of its station. */
  readonly station: number;
  readonly named: string;
  readonly calls: readonly MissCall[];
}

/** A character with what is known of learners in general. */
export interface MissCharacter {
  readonly id: string;
  readonly group: string;
  /** Prior mean of its miss rate, between 0 and 1. */
  readonly prior: number;
}

export interface MissData {
  readonly stations: readonly MissStation[];
  readonly looks: readonly MissLook[];
  readonly characters: readonly MissCharacter[];
}
