import type { Invitation, OwnSession, PersonOnStaff, Role, Section } from '@hurrow/contract';

export const ROLE_WORDS: Readonly<Record<Role, string>> = {
  owner: 'owner: everything, people and backups too',
  instructor: 'instructor: species, classes, quizzes, grades',
  assistant: 'assistant: sheets and grades of their classes',
};

/** The link of an invitation. The token stands behind the #, so that no server and no log on the way reads it. */
export const linkOf = (origin: string, token: string): string => `${origin}/invitation#${token}`;

/** The token of a link; null where it is not whole. */
export function tokenOf(hash: string): string | null {
  const token = hash.replace(/^#/, '');
  return /^[\w-]{20,80}$/.test(token) ? token : null;
}

const DAY = new Intl.DateTimeFormat('en-US', { weekday: 'short', month: 'short', day: 'numeric' });
const MOMENT = new Intl.DateTimeFormat('en-US', {
  month: 'short',
  day: 'numeric',
  hour: 'numeric',
  minute: '2-digit',
});

export const untilWords = (expires: string): string => `can be used until ${DAY.format(new Date(expires))}`;

/** Where and since when somebody is signed in. */
export const sessionWords = (s: OwnSession): string =>
  `${s.browser ?? 'a browser that gives no name'}, since ${MOMENT.format(new Date(s.startedAt))}`;

/** What an open invitation is for. */
export const invitationWords = (i: Invitation): string =>
  i.forPassphrase ? `${i.name} chooses a new passphrase` : `${i.name} joins as ${i.role}`;

/** Which sections somebody works in. */
export function sectionWords(p: PersonOnStaff, sections: readonly Pick<Section, 'id' | 'name'>[]): string {
  if (p.role !== 'assistant') return 'all classes';
  const names = p.sections.flatMap((id) => sections.find((s) => s.id === id)?.name ?? []);
  return names.length === 0 ? 'no class yet' : names.join(', ');
}

/** Whether somebody is the only owner who is left, so that the role cannot be taken from them. */
export const isLastOwner = (p: PersonOnStaff, staff: readonly PersonOnStaff[]): boolean =>
  p.role === 'owner' && p.active && staff.filter((o) => o.role === 'owner' && o.active).length === 1;
