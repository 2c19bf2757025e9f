import type { Bundle } from '@hurrow/contract';
import { libraryRows } from './libraryRows.ts';
import { WS } from './identity.ts';
import { TEACHERS } from './people.ts';
import { accountId, teachingRows, workspaceRows } from './scenario.ts';
import { ruleRows } from './rules.ts';
import { specimenRows } from './specimens.ts';
import { GIVEN_BACK, quizAndAnswerRows } from './sittings.ts';

export { PLANTED, answerStation, slip } from './answers.ts';
export type { Answered, ClassNames, Planted } from './answers.ts';
export { SECTIONS, TEACHERS } from './people.ts';
export { TODAY } from './scenario.ts';
export { DESCRIBED, SPECIES_NAMES } from './described.ts';

/** The demo workspace, the same every time. */
export function demoBundle(): Bundle {
  return {
    workspace: WS,
    withGroups: true,
    accounts: TEACHERS.map((t) => ({
      id: accountId(t.key),
      name: t.name,
      role: t.role,
      passphrase: t.passphrase,
    })),
    first: workspaceRows(),
    then: [...libraryRows(), ruleRows(), ...teachingRows(), ...specimenRows(), ...quizAndAnswerRows()],
    returnResults: GIVEN_BACK.map((g) => ({ ...g, by: accountId('owner') })),
  };
}
