/** Sets of small whole numbers as words of 32 bits. */
export type Bits = Uint32Array;

export const bitsFor = (size: number): Bits => new Uint32Array(Math.ceil(size / 32));

export const put = (set: Bits, i: number): void => {
  set[i >>> 5] = (set[i >>> 5] ?? 0) | (1 << (i & 31));
};

export const has = (set: Bits, i: number): boolean => (((set[i >>> 5] ?? 0) >>> (i & 31)) & 1) === 1;

/** What is in `a` and not in `b`. */
export function minus(a: Bits, b: Bits): Bits {
  const left = new Uint32Array(a.length);
  for (let w = 0; w < a.length; w += 1) left[w] = (a[w] ?? 0) & ~(b[w] ?? 0);
  return left;
}

export function both(a: Bits, b: Bits): Bits {
  const shared = new Uint32Array(a.length);
  for (let w = 0; w < a.length; w += 1) shared[w] = (a[w] ?? 0) & (b[w] ?? 0);
  return shared;
}

export function count(a: Bits): number {
  let n = 0;
  for (let word of a) {
    word -= (word >>> 1) & 0x55555555;
    word = (word & 0x33333333) + ((word >>> 2) & 0x33333333);
    n += (((word + (word >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
  }
  return n;
}

export const isEmpty = (a: Bits): boolean => a.every((w) => w === 0);

/** The members of a set, ascending. */
export function members(a: Bits): readonly number[] {
  const found: number[] = [];
  a.forEach((word, w) => {
    for (let rest = word; rest !== 0; rest &= rest - 1) found.push(w * 32 + (31 - Math.clz32(rest & -rest)));
  });
  return found;
}
