/** Which answers a board is made of. */
export interface BoardScope {
  readonly sections: readonly string[];
  /** Days of sittings, ISO, both included; null is open. */
  readonly from: string | null;
  readonly to: string | null;
  readonly material: string | null;
  readonly form: string | null;
}

/** Answers at trees of a species that came to the same: counted over what a board is made of. */
export interface Row {
  readonly truth: string;
  readonly named: string;
  readonly answer: string | null;
  readonly looks: number;
  readonly students: number;
  readonly guesses: number;
  readonly called: number;
  readonly misread: number;
  readonly at_station: string | null;
  readonly at_k: number | null;
  readonly at_n: number | null;
  readonly behind: string | null;
}

export interface Exposure {
  readonly truth: string;
  readonly looks: number;
  readonly students: number;
}

export interface Total {
  readonly material_class: string | null;
  readonly form: string | null;
  readonly looks: number;
  readonly students: number;
}
