import type { Handlers } from '../http/index.ts';
import { changeAccount, people } from './accounts.ts';
import {
  acceptInvitation,
  invite,
  resetPassphrase,
  showInvitation,
  withdrawInvitation,
} from './invitations.ts';
import { changeWorkspace, showWorkspace } from './workspace.ts';
import { changePassphrase, endOwnSession, ownSessions } from './own.ts';

export const peopleHandlers = {
  people,
  accountChange: changeAccount,
  invitationCreate: invite,
  invitationWithdraw: withdrawInvitation,
  passphraseReset: resetPassphrase,
  workspace: showWorkspace,
  workspaceChange: changeWorkspace,
  ownSessions,
  ownSessionEnd: endOwnSession,
  passphraseChange: changePassphrase,
} satisfies Partial<Handlers>;

/** An invitation is used by somebody whom nobody knows yet. */
export const invitationHandlers = {
  invitationShow: showInvitation,
  invitationAccept: acceptInvitation,
} satisfies Partial<Handlers>;
