import { expect, test } from '@jest/globals';
import type { PersonOnStaff } from '@hurrow/contract';
import { invitationWords, isLastOwner, linkOf, sectionWords, sessionWords, tokenOf } from './words.ts';

const person = (more: Partial<PersonOnStaff> = {}): PersonOnStaff => ({
  id: 'p',
  name: 'Tamsin Reyl',
  role: 'assistant',
  active: true,
  sections: [],
  signedIn: 0,
  version: 1,
  ...more,
});

test('a link carries its token behind the #, and gives it back', () => {
  const link = linkOf('https://trees.example', 'abcdefghijklmnopqrstuvwx_-12');
  expect(link).toBe('https://trees.example/invitation#abcdefghijklmnopqrstuvwx_-12');
  expect(tokenOf(new URL(link).hash)).toBe('abcdefghijklmnopqrstuvwx_-12');
});

test.each(['', '#', '#short', '#with space in it and long enough', `#${'x'.repeat(81)}`])(
  'a link that is not whole has no token: %s',
  (hash) => {
    expect(tokenOf(hash)).toBeNull();
  },
);

test('sections are named for an assistant only', () => {
  const sections = [
    { id: 'a', name: 'Tuesday lab' },
    { id: 'b', name: 'Thursday lab' },
  ];
  expect(sectionWords(person({ role: 'instructor' }), sections)).toBe('all classes');
  expect(sectionWords(person(), sections)).toBe('no class yet');
  expect(sectionWords(person({ sections: ['b', 'a'] }), sections)).toBe('Thursday lab, Tuesday lab');
});

test('the last owner is the only active one', () => {
  const first = person({ id: 'a', role: 'owner' });
  const away = person({ id: 'b', role: 'owner', active: false });
  expect(isLastOwner(first, [first, away])).toBe(true);
  expect(isLastOwner(first, [first, person({ id: 'c', role: 'owner' })])).toBe(false);
  expect(isLastOwner(away, [first, away])).toBe(false);
});

test('a session without a name of a browser is told as one', () => {
  const words = sessionWords({ id: 's', startedAt: '2026-10-01T18:05:00Z', browser: null, isThis: false });
  expect(words).toContain('a browser that gives no name, since Oct 1');
});

test('an invitation says what it is for', () => {
  const invitation = {
    id: 'i',
    name: 'Ansel Thorpe',
    role: 'instructor' as const,
    sections: [],
    expires: '2026-10-08T00:00:00Z',
    by: 'Odile Marsh',
  };
  expect(invitationWords({ ...invitation, forPassphrase: false })).toBe('Ansel Thorpe joins as instructor');
  expect(invitationWords({ ...invitation, forPassphrase: true })).toBe(
    'Ansel Thorpe chooses a new passphrase',
  );
});
