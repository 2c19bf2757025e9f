import { characterWords, valueWords } from '@hurrow/core/characters';
import { useRead } from '../api/index.ts';
import { useView, useVocabulary } from '../app/index.ts';
import { AppLink } from '../parts/index.ts';
import { readProfile } from '../species/index.ts';

/** How high a species grows, which winters it bears and on what ground, as its profile says. */
export function GroundPart({ id }: { id: string }) {
  const profile = useRead('profile', { id }).data;
  const vocabulary = useVocabulary();
  const { conditions, wording } = useView();
  if (!profile || !vocabulary) return null;
  const lines =
    readProfile(profile, vocabulary, conditions, null)?.organs.find((o) => o.organ === 'site')?.lines ?? [];
  return (
    <section className="panel" aria-label="Ground">
      <h2>Height, winters and ground</h2>
      {lines.length === 0 ? (
        <p className="quiet">Nothing recorded.</p>
      ) : (
        <dl className="ground">
          {lines.flatMap(({ character: c, resolved }) =>
            resolved
              ? [
                  <div key={c.id}>
                    <dt>{characterWords(c, wording.words)}</dt>
                    <dd>{valueWords(c, resolved.value, wording)}</dd>
                  </div>,
                ]
              : [],
          )}
        </dl>
      )}
      <AppLink to={`/species/${id}/write`}>Edit profile</AppLink>
    </section>
  );
}
