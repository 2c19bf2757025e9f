import { answerText } from '../answers/index.ts';
import type { AnswerValue } from '../answers/index.ts';
import { familiesOfGenus, judgeFamily, judgeName, normalise } from '../names/index.ts';
import type { Judgement, Outcome, Truth } from '../names/index.ts';
import { familyPoints, gradeValue, namePoints } from '../quizzes/index.ts';
import type { Accepted, ValueOutcome } from '../quizzes/index.ts';
import type { Graded, GradingContext, KeyAsk, KeyTruth, NameAskKind, NameDecision } from './types.ts';

const round = (points: number): number => Math.round(points * 100) / 100;

function decided({ taxon, outcome }: NameDecision, truth: Truth): Judgement {
  const why = 'decided by hand';
  const judged = (o: Outcome, named = taxon): Judgement => ({
    outcome: o,
    taxon: named,
    latin: null,
    edits: 0,
    why,
  });
  if (taxon === null) return judged(outcome === 'genus_only' ? 'genus_only' : 'unlisted');
  if (taxon === truth.genus) return judged('genus_only');
  if (taxon !== truth.taxon) return judged('other_species');
  return judged(outcome === 'misspelled' || outcome === 'synonym' ? outcome : 'exact');
}

/** Asked at genus: any name of the genus, or of a species in it, is right. */
function gradeGenus(
  judged: Judgement,
  truth: Truth,
  most: number,
  context: GradingContext,
): Omit<Graded, 'folded'> {
  const named = judged.taxon === null ? null : (context.genera.get(judged.taxon) ?? judged.taxon);
  const right = judged.outcome === 'right_genus' || (named !== null && named === truth.genus);
  return { outcome: judged.outcome, points: right ? most : 0, taxon: judged.taxon, why: judged.why };
}

/** Asked at family: the present family, or an older one, whichever spelling is forgiven. */
function gradeFamily(
  text: string,
  most: number,
  own: KeyTruth,
  { names, policy }: GradingContext,
): Omit<Graded, 'folded'> {
  const families = own.families ?? familiesOfGenus(own.scientific);
  if (!families)
    return { outcome: 'not_recorded', points: 0, taxon: null, why: 'no family is recorded of the tree' };
  const { outcome, right, why } = judgeFamily(text, families, names);
  return { outcome, points: right ? familyPoints(outcome, most, policy) : 0, taxon: null, why };
}

/** Where other species are accepted too, a name is worth the most that it is worth for any of them. */
function gradeName(
  text: string,
  kind: NameAskKind,
  most: number,
  own: KeyTruth,
  context: GradingContext,
): Graded {
  const first = gradeNameOf(text, kind, most, own, context);
  return (own.also ?? []).reduce((best, taxon) => {
    const truth: KeyTruth = { ...own, taxon, genus: context.genera.get(taxon) ?? null };
    const other = gradeNameOf(text, kind, most, truth, context);
    return other.points > best.points ? { ...other, why: `${other.why}, which is accepted as well` } : best;
  }, first);
}

function gradeNameOf(
  text: string,
  kind: NameAskKind,
  most: number,
  own: KeyTruth,
  context: GradingContext,
): Graded {
  const folded = normalise(text);
  if (kind === 'family') return { ...gradeFamily(text, most, own, context), folded };
  const truth: Truth = { taxon: own.taxon, genus: own.genus, listed: context.listed, asked: kind };
  const decision = context.decisions.get(folded);
  const judged = decision ? decided(decision, truth) : judgeName(text, truth, context.names);
  if (kind === 'genus') return { ...gradeGenus(judged, truth, most, context), folded };
  const points = namePoints(judged, kind, truth.genus, most, context.policy);
  const right = judged.taxon === own.taxon && judged.outcome !== 'other_species';
  const otherWay =
    right &&
    points === 0 &&
    kind !== 'either' &&
    judged.latin !== null &&
    judged.latin !== (kind === 'scientific');
  const why = otherWay ? `${judged.why}, but the ${kind} name is asked` : judged.why;
  return { outcome: judged.outcome, points, taxon: judged.taxon, why, folded };
}

type NameValue = Extract<AnswerValue, { kind: 'name' }>;

/**
 * A name that staff entered without its letters is graded as what they say it is; no decision about a written name
 * touches it, since nobody typed what was written.
 */
function pickedAs({ picked }: NameValue, graded: Graded, most: number, { policy }: GradingContext): Graded {
  if (picked === undefined) return graded;
  const entered = { ...graded, folded: null };
  if (picked !== 'misspelled' || graded.points <= 0) return entered;
  const points = round(Math.min(graded.points, most * policy.misspelled));
  return { ...entered, outcome: 'misspelled', points, why: 'entered as right but misspelled' };
}

const NAME_KINDS: readonly NameAskKind[] = ['common', 'scientific', 'either', 'genus', 'family'];

const WHY: Readonly<Record<ValueOutcome, string>> = {
  right: 'matches the key',
  coarse: 'right, but less than was asked',
  wrong: 'does not match the key',
  not_recorded: 'nothing is recorded of the tree',
  blank: 'nothing written',
  cannot_tell: 'says it cannot be told',
  to_read: 'to be read by a person',
};

const NOT_SURE = 'says not sure';

function whyOf(value: AnswerValue, outcome: ValueOutcome, accepted: Accepted): string {
  if (value.kind === 'not_sure') return NOT_SURE;
  if (accepted.kind !== 'call' || (outcome !== 'wrong' && outcome !== 'coarse')) return WHY[outcome];
  return `wrote ${answerText(value)}; the tree shows ${accepted.words}`;
}

/** The species that was chosen, where options stand for species. */
const chosenTaxon = (value: AnswerValue, accepted: Accepted): string | null =>
  accepted.kind === 'choice' && (value.kind === 'choice' || value.kind === 'choice_by_character')
    ? (accepted.taxa?.[value.chosen] ?? null)
    : null;

/**
 * Grades one answer by what the key of its station accepts. Pure: the same answer, key and decisions always earn the
 * same. Source: docs/domain.md, Grades; docs/formulas.md, Grading names.
 */
export function gradeAnswer(
  value: AnswerValue,
  ask: KeyAsk,
  truth: KeyTruth,
  context: GradingContext,
): Graded {
  if (ask.accepted.kind === 'name') {
    const { kind } = ask;
    const asked = NAME_KINDS.find((k) => k === kind) ?? 'either';
    const hopeless = truth.notTellable ?? false;
    if (value.kind === 'cannot_tell') {
      const why = hopeless ? 'it cannot be told, and that is right' : WHY.cannot_tell;
      return { outcome: 'cannot_tell', points: hopeless ? ask.most : 0, taxon: null, why, folded: null };
    }
    if (value.kind === 'not_sure')
      return { outcome: 'blank', points: 0, taxon: null, why: NOT_SURE, folded: null };
    const named: NameValue = value.kind === 'name' ? value : { kind: 'name', text: '' };
    const graded = pickedAs(named, gradeName(named.text, asked, ask.most, truth, context), ask.most, context);
    // A name that happens to be right is a guess where nothing at hand decides it.
    return hopeless ? { ...graded, points: 0, why: 'it cannot be told from what is at hand' } : graded;
  }
  const { outcome, share } = gradeValue(value, ask.accepted);
  return {
    outcome,
    points: round(share * ask.most),
    taxon: chosenTaxon(value, ask.accepted),
    why: whyOf(value, outcome, ask.accepted),
    folded: null,
  };
}

export type Grader = (value: AnswerValue, ask: KeyAsk, truth: KeyTruth) => Graded;

/** A grader of one sitting, which judges each distinct name of each truth only once. */
export function grader(context: GradingContext): Grader {
  const known = new Map<string, Graded>();
  return (value, ask, truth) => {
    if (value.kind !== 'name') return gradeAnswer(value, ask, truth, context);
    const key = JSON.stringify([
      truth.taxon,
      truth.also ?? [],
      truth.notTellable ?? false,
      ask.kind,
      ask.most,
      value.text,
    ]);
    const had = known.get(key);
    if (had) return had;
    const made = gradeAnswer(value, ask, truth, context);
    known.set(key, made);
    return made;
  };
}
