/** The answer of what is done and has nothing to tell. */
export type Empty = Readonly<Record<string, never>>;

/** The id of what was made. */
export interface Made {
  readonly id: string;
}

/** The version that stands now. */
export interface Versioned {
  readonly version: number;
}

export interface Health {
  readonly status: 'up';
  readonly version: string;
  readonly database: 'pglite' | 'postgres';
}

/** The OpenAPI document; its form is laid down by OpenAPI 3.1. */
export type OpenApiDocument = Readonly<Record<string, unknown>>;
