import { useMemo } from 'react';
import Button from 'antd/es/button';
import type { Usable } from '@hurrow/core/compare';
import { materialWords, showDate } from '@hurrow/core/conditions';
import type { Material } from '@hurrow/core/conditions';
import { pieceFor } from '@hurrow/core/reteach';
import type { PieceKind } from '@hurrow/core/plates';
import { useSession } from '../app/index.ts';
import { needsWords, whenWords } from '../compare/index.ts';
import { ComparisonView } from '../plates/index.ts';
import { characterName, checkLines, exceptionWords, lookWords } from './contrastWords.ts';
import type { Contrast } from './useContrast.ts';

/** A part that shows a tell on the day and is not taken for granted at a tree. */
const BROUGHT: readonly Material[] = ['fruit', 'litter'];

/** What to look at, in the order to look; or, where there is nothing now, what there is at another time. */
export function Looks({
  contrast,
  most,
  onBring,
  onLeave,
}: {
  contrast: Contrast;
  most?: number;
  /** Adds a part to what is at hand. */
  onBring?: (part: Material) => void;
  /** Leaves a look out of the lesson. */
  onLeave?: (character: string) => void;
}) {
  const { plan, say, conditions } = contrast;
  const { today } = useSession();
  const bringOf = (material: readonly Material[], when: readonly Usable[]): readonly Material[] =>
    when.some((w) => w.from <= conditions.date && conditions.date <= w.to)
      ? BROUGHT.filter((m) => material.includes(m)).slice(0, 1)
      : [];
  if (plan.looks.length === 0)
    return (
      <div>
        <p>
          Nothing that can be seen with this material on {showDate(conditions.date, today)} separates the two
          for certain.{plan.later.length > 0 ? ' With other material, or at another time:' : ''}
        </p>
        <ul className="plain-list">
          {plan.later.map(({ tell, when }) => (
            <li key={tell.character.id}>
              {lookWords(tell, say)}{' '}
              <span className="quiet">
                {needsWords(tell)}; {whenWords(when)}
              </span>{' '}
              {bringOf(tell.character.material, when).map((part) =>
                onBring ? (
                  <Button key={part} size="small" onClick={() => onBring(part)}>
                    Bring {materialWords(part)}
                  </Button>
                ) : null,
              )}
            </li>
          ))}
        </ul>
      </div>
    );
  return (
    <ol className="looks">
      {plan.looks.slice(0, most).map((l) => (
        <li key={l.character.id}>
          {lookWords(l, say)}{' '}
          {onLeave ? (
            <Button
              size="small"
              type="text"
              aria-label={`Leave out ${characterName(l.character.id, say)}`}
              onClick={() => onLeave(l.character.id)}
            >
              Leave out
            </Button>
          ) : null}
        </li>
      ))}
    </ol>
  );
}

/** The two at one scale, the organs that show a look, each look picked out. */
export function Plates({ contrast, most }: { contrast: Contrast; most?: number }) {
  const { first, second, plan, say } = contrast;
  const pair = useMemo(() => [first, second], [first, second]);
  const { differing, only } = useMemo(() => {
    const looks = plan.looks.slice(0, most);
    const drawn = new Set(looks.flatMap((l) => pieceFor(l.character) ?? []));
    return {
      differing: looks.map((l) => l.character.id),
      only: drawn.size > 0 ? ([...drawn] as PieceKind[]) : (['leaf', 'twig'] as PieceKind[]),
    };
  }, [plan, most]);
  return (
    <ComparisonView
      all={pair}
      differing={differing}
      vocabulary={say.vocabulary}
      wording={say.wording}
      only={only}
    />
  );
}

/** What helps to remember which is which, with what goes against it. */
export function Remember({ contrast }: { contrast: Contrast }) {
  const { first, second, plan, trees, say } = contrast;
  const notes = first.profile.pairs.filter((p) => p.other.id === second.header.id && (p.mnemonic ?? p.text));
  return (
    <>
      {notes.map((n) => (
        <p key={n.id}>
          {n.mnemonic ? <b className="mnemonic">{n.mnemonic}</b> : null} {n.text}
        </p>
      ))}
      {plan.exceptions.length > 0 ? (
        <ul className="plain-list exceptions" aria-label="Exceptions">
          {plan.exceptions.map((e) => (
            <li key={`${e.kind}${e.character}${e.kind === 'tree' ? e.individual : ''}`}>
              {exceptionWords(e, trees, say)}
            </li>
          ))}
        </ul>
      ) : null}
      {notes.length === 0 && plan.exceptions.length === 0 ? (
        <p className="quiet">
          No memory aid is written for the two, and nothing recorded goes against the looks.
        </p>
      ) : null}
    </>
  );
}

/** Cautions of the two plants; they defer to local rules. */
export function ContrastCautions({ contrast }: { contrast: Contrast }) {
  const all = [contrast.first, contrast.second].flatMap((l, i) =>
    l.profile.cautions.map((c) => ({ ...c, name: contrast.say.names[i] ?? '' })),
  );
  if (all.length === 0) return null;
  return (
    <div className="caution">
      {all.map((c) => (
        <div key={`${c.name}${c.hazard}${c.text}`}>
          <b>Caution, {c.name}:</b> {c.text}
        </div>
      ))}
      {all.some((c) => c.text.includes('local rules')) ? null : <div>Follow local rules.</div>}
    </div>
  );
}

/** Two or three questions; answers only where they are wanted. */
export function Check({ contrast, answers }: { contrast: Contrast; answers: boolean }) {
  const { plan, say } = contrast;
  const lines = checkLines(plan.check, plan.looks, say);
  if (lines.length === 0) return <p className="quiet">There is nothing to ask about on this day.</p>;
  return (
    <ol className="check-questions">
      {lines.map((l, i) => (
        <li key={i}>
          {l.ask}
          {answers ? <div className="check-answer">{l.answer}</div> : null}
        </li>
      ))}
    </ol>
  );
}

/** Characters by name, in a list of words. */
export const namesOf = (characters: readonly string[], { say }: Contrast): string =>
  characters.map((c) => characterName(c, say)).join(', ');
