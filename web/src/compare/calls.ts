import { stateWords } from '@hurrow/core/characters';
import type { Character, Vocabulary, Wording } from '@hurrow/core/characters';
import { parseLength } from '@hurrow/core/measuring';
import type { Call } from '@hurrow/core/naming';

export const DOES_NOT_APPLY = '-';

/** A call as it is typed or chosen; null where it says nothing that can be read. */
export function callOf(character: Character, said: string): Call | null {
  if (said === DOES_NOT_APPLY) return { character: character.id, said: { kind: 'inapplicable' } };
  if (character.states.length > 0) {
    return character.states.some((s) => s.id === said)
      ? { character: character.id, said: { kind: 'state', state: said } }
      : null;
  }
  const text = said.trim();
  if (text === '') return null;
  const at = character.kind === 'length' ? parseLength(text) : Number(text);
  return at === null || !Number.isFinite(at) || at < 0
    ? null
    : { character: character.id, said: { kind: 'number', at } };
}

export function callWords(call: Call, vocabulary: Vocabulary, wording: Wording): string {
  const c = vocabulary.get(call.character);
  if (call.said.kind === 'inapplicable') return 'does not apply';
  if (call.said.kind === 'number') {
    const unit = c?.kind === 'length' ? 'mm' : (c?.unit ?? '');
    return `${Number(call.said.at.toFixed(2))}${unit ? ` ${unit}` : ''}`;
  }
  return c ? stateWords(c, call.said.state, wording.words) : call.said.state;
}
