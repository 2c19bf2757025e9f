import type { Character, Value } from '@hurrow/core/characters';
import { beyondLimits } from '@hurrow/core/questions';

/** Asks beside a field about a number beyond what trees and shrubs are known to have; it blocks nothing. */
export function BeyondNote({ character, value }: { character: Character; value: Value | null }) {
  const beyond = value?.kind === 'range' ? beyondLimits(character, value) : null;
  return beyond ? (
    <span role="status" className="ask-words">
      {' '}
      {beyond.text} {beyond.remedy}
    </span>
  ) : null;
}
