import type { PersonLinks, Section } from '@hurrow/contract';

/** A student who is the same person, with where they are. */
export const linkWords = (s: PersonLinks['students'][number]): string => {
  const name = `${s.code}${s.firstName ? ` ${s.firstName}` : ''}`;
  return s.sections.length === 0 ? name : `${name} in ${s.sections.join('; ')}`;
};

/** Students who can be said to be the same person: everybody else, without those who are already. */
export function elsewhere(
  sections: readonly Section[],
  student: string,
  links: PersonLinks,
): readonly { readonly value: string; readonly label: string }[] {
  const known = new Set([student, ...links.students.map((s) => s.id)]);
  const found = new Map<string, string>();
  for (const section of sections)
    for (const s of section.students)
      if (!known.has(s.id) && !found.has(s.id))
        found.set(s.id, `${section.name}, ${section.term}: ${s.code}${s.firstName ? ` ${s.firstName}` : ''}`);
  return [...found].map(([value, label]) => ({ value, label }));
}
