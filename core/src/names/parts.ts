import { alignmentDistance, room } from './distance.ts';
import { taxaOf } from './entries.ts';
import { say } from './judgement.ts';
import type { Judgement, Truth } from './judgement.ts';
import { checklistSearch } from './nameIndex.ts';
import type { NameIndex } from './nameIndex.ts';
import { foldEpithet, foldLatin } from './normalise.ts';

const fits = (typed: string, right: string, fold: (t: string) => string): boolean => {
  const allowed = room(right.length);
  return alignmentDistance(fold(typed), fold(right), allowed) <= allowed;
};

const isGenus = (word: string, index: NameIndex): boolean =>
  index.words.genera.has(word) || checklistSearch().words.genera.has(word);

/** The right epithet without a genus, where no other listed species bears it. */
function epithetAlone(word: string, truth: Truth, index: NameIndex): Judgement | null {
  const own = (index.accepted.get(truth.taxon) ?? []).some((n) => n.tokens[1] === word);
  const bearers = (index.byEpithet.get(word) ?? []).filter((n) => truth.listed.has(n.taxon));
  if (!own) return null;
  return taxaOf(bearers).some((t) => t !== truth.taxon)
    ? say('doubtful', null, true, 0, 'the epithet alone, which several listed species bear')
    : say('right_epithet', null, true, 0, 'the epithet alone');
}

/** Right genus with another epithet, or the right epithet under another genus. */
export function judgeParts(tokens: readonly string[], truth: Truth, index: NameIndex): Judgement | null {
  const [genus = '', epithet = ''] = tokens;
  if (tokens.length === 1) return epithetAlone(genus, truth, index);
  for (const name of index.accepted.get(truth.taxon) ?? []) {
    const [rightGenus = '', rightEpithet = ''] = name.tokens;
    const sameGenus = genus === rightGenus || (!isGenus(genus, index) && fits(genus, rightGenus, foldLatin));
    if (sameGenus) return say('right_genus', null, true, 0, `genus right, “${epithet}” is not its epithet`);
    if (rightEpithet === '' || !fits(epithet, rightEpithet, foldEpithet)) continue;
    const bearers = (index.byEpithet.get(rightEpithet) ?? []).filter((n) => truth.listed.has(n.taxon));
    // A genus that is none may be meant for any that bears the epithet; one that is real is simply another.
    if (!isGenus(genus, index) && taxaOf(bearers).some((t) => t !== truth.taxon))
      return say('doubtful', null, true, 0, 'the epithet is borne by several listed species');
    return say('right_epithet', null, true, 0, `epithet right, “${genus}” is not its genus`);
  }
  return null;
}
