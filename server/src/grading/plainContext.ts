import { nameIndex } from '@hurrow/core/names';
import type { NameEntry } from '@hurrow/core/names';
import type { GradingContext } from '@hurrow/core/grading';

/** A grading context as it passes between threads: without what is built from its names. */
export interface PlainContext extends Omit<GradingContext, 'names'> {
  readonly names: readonly NameEntry[];
}

export const plainContext = ({ names, ...context }: GradingContext): PlainContext => ({
  ...context,
  names: names.names.map(({ taxon, rank, kind, text, use }) => ({
    taxon,
    rank,
    kind,
    text,
    use: use ?? null,
  })),
});

export const wholeContext = ({ names, ...context }: PlainContext): GradingContext => ({
  ...context,
  names: nameIndex(names),
});
