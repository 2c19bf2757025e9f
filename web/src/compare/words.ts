import { oftenWords } from '@hurrow/core/measuring';
import { characterWords } from '@hurrow/core/characters';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import type { Change, PairCell, Standing, TellCard } from '@hurrow/core/compare';
import { careful } from '@hurrow/core/tells';
import { dayOfYear, handlingWords, materialWords, showDay } from '@hurrow/core/conditions';
import type { Conditions } from '@hurrow/core/conditions';
import type { Usable } from '@hurrow/core/compare';

export const STANDING: Readonly<
  Record<Standing, { readonly words: string; readonly sign: string; readonly tone: string }>
> = {
  clean: { words: 'clearly different', sign: '', tone: 'spruce' },
  weak: { words: 'barely different', sign: '~', tone: 'larch' },
  unproven: { words: 'not enough recorded', sign: '?', tone: '' },
  twins: { words: 'cannot be told apart', sign: '=', tone: 'cherry' },
};

/** Why a pair comes to what it does, in a few words. */
export function reasonWords(cell: PairCell, vocabulary: Vocabulary, wording: Wording): string {
  const words = (id: string | null): string => {
    const c = id === null ? undefined : vocabulary.get(id);
    return c ? characterWords(c, wording.words) : '';
  };
  const standing = STANDING[cell.standing].words;
  if (cell.standing === 'twins') return `${standing}: nothing that can be seen now separates them`;
  if (cell.standing === 'unproven') {
    return cell.open === null
      ? `${standing}: nothing is recorded of both`
      : `${standing}: ${words(cell.open)} might decide`;
  }
  return `${standing} by ${words(cell.best)}${cell.tells > 1 ? ` and ${cell.tells - 1} more` : ''}`;
}

const STRENGTH = { clean: 'clean', usual: 'mostly holds', partial: 'partial' } as const;

/** How strong a tell is now: what is seen only partly is no more than partial. */
export const strengthWords = (c: TellCard): string =>
  c.now === 'partly' && c.strength !== 'partial'
    ? `partial now (${STRENGTH[c.strength]})`
    : STRENGTH[c.strength];

/** How often a careful observer would tell the two rightly by what is plainly seen, the worse of the two ways round. */
export function carefulWords(cards: readonly TellCard[], vocabulary: Vocabulary): string {
  const plain = cards.filter((c) => c.now === 'yes');
  const one = careful(
    plain.map((c) => ({ character: c.character.id, a: c.a, b: c.b })),
    vocabulary,
  );
  const other = careful(
    plain.map((c) => ({ character: c.character.id, a: c.b, b: c.a })),
    vocabulary,
  );
  const right = Math.min(one, other);
  return `A careful observer would be right ${oftenWords(right)}.`;
}

/** What a tell needs: material, handling and nearness. */
export function needsWords({ character: c }: TellCard): string {
  const material = c.material.slice(0, 3).map(materialWords).join(' or ');
  const handling = c.needs.filter((n) => n !== 'look').map(handlingWords);
  const near = { far: '', binoculars: 'binoculars', trunk: 'at the trunk', hand: 'in the hand' }[c.distance];
  return [material, ...handling, near].filter((w) => w !== '').join(' · ');
}

const day = (iso: string): string => showDay(dayOfYear(iso));

/** When in the year, as spans of days. */
export function whenWords(spans: readonly Usable[]): string {
  if (spans.length === 0) return 'never with this in the hand';
  const [first] = spans;
  if (spans.length === 1 && first?.from.endsWith('-01-01') && first.to.endsWith('-12-31')) return 'all year';
  return spans.map((s) => (s.from === s.to ? day(s.from) : `${day(s.from)} – ${day(s.to)}`)).join(', ');
}

/** A change of the conditions as something to do. */
export function changeWords(change: Change, conditions: Conditions): string {
  switch (change.kind) {
    case 'material':
      return `Add ${materialWords(change.add)}`;
    case 'handling':
      return `Allow ${handlingWords(change.allow)}`;
    case 'distance':
      return {
        far: 'Stand afar',
        binoculars: 'Use binoculars',
        trunk: 'Go to the trunk',
        hand: 'Take it in the hand',
      }[change.to];
    case 'dry':
      return 'Wait until it is dry';
    case 'date':
      return `Move to ${day(conditions.date)} (${Math.abs(change.days)} days ${change.days > 0 ? 'later' : 'earlier'})`;
  }
}

/** What a species is called in a sentence: by its common name in plain words, where it has one. */
export const sayName = (
  t: { readonly scientific: string; readonly common: string | null },
  { words }: Pick<Wording, 'words'>,
): string => (words === 'plain' ? (t.common ?? t.scientific) : t.scientific);
