import { checklist, once } from './checklist/index.ts';
import { alignmentDistance, room } from './distance.ts';
import { isBroad } from './entries.ts';
import type { NameIndex } from './nameIndex.ts';
import { exactNames } from './exact.ts';
import { typedTokens } from './nameIndex.ts';
import { readTyped } from './reading.ts';
import { isFamilyName } from './words.ts';

/** The families a tree stands in: as it stands now, and as it stood in older books. */
export interface Families {
  readonly family: string;
  readonly older: readonly string[];
}

/** The family the checklist gives a genus, by a scientific name; older families are not told by genus there. */
export function familiesOfGenus(scientific: string): Families | null {
  const genus = scientific.replace(/^× /, '').split(' ')[0];
  const found = checklist().genera.find((g) => g.genus.replace('× ', '') === genus);
  return found ? { family: found.family, older: [] } : null;
}

export type FamilyOutcome =
  | 'exact'
  | 'misspelled'
  | 'older_family'
  | 'family'
  | 'unlisted'
  | 'doubtful'
  | 'blank';

export interface FamilyJudgement {
  readonly outcome: FamilyOutcome;
  /** Whether it is the tree's own family. */
  readonly right: boolean;
  readonly edits: number;
  readonly why: string;
}

const OLD_STYLE: Readonly<Record<string, string>> = {
  leguminosae: 'fabaceae',
  compositae: 'asteraceae',
  palmae: 'arecaceae',
  gramineae: 'poaceae',
  labiatae: 'lamiaceae',
};

interface KnownFamily {
  readonly normal: string;
  /** The family a name stands for now. */
  readonly now: string;
}

const known = once((): readonly KnownFamily[] => {
  const { families } = checklist();
  const english = (common: string): string => common.toLowerCase().replace(/-/g, ' ');
  return [
    ...families.map((f) => ({ normal: f.family.toLowerCase(), now: f.family.toLowerCase() })),
    ...families.flatMap((f) => [
      { normal: `${english(f.common)} family`, now: f.family.toLowerCase() },
      { normal: english(f.common), now: f.family.toLowerCase() },
    ]),
    ...Object.entries(OLD_STYLE).map(([normal, now]) => ({ normal, now })),
    ...families.flatMap((f) => f.older.map((o) => ({ normal: o.toLowerCase(), now: o.toLowerCase() }))),
  ];
});

const say = (outcome: FamilyOutcome, right: boolean, edits: number, why: string): FamilyJudgement => ({
  outcome,
  right,
  edits,
  why,
});

interface FamilyName {
  readonly normal: string;
  readonly outcome: 'exact' | 'older_family' | 'family';
}

/** Every family name there is, each as what it is to this tree. */
function namesFor(own: Families): readonly FamilyName[] {
  const family = own.family.toLowerCase();
  const older = new Set(own.older.map((o) => o.toLowerCase()));
  const mine: FamilyName[] = [
    { normal: family, outcome: 'exact' },
    ...[...older].map((normal): FamilyName => ({ normal, outcome: 'older_family' })),
  ];
  const had = new Set(mine.map((m) => m.normal));
  return [
    ...mine,
    ...known()
      .filter((k) => !had.has(k.normal))
      .map((k): FamilyName => ({
        normal: k.normal,
        outcome: k.now === family ? 'exact' : older.has(k.now) ? 'older_family' : 'family',
      })),
  ];
}

/**
 * What a typed text is worth where the family is asked: the present or an older one of the tree, spelling forgiven by the
 * count of letters. Source: docs/formulas.md, Grading names.
 */
export function judgeFamily(typed: string, own: Families, index: NameIndex): FamilyJudgement {
  const tokens = typedTokens(typed);
  if (tokens.length === 0) return say('blank', false, 0, 'nothing written');
  const names = namesFor(own);
  const exactly = (text: string): FamilyName | undefined => names.find((n) => n.normal === text);
  const reading = readTyped(typed);
  const said = reading.parts.flatMap((p) => exactly(p.words.map((w) => w.text).join(' ')) ?? []);
  const whole = exactly(tokens.join(' '));
  const found = whole ? [whole] : said;
  if (reading.negated && found.length > 0) return say('doubtful', false, 0, 'a family is ruled out');
  const [first] = found;
  if (first) {
    const unlike = found.find((f) => (f.outcome === 'family') !== (first.outcome === 'family'));
    if (unlike || (reading.hedged && reading.parts.length > found.length))
      return say('doubtful', false, 0, 'more than one family is named');
    return say(first.outcome, first.outcome !== 'family', 0, `“${first.normal}”`);
  }
  const text = tokens.filter((t) => t !== 'family').join(' ');
  const measured = names
    .filter((n) => !n.normal.endsWith(' family'))
    .map((n) => ({ n, edits: alignmentDistance(text, n.normal, room(n.normal.length)) }))
    .filter(({ n, edits }) => edits <= room(n.normal.length))
    .sort((a, b) => a.edits - b.edits);
  const [near] = measured;
  if (near) {
    const tied = measured.filter((m) => m.edits === near.edits);
    if (tied.some((m) => (m.n.outcome === 'family') !== (near.n.outcome === 'family')))
      return say('doubtful', false, near.edits, 'as near to one family as to another');
    return near.n.outcome === 'family'
      ? say('family', false, near.edits, `near “${near.n.normal}”`)
      : say('misspelled', true, near.edits, `near “${near.n.normal}”`);
  }
  if (tokens.some(isFamilyName)) return say('family', false, 0, 'another family');
  const hits = exactNames(index, tokens);
  return hits.length > 0
    ? say('unlisted', false, 0, isBroad(hits[0]?.rank ?? 'species') ? 'names a genus' : 'names a species')
    : say('unlisted', false, 0, 'no family known');
}
