import Button from 'antd/es/button';
import Tooltip from 'antd/es/tooltip';
import type { SpeciesProfile } from '@hurrow/contract';
import { characterWords, shownStates, stateOf, valueWords } from '@hurrow/core/characters';
import type { Character, Value, Wording } from '@hurrow/core/characters';
import { TermDrawing } from '../plates/index.ts';
import { otherStages } from './ownStatement.ts';
import type { ProfileLine } from './useProfile.ts';

const swatchOf = (character: Character, value: Value): readonly string[] =>
  character.kind === 'colour' && value.kind === 'states'
    ? shownStates(value).flatMap((s) => stateOf(character, s.state)?.swatch ?? [])
    : [];

function Origin({
  line,
  profile,
  wording,
}: {
  line: ProfileLine;
  profile: SpeciesProfile;
  wording: Wording;
}) {
  const { resolved } = line;
  if (!resolved) return null;
  const name = (taxon: string): string => profile.above.find((t) => t.id === taxon)?.scientific ?? 'above';
  const sources = resolved.statements.map(
    (s) => profile.sources.find((x) => x.id === s.source)?.citation ?? '',
  );
  const inherited = resolved.origin !== profile.header.id;
  return (
    <span className="line-origin quiet">
      {inherited ? <>from {name(resolved.origin)} </> : null}
      {resolved.exceptionTo ? (
        <span className="tag">
          exception: {name(resolved.exceptionTo.origin)} has{' '}
          {valueWords(line.character, resolved.exceptionTo.value, wording)}
        </span>
      ) : null}
      {resolved.disagreesWith.length > 0 ? (
        <span className="tag larch">{resolved.disagreesWith.map(name).join(', ')} says otherwise</span>
      ) : null}
      {sources.length > 1 ? (
        <Tooltip
          title={resolved.statements.map((s, i) => (
            <div key={s.id}>
              {sources[i]}: {valueWords(line.character, s.value, wording)}
            </div>
          ))}
        >
          <span className="tag" tabIndex={0}>
            {sources.length} sources
          </span>
        </Tooltip>
      ) : null}
    </span>
  );
}

/** One character: its value, where it comes from, and why it cannot be seen now where it cannot. */
export function CharacterLine({
  line,
  profile,
  wording,
  onEdit,
}: {
  line: ProfileLine;
  profile: SpeciesProfile;
  wording: Wording;
  onEdit?: () => void;
}) {
  const { character, resolved, seen } = line;
  if (!resolved) return null;
  const hidden = seen.seen === 'no' || seen.seen === 'unknown';
  const words = characterWords(character, wording.words);
  const shown = resolved.value.kind === 'states' ? shownStates(resolved.value)[0]?.state : undefined;
  return (
    <div className={hidden ? 'character-line hidden' : 'character-line'} data-character={character.id}>
      <Tooltip
        title={
          <>
            {character.definition} {character.counting ?? ''}
            {shown ? (
              <span className="tip-drawing">
                <TermDrawing character={character.id} state={shown} label={`${words}, drawn`} />
              </span>
            ) : null}
          </>
        }
      >
        <span className="line-name" tabIndex={0}>
          {words}
        </span>
      </Tooltip>
      <span className="line-value">
        {swatchOf(character, resolved.value).map((s) => (
          <svg key={s} className="swatch" viewBox="0 0 10 10" aria-hidden="true">
            <rect width="10" height="10" rx="2" fill={s} stroke="#47584F" strokeWidth="0.6" />
          </svg>
        ))}
        {valueWords(character, resolved.value, wording)}
        {otherStages(character, resolved, wording).map((words) => (
          <span key={words} className="tag">
            {words}
          </span>
        ))}
        <Origin line={line} profile={profile} wording={wording} />
      </span>
      <span className="line-seen">
        {seen.reason === '' ? '' : seen.seen === 'partly' ? `partly: ${seen.reason}` : seen.reason}
      </span>
      <span>
        {onEdit ? (
          <Button size="small" onClick={onEdit} aria-label={`Change ${words}`}>
            Change
          </Button>
        ) : null}
      </span>
    </div>
  );
}
