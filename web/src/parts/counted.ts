/** A number with its noun: “1 state”, “3 states”. */
export const counted = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;
