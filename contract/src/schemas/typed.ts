import Joi from 'joi';

declare const OF: unique symbol;

/**
 * A schema whose values are exactly of one type. The type is compared both ways, so that neither the schema nor the
 * type can change without the other.
 */
export type Of<T> = Joi.Schema & { readonly [OF]: (held: T) => T };

/** A schema of a field that may be missing. */
export type Maybe<T> = Joi.Schema & { readonly [OF]: { readonly missing: (held: T) => T } };

/** A schema for each field of a type; for records that extend others. */
export type Keys<T> = {
  readonly [K in keyof T]-?: Record<never, never> extends Pick<T, K>
    ? Maybe<Exclude<T[K], undefined>>
    : Of<T[K]>;
};

const of = <T>(schema: Joi.Schema): Of<T> => schema as Of<T>;

/** An object with exactly these fields. */
export const record = <T extends object>(keys: Keys<T>): Of<T> =>
  of(Joi.object<T, true>(keys as unknown as Joi.StrictSchemaMap<T>).required());

/** A field that may be missing, and then stays missing. */
export const optional = <T>(schema: Of<T>): Maybe<T> => schema.optional() as unknown as Maybe<T>;

/** A field that may be missing when it is sent, and holds this value then. */
export const withDefault = <T>(schema: Of<T>, value: T): Of<T> =>
  of(schema.optional().default(value as string));

export const nullOr = <T>(schema: Of<T>): Of<T | null> => of(schema.allow(null));

export const listOf = <T>(item: Of<T>): Of<readonly T[]> => of(Joi.array().items(item.optional()).required());

/** From one entry to so many; the same one twice is refused where they are ids or words. */
export const listFrom = <T>(item: Of<T>, least: number, most: number): Of<readonly T[]> =>
  of(Joi.array().items(item.optional()).min(least).max(most).required());

export const unique = <T>(schema: Of<readonly T[]>): Of<readonly T[]> =>
  of((schema as Joi.ArraySchema).unique());

/** A list of so many, each place with its own schema. */
export const tupleOf = <const T extends readonly unknown[]>(
  ...places: { readonly [I in keyof T]: Of<T[I]> }
): Of<T> =>
  of(
    Joi.array()
      .ordered(...(places as unknown as readonly Joi.Schema[]))
      .length(places.length)
      .required(),
  );

/** A value for each of any names. */
export const mapOf = <T>(value: Of<T>): Of<Readonly<Record<string, T>>> =>
  of(Joi.object().pattern(Joi.string(), value).required());

/** A value for some of these names. */
export const partOf = <const K extends string, T>(
  names: readonly K[],
  value: Of<T>,
): Of<Readonly<Partial<Record<K, T>>>> =>
  of(
    Joi.object()
      .pattern(Joi.string().valid(...names), value)
      .required(),
  );

export const oneOf = <const T extends string | number>(values: readonly T[]): Of<T> =>
  of(Joi.valid(...values).required());

/** One of several forms, each an object; the first that fits says what is wrong where none does. */
export const either = <const S extends readonly Joi.Schema[]>(
  ...forms: S
): Of<S[number] extends infer U ? (U extends Of<infer T> ? T : never) : never> =>
  of(
    Joi.alternatives()
      .try(...forms)
      .required(),
  );

/** Several forms told apart by the word in their field `kind`. */
export const byKind = <T extends { readonly kind: string }>(forms: {
  readonly [K in T['kind']]: Of<Extract<T, { readonly kind: K }>>;
}): Of<T> => {
  const all = Object.entries<Joi.Schema>(forms as Readonly<Record<string, Joi.Schema>>);
  return of(
    Joi.alternatives()
      .conditional('.kind', {
        switch: all.map(([is, then]) => ({ is, then })),
        otherwise: Joi.object({ kind: Joi.valid(...all.map(([kind]) => kind)).required() }).unknown(),
      })
      .required(),
  );
};

export const anything: Of<unknown> = of(Joi.any());
export const text: Of<string> = of(Joi.string().allow('').required());
export const number: Of<number> = of(Joi.number().required());
export const flag: Of<boolean> = of(Joi.boolean().required());

/** A schema of Joi’s own for a string, a number or whatever else the type says. */
export const made = <T>(schema: Joi.Schema): Of<T> => of(schema.required());
