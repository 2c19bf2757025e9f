import { useSession } from '../app/index.ts';
import { showDate } from '@hurrow/core/conditions';
import { characterName } from './contrastWords.ts';
import { useContrast } from './useContrast.ts';

/** What a contrast of a plan needs: what to look at first, and the two trees nearest to each other that show it. */
export function BlockWhere({ a, b }: { a: string; b: string }) {
  const { contrast } = useContrast(a, b);
  const { today } = useSession();
  if (!contrast) return <span className="block-where">Reading…</span>;
  const { plan, trees, say, conditions } = contrast;
  const [look] = plan.looks;
  if (!look)
    return (
      <span className="block-where">
        Nothing separates them for certain on {showDate(conditions.date, today)}. Open the lesson to see when
        something does.
      </span>
    );
  const tag = (id: string): string => trees.find((t) => t.id === id)?.tag ?? '';
  const { nearest } = plan;
  return (
    <span className="block-where">
      First look: {characterName(look.character.id, say)}.{' '}
      {nearest
        ? `Stand between trees ${tag(nearest.a)} and ${tag(nearest.b)}, ${nearest.minutes} ${nearest.minutes === 1 ? 'minute' : 'minutes'} on foot.`
        : 'No two trees of known place show one look both; open the lesson to see what does.'}
    </span>
  );
}
