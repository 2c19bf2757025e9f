import { join } from 'node:path';
import { judgeName, nameIndex } from '@hurrow/core/names';
import type { Judgement, NameEntry } from '@hurrow/core/names';
import { demoBundle } from '@hurrow/demo';
import { plainTree } from './plain.ts';

const NAMES = 4000;
/** Typed names that are timed, and all that are judged both ways. */
const TIMED = 10_000;
const COMPARED = 20_000;
const TARGETS = { seconds: 2, times: 20 } as const;

type Judge = typeof judgeName;
type MakeIndex = typeof nameIndex;

/** Numbers below 1, the same in every run. Source: the minimal standard generator of Park and Miller (1988). */
function numbers(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48271) % 2147483647) / 2147483647;
}

/** Names of made-up species: every genus that ships with the epithets of the demo data, in a fixed order. */
function entries(): readonly NameEntry[] {
  const bundle = demoBundle();
  const names = [...bundle.first, ...bundle.then]
    .flatMap((t) => (t.table === 'name' ? t.rows : []))
    .flatMap((r) => (r['kind'] === 'accepted' ? String(r['text']).split(' ').slice(0, 2) : []));
  const genera = [...new Set(names.filter((w) => /^[A-Z][a-z]+$/.test(w)))];
  const real = [...new Set(names.filter((w) => /^[a-z]{4,}$/.test(w)))];
  // The beginning of one with the end of another gives more of the same kind.
  const made = [7, 13].flatMap((far) =>
    real.map((e, i) => e.slice(0, 5) + (real[(i + far) % real.length] ?? '').slice(3)),
  );
  return [...new Set([...real, ...made])]
    .flatMap((e) => genera.map((g) => `${g} ${e}`))
    .slice(0, NAMES)
    .map((text, i): NameEntry => ({ taxon: String(i), rank: 'species', kind: 'accepted', text }));
}

const LETTERS = 'abcdefghilmnopqrstuvxyz';

/** Typed names with the species that stood there; one in five has a slip or two. */
function typedNames(all: readonly NameEntry[], count: number): readonly { typed: string; taxon: string }[] {
  const next = numbers(11);
  const slip = (text: string): string => {
    const at = 1 + Math.floor(next() * (text.length - 1));
    const letter = LETTERS[Math.floor(next() * LETTERS.length)] ?? 'a';
    const how = next();
    if (how < 0.35) return text.slice(0, at) + text.slice(at + 1);
    if (how < 0.7) return text.slice(0, at) + letter + text.slice(at);
    return text.slice(0, at) + letter + text.slice(at + 1);
  };
  return Array.from({ length: count }, (_, i) => {
    const entry = all[Math.floor(next() * all.length)];
    const text = entry?.text ?? '';
    const inexact = i % 5 === 0 ? slip(text) : text;
    return { typed: i % 10 === 0 ? slip(inexact) : inexact, taxon: entry?.taxon ?? '' };
  });
}

function judged(
  judge: Judge,
  make: MakeIndex,
  all: readonly NameEntry[],
  typed: readonly { typed: string; taxon: string }[],
): { readonly seconds: number; readonly judgements: readonly Judgement[] } {
  const listed = new Set(all.map((e) => e.taxon));
  const start = performance.now();
  const index = make(all);
  let timed = 0;
  const judgements = typed.map(({ typed: text, taxon }, i) => {
    const judgement = judge(text, { taxon, genus: null, listed }, index);
    if (i === TIMED - 1) timed = performance.now() - start;
    return judgement;
  });
  return { seconds: timed / 1000, judgements };
}

/** Judges typed names by the index, and by comparing with every name as it stood before there was one. */
export async function measureNames(): Promise<string> {
  const all = entries();
  const typed = typedNames(all, COMPARED);
  const now = judged(judgeName, nameIndex, all, typed);
  const plain = plainTree('693435a');
  try {
    const old = (await import(join(plain.root, 'core/src/names/index.ts'))) as {
      judgeName: Judge;
      nameIndex: MakeIndex;
    };
    const before = judged(old.judgeName, old.nameIndex, all, typed);
    const unlike = now.judgements.filter(
      (j, i) => JSON.stringify(j) !== JSON.stringify(before.judgements[i]),
    );
    const times = before.seconds / now.seconds;
    const missed = now.seconds > TARGETS.seconds || times < TARGETS.times;
    return (
      `${TIMED} typed names, one in five inexact, against ${all.length} names: ${now.seconds.toFixed(2)} s, ` +
      `${times.toFixed(0)} times as fast as the scan at ${plain.commit} (${before.seconds.toFixed(1)} s); ` +
      `the checklist of real trees is searched with them; of ${COMPARED} names ${unlike.length} are judged otherwise than by the ` +
      `rules of that commit; targets under ${TARGETS.seconds} s, ${TARGETS.times} times${missed ? ', MISSED' : ''}.`
    );
  } finally {
    plain.remove();
  }
}
