import type { AskParams } from '@hurrow/core/quizzes';

const drawn = (label: string, i: number): string => (label === '' ? `drawing ${i + 1}` : label);

/** A question as the student will read it, with what is right. */
export function AskPreview({ params }: { params: AskParams }) {
  const { prompt, options, others, right, pairs, text } = params;
  const labels = new Map([
    ...options.map((o, i) => [o.id, drawn(o.label, i)] as const),
    ...others.map((o, i) => [o.id, drawn(o.label, i)] as const),
  ]);
  const answer =
    text ??
    (pairs.length > 0
      ? pairs.map(([l, r]) => `${labels.get(l) ?? ''} – ${labels.get(r) ?? ''}`).join('; ')
      : right.map((r) => labels.get(r) ?? '').join(', '));
  return (
    <span className="ask-preview">
      <span>{prompt}</span>
      {options.length > 0 && pairs.length === 0 ? (
        <span className="quiet">{options.map((o, i) => drawn(o.label, i)).join(' · ')}</span>
      ) : null}
      {answer === '' ? null : <span className="quiet">Right: {answer}</span>}
    </span>
  );
}
