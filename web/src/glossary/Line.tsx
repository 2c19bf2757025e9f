import Button from 'antd/es/button';
import type { CharacterRate, GlossaryCharacter, MisreadRow } from '@hurrow/contract';
import { stateOf, stateWords } from '@hurrow/core/characters';
import type { Wording } from '@hurrow/core/characters';
import { AppLink, TaxonName, missedWords } from '../parts/index.ts';
import { TermDrawing } from '../plates/index.ts';
import type { GlossaryLine } from './find.ts';
import type { useShowing } from './useShowing.ts';

/** Species named in a line before the rest are only counted. */
const NAMED = 4;

type Showing = NonNullable<ReturnType<typeof useShowing>>;

function misreadWords(character: GlossaryCharacter, row: MisreadRow | undefined, wording: Wording): string {
  if (!row || row.calls === 0) return '';
  const first = row.readAs[0];
  const as =
    first && stateOf(character, first.state)
      ? `, most often called ${stateWords(character, first.state, wording.words)}`
      : '';
  return `called wrong ${row.wrong} of ${row.calls} times${as}`;
}

/** A character or one of its states: drawn, explained, with who shows it and how often it is called wrong. */
export function Line({
  line,
  wording,
  misread,
  rate,
  showing,
  mayEdit,
  onEdit,
  onWords,
}: {
  line: GlossaryLine;
  wording: Wording;
  misread: MisreadRow | undefined;
  rate: CharacterRate | undefined;
  showing: Showing | null;
  mayEdit: boolean;
  onEdit: () => void;
  onWords: () => void;
}) {
  const it = line.kind === 'character' ? line.character : line.state;
  const [first, second] = wording.words === 'plain' ? [it.plain, it.term] : [it.term, it.plain];
  const species = line.kind === 'state' && showing ? showing(line.character, line.state.id) : [];
  return (
    <div
      className={line.kind === 'character' ? 'glossary-character' : 'glossary-state'}
      style={line.kind === 'state' ? { paddingLeft: 14 + 18 * line.depth } : {}}
    >
      <div className="glossary-drawing">
        {line.kind === 'state' ? (
          <TermDrawing character={line.character.id} state={line.state.id} label={`${first}, drawn`} />
        ) : null}
      </div>
      <div className="glossary-term">
        {line.kind === 'state' && line.state.swatch ? (
          <svg className="swatch" viewBox="0 0 10 10" aria-hidden="true">
            <rect width="10" height="10" rx="2" fill={line.state.swatch} stroke="#47584F" strokeWidth="0.6" />
          </svg>
        ) : null}
        <b>{first}</b>
        {first === second ? null : <span className="quiet"> {second}</span>}
        {it.retired ? <span className="tag larch">retired</span> : null}
        {line.words.length > 0 ? (
          <span className="quiet"> · learners say {line.words.map((w) => `“${w.text}”`).join(', ')}</span>
        ) : null}
        {mayEdit ? (
          <span className="line-tools">
            {line.kind === 'character' ? (
              <Button size="small" type="link" onClick={onEdit} aria-label={`Reword ${it.term}`}>
                Reword
              </Button>
            ) : null}
            <Button size="small" type="link" onClick={onWords} aria-label={`Learners’ words for ${it.term}`}>
              Words
            </Button>
          </span>
        ) : null}
      </div>
      <div>
        {it.definition}
        {line.kind === 'character' && line.character.counting ? (
          <span className="quiet"> {line.character.counting}</span>
        ) : null}
        {line.kind === 'character' && misread ? (
          <span className="misread"> {misreadWords(line.character, misread, wording)}</span>
        ) : null}
        {line.kind === 'character' && rate?.verdict === 'estimated' ? (
          <span className="misread"> missed {missedWords(rate)}</span>
        ) : null}
        {line.kind === 'state' && showing ? (
          <div className="quiet glossary-species">
            {species.length === 0 ? (
              'shown by none recorded'
            ) : (
              <>
                {species.slice(0, NAMED).map((s, i) => (
                  <span key={s.id}>
                    {i > 0 ? ', ' : ''}
                    <AppLink to={`/species/${s.id}`}>
                      <TaxonName taxon={s} common={false} />
                    </AppLink>
                  </span>
                ))}
                {species.length > NAMED ? (
                  <span title={species.map((s) => s.scientific).join(', ')}>
                    {' '}
                    and {species.length - NAMED} more
                  </span>
                ) : null}
              </>
            )}
          </div>
        ) : null}
      </div>
    </div>
  );
}
