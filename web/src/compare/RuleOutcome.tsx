import type { RuleReport } from '@hurrow/core/rules';
import { MemberNames } from './MemberNames.tsx';
import { BREACH } from './ruleWords.ts';
import type { Compared } from './useCompared.ts';

const EXCEPTIONS = 6;
const UNTESTABLE = 4;

/** The outcome of a rule in a line: exceptions named, what is not recorded, whether it can be seen now. */
export function RuleOutcome({ compared, report }: { compared: Compared; report: RuleReport }) {
  const { exceptions, untestable, hidden, subjects } = report;
  return (
    <>
      {exceptions.length > 0 ? (
        <>
          Except{' '}
          <MemberNames
            compared={compared}
            all={exceptions.map((e) => e.member)}
            most={EXCEPTIONS}
            after={(n) => {
              const breach = exceptions[n]?.breach;
              return breach ? ` (${BREACH[breach]})` : '';
            }}
          />
          .{' '}
        </>
      ) : null}
      {untestable.length > 0 ? (
        <>
          Not recorded of <MemberNames compared={compared} all={untestable} most={UNTESTABLE} />.{' '}
        </>
      ) : null}
      {hidden.length > 0
        ? `Cannot be seen now on ${hidden.length} of ${subjects.length}: ${hidden[0]?.reason ?? ''}.`
        : null}
    </>
  );
}
