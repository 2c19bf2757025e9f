import { readCell, valueWords } from '@hurrow/core/characters';
import type { Character } from '@hurrow/core/characters';
import { useView } from '../app/index.ts';
import { BeyondNote } from './BeyondNote.tsx';
import { completeCell, hasStates } from './entry.ts';
import type { CellProblem, TableModel } from './tableModel.ts';

/** What the cell at hand is, what may be written there, and how what is typed reads. */
export function CellNote({
  character,
  taxon,
  taxonId,
  typing,
  refused,
  model,
}: {
  character: Character;
  taxon: string;
  taxonId: string;
  typing: string | null;
  refused: CellProblem | null;
  model: TableModel;
}) {
  const { wording } = useView();
  const read = typing === null ? null : readCell(character, completeCell(character, typing));
  const said = model.anyOwn(taxonId, character.id).length;
  return (
    <div className="cell-note" role="status">
      <b>{taxon}</b>, {character.plain}:{' '}
      {refused && read && !read.ok ? (
        <span className="wrong-words">{refused.problem}</span>
      ) : read?.ok && read.value ? (
        <>
          reads as {valueWords(character, read.value, wording)}
          <BeyondNote character={character} value={read.value} />
        </>
      ) : hasStates(character) ? (
        <span className="quiet">
          {character.states
            .filter((s) => !s.retired)
            .map((s) => s.term)
            .join(', ')}
        </span>
      ) : (
        <span className="quiet">
          {character.kind === 'length'
            ? 'a range with its unit, such as (2) 3-5 (7) in'
            : 'a range, such as 5-9 (11)'}
        </span>
      )}
      {said > 1 ? <span className="quiet"> · {said} sources</span> : null}
    </div>
  );
}
