import { showDate } from '@hurrow/core/conditions';
import { useSession } from '../app/index.ts';
import { ContrastCautions } from '../reteach/index.ts';
import type { Contrast } from '../reteach/index.ts';
import { tellSentence } from '@hurrow/core/compare';
import { PrintBar } from './PrintBar.tsx';
import { useContrastPaper } from './useContrastPaper.ts';
import './contrastPaper.css';

const COPIES = 4;
/** Looks on a card; the rest of the lesson is on its page. */
const MOST_LOOKS = 3;

/** A card to use between two trees: where to stand, what to look at, what to say. */
function CueCard({ contrast }: { contrast: Contrast }) {
  const { plan, trees, say, conditions } = contrast;
  const { today } = useSession();
  const { nearest } = plan;
  if (!nearest) return null;
  const [a, b] = [nearest.a, nearest.b].map((id) => trees.find((t) => t.id === id));
  const shown = plan.looks.filter((l) => nearest.characters.includes(l.character.id)).slice(0, MOST_LOOKS);
  const mind = [a, b].flatMap((t) => (t?.access ? [`${t.tag}: ${t.access}.`] : []));
  return (
    <article className="cue-card">
      <h2>
        Stand between {a?.tag} and {b?.tag}
      </h2>
      <p>
        {a?.tag} is {say.names[0]}, {b?.tag} is {say.names[1]}. About {nearest.minutes}{' '}
        {nearest.minutes === 1 ? 'minute' : 'minutes'} on foot from one to the other.
      </p>
      <ol>
        {shown.map((l) => (
          <li key={l.character.id}>{tellSentence(l, say.names, say.wording)}</li>
        ))}
      </ol>
      <p>
        <b>Ask:</b> Which look would you use if the tags were gone? Show it on both.
      </p>
      {mind.length > 0 ? (
        <p>
          <b>Mind:</b> {mind.join(' ')}
        </p>
      ) : null}
      <ContrastCautions contrast={contrast} />
      <footer>Good on {showDate(conditions.date, today)}. Look, and leave the trees as they are.</footer>
    </article>
  );
}

/** Cue cards for the two nearest trees, four on a page to cut. */
export function CueCards() {
  const { contrast, gone, title, back } = useContrastPaper();
  return (
    <main className="sheet-of-print">
      <PrintBar
        title={`Cue card: ${title}`}
        about="Four cards to cut, one for each group."
        back={back}
        backTo="the lesson"
      />
      {!contrast ? (
        <p className="quiet">{gone ? 'This pair is not in the library.' : 'Reading…'}</p>
      ) : contrast.plan.nearest ? (
        <div className="cue-cards">
          {Array.from({ length: COPIES }, (_, i) => (
            <CueCard key={i} contrast={contrast} />
          ))}
        </div>
      ) : (
        <p role="status">
          No two trees of known place show one look both on this day, so there is nowhere to stand. Choose
          another date on the page of the lesson, or record where the trees stand.
        </p>
      )}
    </main>
  );
}
