import { characterWords } from '@hurrow/core/characters';
import type { KeyCheck } from '@hurrow/core/keys';
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
  const name = (i: number): string => c.members[i]?.scientific ?? '';
  const bound = Math.log2(c.members.length) / 2;
  const over: KeyCheck['astray'] = check.astray;
  return (
    <section className="panel" aria-label="The check">
      <h2>Checked</h2>
      <p>
        <b className="number">
          {check.arrived} of {check.ways}
        </b>{' '}
        recorded ways arrive: every species with every combination of states it is recorded with.
      </p>
      {check.together.length > 0 ? (
        <p>
          Not parted by what this audience can see now:{' '}
          {check.together.map((t) => t.map(name).join(' and ')).join('; ')}.
        </p>
      ) : null}
      {over.length > 0 ? (
        <p className="wrong-words">
          In more places than a key has room for:{' '}
          {over
            .map((o) => {
              const asked = c.vocabulary.get(o.character);
              return `${name(o.species)}${asked ? ` at ${characterWords(asked, c.wording.words)}` : ''}`;
            })
            .join('; ')}
          .
        </p>
      ) : null}
      <p className="quiet">
        {key.length.toFixed(1)} couplets on the way to a species on average (no key of four leads does with
        fewer than {bound.toFixed(1)}), at an effort of {key.effort.toFixed(1)}.
      </p>
    </section>
  );
}
