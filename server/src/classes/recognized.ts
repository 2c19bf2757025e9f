import { nameIndex, realTree, recognise, standsUnder } from '@hurrow/core/names';
import type { ListLine, NameEntry, NameIndex, RealTree, Recognised } from '@hurrow/core/names';
import { inThread } from '../threads/index.ts';

export interface RecognizedLine {
  readonly recognised: Recognised;
  /** The genus or family a new name would stand under. */
  readonly under: string | null;
  /** A real tree that the library does not hold. */
  readonly real: RealTree | null;
}

export interface RecognizeRequest {
  readonly lines: readonly ListLine[];
  readonly index: NameIndex;
}

/** The same as it passes between threads: an index has functions, which cannot. */
export interface PlainRequest {
  readonly lines: readonly ListLine[];
  readonly names: readonly NameEntry[];
}

const plainRequest = ({ lines, index }: RecognizeRequest): PlainRequest => ({
  lines,
  names: index.names.map(({ taxon, rank, kind, text, use }) => ({
    taxon,
    rank,
    kind,
    text,
    use: use ?? null,
  })),
});

export const wholeRequest = ({ lines, names }: PlainRequest): RecognizeRequest => ({
  lines,
  index: nameIndex(names),
});

/** Looks each line up among all names. */
export const recognizeLines = ({ lines, index }: RecognizeRequest): readonly RecognizedLine[] =>
  lines.map((line) => {
    const real = realTree(line.name, index);
    return {
      recognised: recognise(line.name, index),
      under: standsUnder(real?.scientific ?? line.name, line.family ?? real?.family ?? null, index),
      real,
    };
  });

/** A list up to this long is looked up at once; starting a thread would take longer. */
const SHORT = 60;

/** Looks lines up, in a thread where there are many: a name that is nearly known is compared with every other. */
export const recognized = (request: RecognizeRequest): Promise<readonly RecognizedLine[]> =>
  request.lines.length <= SHORT
    ? Promise.resolve(recognizeLines(request))
    : inThread(new URL('./recognize.worker.ts', import.meta.url), plainRequest(request));
