/** Who gives out a handout for the public, and what must be said on it. */
export interface Office {
  readonly name: string;
  readonly contact: string;
  readonly statement: string;
}

export interface WorkspaceShown {
  readonly name: string;
  readonly office: Office;
}

/** A species' page of the week: words of whoever writes it, a photograph and a tree that were chosen. */
export interface WeekPage {
  readonly text: string;
  /** A photograph of the species; null for its drawing. */
  readonly photo: string | null;
  /** A tagged tree that readers are sent to. */
  readonly tree: string | null;
  /** How to find it, or where else one stands. */
  readonly place: string;
  /** 0 while nothing is written. */
  readonly version: number;
}

export type WeekPageBody = Omit<WeekPage, 'version'>;
