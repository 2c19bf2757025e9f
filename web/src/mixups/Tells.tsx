import Button from 'antd/es/button';
import type { TellSeen } from '@hurrow/contract';
import { characterWords } from '@hurrow/core/characters';
import { useRead, useWrite } from '../api/index.ts';
import { useView, useVocabulary } from '../app/index.ts';
import { ProblemNote } from '../parts/index.ts';

/** Keeps a character to be asked again of the class. */
function RetestCharacter({
  section,
  character,
  name,
  isKept,
}: {
  section: string;
  character: string;
  name: string;
  isKept: boolean;
}) {
  const keep = useWrite('retestKeep');
  return (
    <>
      <Button
        size="small"
        disabled={isKept}
        loading={keep.isPending}
        aria-label={isKept ? `Kept: ${name}` : `Retest: ${name}`}
        onClick={() => keep.mutate({ params: { id: section }, body: { character } })}
      >
        {isKept ? 'Kept' : 'Retest'}
      </Button>
      <ProblemNote error={keep.error} />
    </>
  );
}

/** What could be seen each time that tells the two apart, and what was called. */
export function Tells({ section, tells, k }: { section: string; tells: readonly TellSeen[]; k: number }) {
  const vocabulary = useVocabulary();
  const { wording } = useView();
  const kept = useRead('retest', { id: section }).data ?? [];
  const nameOf = (id: string): string => {
    const c = vocabulary?.get(id);
    return c ? characterWords(c, wording.words) : id;
  };
  return (
    <section className="panel" aria-label="Tells">
      <h2>What could be seen that tells them apart</h2>
      {tells.length === 0 ? (
        <p className="quiet">Nothing recorded could be seen that separates the two.</p>
      ) : (
        <table className="plain-table">
          <thead>
            <tr>
              <th scope="col">Character</th>
              <th scope="col">Could be seen</th>
              <th scope="col">Seen right</th>
              <th scope="col">Seen wrong</th>
              <th scope="col">Not asked</th>
              <th scope="col">Ask again</th>
            </tr>
          </thead>
          <tbody>
            {tells.slice(0, 12).map((t) => (
              <tr key={t.character}>
                <td>{nameOf(t.character)}</td>
                <td className="number">
                  {t.visible} of {k}
                </td>
                <td className="number">{t.right}</td>
                <td className="number">{t.wrong}</td>
                <td className="number quiet">{t.visible - t.right - t.wrong}</td>
                <td>
                  <RetestCharacter
                    section={section}
                    character={t.character}
                    name={nameOf(t.character)}
                    isKept={kept.some((r) => r.character === t.character)}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
