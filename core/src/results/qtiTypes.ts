/** A drawing or photograph of a package, by its file name in it. */
export interface QtiImage {
  readonly file: string;
  /** What it shows, in words that do not answer the question. */
  readonly alt: string;
}

export interface QtiOption {
  readonly id: string;
  readonly label: string;
}

/** How an item is answered and what it accepts. */
export type QtiAnswer =
  /** A written text; each accepted one with what it earns. */
  | {
      readonly kind: 'text';
      readonly accepts: readonly { readonly text: string; readonly points: number }[];
      readonly exact: boolean;
    }
  /** A number between two, in the unit the prompt says. */
  | { readonly kind: 'number'; readonly low: number; readonly high: number }
  | { readonly kind: 'choice'; readonly options: readonly QtiOption[]; readonly right: readonly string[] }
  | {
      readonly kind: 'match';
      readonly options: readonly QtiOption[];
      readonly others: readonly QtiOption[];
      readonly pairs: readonly (readonly [string, string])[];
    }
  /** Read by a person. */
  | { readonly kind: 'open' };

/** A question of a quiz. */
export interface QtiItem {
  /** Letters, digits, hyphens and underscores, starting with a letter. */
  readonly id: string;
  readonly title: string;
  readonly prompt: string;
  readonly images: readonly QtiImage[];
  readonly points: number;
  readonly answer: QtiAnswer;
}

/** A station with its questions, which are asked together. */
export interface QtiSection {
  readonly id: string;
  readonly title: string;
  readonly items: readonly QtiItem[];
}
