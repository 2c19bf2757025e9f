import { NAMES_IT, say } from './judgement.ts';
import type { Judgement, NameAsked } from './judgement.ts';

/** What is known of a text beside its claims. */
export interface Around {
  /** Parts that name nothing. */
  readonly unread: number;
  readonly hedged: boolean;
  readonly negated: boolean;
  readonly crossed: boolean;
  readonly unsure: boolean;
  readonly asked: NameAsked;
  readonly genus: string | null;
}

const namesIt = (j: Judgement): boolean => NAMES_IT.includes(j.outcome);

/** Lower is better: a name of the kind that is asked before one of the other kind, then the surer outcome. */
function order(j: Judgement, asked: NameAsked): number {
  const wanted =
    asked === 'either' || asked === 'genus' || j.latin === null || j.latin === (asked === 'scientific');
  return (wanted ? 0 : NAMES_IT.length) + NAMES_IT.indexOf(j.outcome);
}

/** Whether a judgement beside the right name takes nothing from it: its genus, or a family. */
const isHarmless = (j: Judgement, genus: string | null): boolean =>
  (j.outcome === 'genus_only' && (j.taxon === genus || j.beside === 'own_genus')) || j.outcome === 'family';

/**
 * What several names in one text are worth together: two that name the same species count as the better, two that do not
 * are two answers and wait for a person. Source: docs/formulas.md, Grading names.
 */
export function combine(judged: readonly Judgement[], around: Around): Judgement {
  const right = judged.filter(namesIt).sort((a, b) => order(a, around.asked) - order(b, around.asked));
  const [best] = right;
  const rest = judged.filter((j) => !namesIt(j));
  const [first] = rest;
  if (around.crossed)
    return say(
      'hybrid',
      null,
      judged[0]?.latin ?? null,
      0,
      'names a hybrid, which is neither of its parents',
    );
  if (around.negated) return say('doubtful', null, null, 0, 'rules a name out');
  if (best) {
    const against = rest.find((j) => !isHarmless(j, around.genus));
    // A spelling between two names is settled by the right one beside it.
    if (against?.beside === 'tie' && !around.hedged) return best;
    if (against) return say('doubtful', null, null, best.edits, 'names more than one tree');
    if (around.hedged && around.unread > 0)
      return say('doubtful', null, null, best.edits, 'offers more than one answer');
    return around.unsure ? { ...best, why: `${best.why}, marked as not certain` } : best;
  }
  if (!first) return say('unlisted', null, null, 0, 'no name known');
  const broad = rest.filter((j) => j.outcome === 'genus_only');
  const narrow = rest.filter((j) => j.outcome !== 'genus_only' && j.outcome !== 'family');
  const named = new Set(narrow.map((j) => j.taxon ?? j.why));
  if (named.size > 1) return say('doubtful', null, null, 0, 'names more than one tree');
  const [chosen] = narrow;
  if (chosen && around.hedged && around.unread > 0)
    return say('doubtful', null, null, 0, 'offers more than one answer');
  if (chosen) return chosen;
  const genera = new Set(broad.map((j) => j.taxon ?? j.why));
  if (genera.size > 1) return say('doubtful', null, null, 0, 'names more than one genus');
  return first;
}
