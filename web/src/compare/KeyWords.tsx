import { characterWords, leadSentence } from '@hurrow/core/characters';
import type { Character, Wording } from '@hurrow/core/characters';
import type { Lead } from '@hurrow/core/keys';
import { showLength } from '@hurrow/core/measuring';
import { TermDrawing } from '../plates/index.ts';

const number = (c: Character, n: number, wording: Wording): string =>
  c.kind === 'length' ? showLength(n, wording.units) : `${Number(n.toFixed(2))}${c.unit ? ` ${c.unit}` : ''}`;

/** What a lead says, as a sentence: “Leaves are opposite or whorled”, “Needles grow in bundles of up to 3”. */
export function leadWords(c: Character, lead: Omit<Lead, 'to'>, wording: Wording): string {
  if (!lead.range) return leadSentence(c, lead.states, wording);
  const { from, to } = lead.range;
  if (to !== null) return leadSentence(c, `up to ${number(c, to, wording)}`, wording);
  return leadSentence(c, from === null ? 'any number' : `more than ${number(c, from, wording)}`, wording);
}

export const askWords = (c: Character, wording: Wording): string => characterWords(c, wording.words);

/** The drawings of a lead's states, as many as a line has room for. */
export function LeadDrawings({ character, lead }: { character: Character; lead: Omit<Lead, 'to'> }) {
  return (
    <span className="lead-drawings" aria-hidden="true">
      {lead.states.slice(0, 2).map((s) => (
        <TermDrawing key={s} character={character.id} state={s} label="" />
      ))}
    </span>
  );
}
