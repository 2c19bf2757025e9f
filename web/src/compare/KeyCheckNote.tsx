import { characterWords } from '@hurrow/core/characters';
import type { KeyCheck } from '@hurrow/core/keys';
import { MemberNames } from './MemberNames.tsx';
import type { BuiltKey } from './useKey.ts';
import type { Compared } from './useCompared.ts';

/** What running every recorded way through a key found. */
export function KeyCheckNote({
  compared: c,
  built: { key, check },
}: {
  compared: Compared;
  built: BuiltKey;
}) {
  const bound = Math.log2(c.members.length) / 2;
  const over: KeyCheck['astray'] = check.astray;
  return (
    <section className="panel" aria-label="The check">
      <h2>Checked</h2>
      <p>
        {check.arrived === check.ways ? (
          <>All {c.members.length} species can be reached, whichever of their recorded states they show.</>
        ) : (
          <>
            <b className="number">{check.ways - check.arrived}</b> of {check.ways} recorded combinations of
            states do not reach their species.
          </>
        )}
      </p>
      {check.together.length > 0 ? (
        <p>
          This key cannot separate:{' '}
          {check.together.map((t, n) => (
            <span key={t.join()}>
              {n > 0 ? '; ' : ''}
              <MemberNames compared={c} all={t} between=" and " />
            </span>
          ))}
          .
        </p>
      ) : null}
      {over.length > 0 ? (
        <p className="wrong-words">
          In more places than a key has room for:{' '}
          <MemberNames
            compared={c}
            all={over.map((o) => o.species)}
            between="; "
            after={(n) => {
              const asked = c.vocabulary.get(over[n]?.character ?? '');
              return asked ? ` at ${characterWords(asked, c.wording.words)}` : '';
            }}
          />
          .
        </p>
      ) : null}
      <p className="quiet">
        About {Math.round(key.length)} steps for each species. No key with four choices a step needs fewer
        than {Math.ceil(bound)}.
      </p>
    </section>
  );
}
