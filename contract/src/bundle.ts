/** Rows for one table, columns named as in SQL. */
export interface TableRows {
  readonly table: string;
  readonly rows: readonly Readonly<Record<string, unknown>>[];
}

/** A whole workspace to be filled into an empty database. The vocabulary is added by the server. */
export interface Bundle {
  readonly workspace: string;
  readonly accounts: readonly {
    readonly id: string;
    readonly name: string;
    readonly role: string;
    readonly passphrase: string;
  }[];
  /** Whether the families, genera and groups that ship are put in as well. */
  readonly withGroups?: boolean;
  /** Filled before accounts (the workspace), and after them, in this order. */
  readonly first: readonly TableRows[];
  readonly then: readonly TableRows[];
  /** Sittings to be graded and given back, in order, by whom and when. */
  readonly returnResults: readonly { readonly sitting: string; readonly by: string; readonly at: string }[];
}
