import { useSearchParams } from 'react-router';
import { showDate } from '@hurrow/core/conditions';
import type { Showing } from '@hurrow/core/reteach';
import { useSession } from '../app/index.ts';
import { AppLink, Nothing } from '../parts/index.ts';
import { namesOf } from './ContrastParts.tsx';
import { whereLines } from './contrastWords.ts';
import type { Contrast } from './useContrast.ts';

const MOST = 6;

function Lines({ contrast, shown, name }: { contrast: Contrast; shown: readonly Showing[]; name: string }) {
  const { today } = useSession();
  const lines = whereLines(
    shown,
    contrast.trees,
    contrast.specimens,
    (on) => showDate(on, today),
    contrast.say,
  );
  return (
    <table className="plain-table">
      <caption>{name}</caption>
      <tbody>
        {lines.slice(0, MOST).map((l) => (
          <tr key={l.id}>
            <th scope="row">{l.what}</th>
            <td>{l.where}</td>
            <td>{l.shows}</td>
            <td className="quiet">{l.mind}</td>
          </tr>
        ))}
        {lines.length === 0 ? (
          <tr>
            <td className="quiet">No tagged tree or specimen shows a look on this day.</td>
          </tr>
        ) : null}
        {lines.length > MOST ? (
          <tr>
            <td colSpan={4} className="quiet">
              and {lines.length - MOST} more
            </td>
          </tr>
        ) : null}
      </tbody>
    </table>
  );
}

/** Where to see the looks this week, and the two nearest trees to stand between. */
export function Where({ contrast }: { contrast: Contrast }) {
  const { plan, trees, say, first, second } = contrast;
  const tag = (id: string): string => trees.find((t) => t.id === id)?.tag ?? '';
  const { nearest } = plan;
  const leave = useSearchParams()[0].get('leave');
  return (
    <section className="panel" aria-label="Where to see it">
      <h2>Where to see it</h2>
      {nearest ? (
        <p className="nearest">
          Stand between trees <b>{tag(nearest.a)}</b> and <b>{tag(nearest.b)}</b>, about{' '}
          <b className="number">
            {nearest.minutes} {nearest.minutes === 1 ? 'minute' : 'minutes'}
          </b>{' '}
          on foot from one to the other: {namesOf(nearest.characters, contrast)}.{' '}
          <AppLink
            to={`/print/contrasts/${first.header.id}/${second.header.id}/cue-card${leave ? `?leave=${leave}` : ''}`}
          >
            Print cue card
          </AppLink>
        </p>
      ) : plan.looks.length > 0 ? (
        <p className="quiet">
          No two trees of known place show one look both on this day. Places are recorded under{' '}
          <AppLink to="/material">Material</AppLink>.
        </p>
      ) : null}
      {plan.looks.length > 0 ? (
        <div className="where-both">
          <Lines contrast={contrast} shown={plan.first} name={say.names[0]} />
          <Lines contrast={contrast} shown={plan.second} name={say.names[1]} />
        </div>
      ) : (
        <Nothing title="Nothing to show on this day">
          Choose another date or other material in the bar above.
        </Nothing>
      )}
    </section>
  );
}
