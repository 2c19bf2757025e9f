import type { QuizSummary, Section } from '@hurrow/contract';

/** How much there is to see of a class: its sittings with answers first, then its students. */
const weight = (section: Section, quizzes: readonly QuizSummary[]): readonly [number, number] => [
  quizzes.flatMap((q) => q.sittings).filter((s) => s.section === section.id && s.submitted > 0).length,
  section.students.length,
];

/**
 * The class a page opens on: the one chosen last, else the one with the most to see, so that nothing opens empty while
 * something else is full.
 */
export function openingClass(
  sections: readonly Section[],
  quizzes: readonly QuizSummary[],
  kept: string | null,
): Section | null {
  const remembered = sections.find((s) => s.id === kept);
  if (remembered) return remembered;
  const [first = null, ...rest] = sections;
  return rest.reduce<Section | null>((best, s) => {
    if (!best) return s;
    const [a, b] = [weight(s, quizzes), weight(best, quizzes)];
    return a[0] > b[0] || (a[0] === b[0] && a[1] > b[1]) ? s : best;
  }, first);
}
