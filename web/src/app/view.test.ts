import { expect, test } from '@jest/globals';
import { withView } from './carry.ts';

test('the view is carried from one place to the next, and what belongs to one place stays there', () => {
  const here = new URLSearchParams('on=2026-10-08&with=twig&words=technical&pair=a.b&section=s1');
  expect(withView('/species', here)).toBe('/species?on=2026-10-08&with=twig&words=technical');
  expect(withView('/mix-ups?section=s2', here)).toBe(
    '/mix-ups?section=s2&on=2026-10-08&with=twig&words=technical',
  );
  expect(withView('/quizzes?on=2027-01-01', here)).toBe('/quizzes?on=2027-01-01&with=twig&words=technical');
  expect(withView('/', new URLSearchParams())).toBe('/');
});
