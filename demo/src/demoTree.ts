/** A tagged tree of the demo: where it stands, what it is and what it is certified to show. */
export interface DemoTree {
  readonly tag: string;
  readonly species: string;
  readonly trail: 'Ledger Loop' | 'Stove Hill' | 'Signal Knob';
  readonly elevM: number;
  readonly stage: 'pole' | 'young' | 'mature' | 'old';
  readonly planted?: boolean;
  readonly condition?: string;
  readonly hazards?: readonly string[];
  readonly access?: string;
  /** Organs that are not within reach of the hand. */
  readonly reach?: Readonly<Record<string, string>>;
  /** What it is in truth, where the tag is wrong; nobody at the school knows it. */
  readonly really?: string;
  /** `character: value`, in the notation of the species files. */
  readonly certified: readonly string[];
}
