import { createContext, useContext } from 'react';
import type { Session } from '@hurrow/contract';

export type SignedIn = Extract<Session, { kind: 'account' }>;

export const SessionContext = createContext<SignedIn | null>(null);

/** Who is signed in. @throws outside the shell, where nobody need be. */
export function useSession(): SignedIn {
  const session = useContext(SessionContext);
  if (!session) throw new Error('Nobody is signed in here');
  return session;
}

/** The date of the workspace. */
export const useToday = (): string => useSession().today;

/** An assistant reads the library and grades; teaching material is changed by owner and instructor. */
export const useMayTeach = (): boolean => useSession().role !== 'assistant';
