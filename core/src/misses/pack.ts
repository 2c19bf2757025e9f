import type { MissData, MissLook, MissRival, MissStation, MissTell } from './types.ts';

const VERDICTS: readonly MissRival['verdict'][] = ['told', 'twins', 'unproven'];
const NO_WEEKS = -1;

/** The data of a fit as a few arrays, which go to a thread without being copied object by object. */
export interface PackedMisses {
  readonly words: readonly string[];
  readonly characters: MissData['characters'];
  /** Truth, names, weeks, how many rivals and how many pairs taught again, station by station. */
  readonly stations: Int32Array;
  readonly retaught: Int32Array;
  /** Taxon, verdict and how many tells, rival by rival. */
  readonly rivals: Int32Array;
  /** Character and group, tell by tell. */
  readonly tells: Int32Array;
  readonly overlaps: Float64Array;
  /** Student, station, name and how many calls, look by look. */
  readonly looks: Int32Array;
  /** Character, and 1 for right, call by call. */
  readonly calls: Int32Array;
}

/** Packs the data of a fit. Looks and stations keep their order. */
export function packMisses({ stations, looks, characters }: MissData): PackedMisses {
  const places = new Map<string, number>();
  const at = (word: string): number => {
    const had = places.get(word);
    if (had !== undefined) return had;
    places.set(word, places.size);
    return places.size - 1;
  };
  const [s, t, r, k, o, l, c]: number[][] = [[], [], [], [], [], [], []];
  for (const x of stations) {
    s?.push(at(x.truth), x.names, x.weeks ?? NO_WEEKS, x.rivals.length, x.retaught.length);
    for (const taxon of x.retaught) t?.push(at(taxon));
    for (const rival of x.rivals) {
      r?.push(at(rival.taxon), VERDICTS.indexOf(rival.verdict), rival.tells.length);
      for (const tell of rival.tells) {
        k?.push(at(tell.character), at(tell.group));
        o?.push(tell.overlap);
      }
    }
  }
  for (const x of looks) {
    l?.push(at(x.student), x.station, at(x.named), x.calls.length);
    for (const call of x.calls) c?.push(at(call.character), call.right ? 1 : 0);
  }
  return {
    words: [...places.keys()],
    characters,
    stations: Int32Array.from(s ?? []),
    retaught: Int32Array.from(t ?? []),
    rivals: Int32Array.from(r ?? []),
    tells: Int32Array.from(k ?? []),
    overlaps: Float64Array.from(o ?? []),
    looks: Int32Array.from(l ?? []),
    calls: Int32Array.from(c ?? []),
  };
}

/** Reads numbers one after the other. */
const reader = (all: ArrayLike<number>): (() => number) => {
  let place = 0;
  return () => all[place++] ?? 0;
};

/** Unpacks what `packMisses` packed. */
export function unpackMisses(p: PackedMisses): MissData {
  const word = (i: number): string => p.words[i] ?? '';
  const [station, again, rival, tell, overlap] = [p.stations, p.retaught, p.rivals, p.tells, p.overlaps].map(
    reader,
  ) as [() => number, () => number, () => number, () => number, () => number];
  const many = <T>(n: number, make: () => T): readonly T[] => Array.from({ length: n }, make);
  const stations = many(p.stations.length / 5, (): MissStation => {
    const [truth, names, weeks, rivals, retaught] = [station(), station(), station(), station(), station()];
    return {
      truth: word(truth),
      names,
      weeks: weeks === NO_WEEKS ? null : weeks,
      retaught: many(retaught, () => word(again())),
      rivals: many(rivals, (): MissRival => {
        const [taxon, verdict, tells] = [rival(), rival(), rival()];
        return {
          taxon: word(taxon),
          verdict: VERDICTS[verdict] ?? 'unproven',
          tells: many(tells, (): MissTell => ({
            character: word(tell()),
            group: word(tell()),
            overlap: overlap(),
          })),
        };
      }),
    };
  });
  const look = reader(p.looks);
  const call = reader(p.calls);
  const looks = many(p.looks.length / 4, (): MissLook => {
    const [student, at, named, calls] = [look(), look(), look(), look()];
    return {
      student: word(student),
      station: at,
      named: word(named),
      calls: many(calls, () => ({ character: word(call()), right: call() === 1 })),
    };
  });
  return { stations, looks, characters: p.characters };
}
