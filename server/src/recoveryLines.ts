import type { Recovery } from './http/index.ts';

const count = (n: number, one: string, many: string): string => `${n} ${n === 1 ? one : many}`;

/** What a start brought back and what it could not, in sentences; empty where there is nothing to say. */
export function recoveryLines({ stored, left, aside, damagedErasures }: Recovery): readonly string[] {
  return [
    ...(stored > 0
      ? [`${count(stored, 'answer was', 'answers were')} brought in from the answers log.`]
      : []),
    ...(left > 0
      ? [
          `${count(left, 'answer belongs', 'answers belong')} to a quiz or a student that this database does not have. ` +
            'The answers log keeps them.',
        ]
      : []),
    ...(aside > 0
      ? [
          `${count(aside, 'line', 'lines')} of the answers log could not be read or stored. ` +
            'They are in answers/set-aside.jsonl.',
        ]
      : []),
    ...(damagedErasures > 0
      ? [
          `${count(damagedErasures, 'line', 'lines')} of erasures.log cannot be read. ` +
            'Check whether a student who was erased is back.',
        ]
      : []),
  ];
}
