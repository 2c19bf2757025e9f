import { useMemo } from 'react';
import Button from 'antd/es/button';
import { characterWords } from '@hurrow/core/characters';
import { tellCards, tellSentence, usable } from '@hurrow/core/compare';
import type { PairCell } from '@hurrow/core/compare';
import { layOnly, useGo } from '../app/index.ts';
import { TaxonName } from '../parts/index.ts';
import { STANDING, carefulWords, strengthWords, sayName } from './words.ts';
import type { Compared } from './useCompared.ts';

/** Why a pair comes to what it does: its tells, or what is missing, and what was said of it. */
export function PairReason({ compared: c, cell }: { compared: Compared; cell: PairCell }) {
  const go = useGo();
  const [a, b] = [c.described[cell.a], c.described[cell.b]];
  const [x, y] = [c.members[cell.a], c.members[cell.b]];
  const cards = useMemo(
    () => (a && b ? tellCards(a, b, c.vocabulary, c.conditions) : []),
    [a, b, c.vocabulary, c.conditions],
  );
  if (!a || !b || !x || !y) return null;
  const now = cards.filter(usable);
  const later = cards.filter((k) => !usable(k) && k.strength !== 'partial');
  const note = c.lore.pairs.find((p) => [x.id, y.id].includes(p.a) && [x.id, y.id].includes(p.b));
  const open = cell.open === null ? undefined : c.vocabulary.get(cell.open);
  const { words, tone } = STANDING[cell.standing];
  return (
    <section className="panel" aria-label="The pair">
      <div className="panel-head">
        <h2>
          <TaxonName taxon={x} common={false} /> and <TaxonName taxon={y} common={false} />
        </h2>
        <span className={`tag ${tone}`}>{words}</span>
      </div>
      {note?.text ? <p>{note.text}</p> : null}
      {note?.mnemonic ? <p className="mnemonic">{note.mnemonic}</p> : null}
      <p className="quiet">{carefulWords(cards, c.vocabulary)}</p>
      <ul className="plain-list tells">
        {now.slice(0, 6).map((k) => (
          <li key={k.character.id}>
            {tellSentence(k, [sayName(x, c.wording), sayName(y, c.wording)], c.wording)}{' '}
            <span className="quiet">({strengthWords(k)})</span>
          </li>
        ))}
      </ul>
      {now.length > 6 ? <p className="quiet">and {now.length - 6} more</p> : null}
      {cell.standing === 'unproven' ? (
        <p className="quiet">
          {open
            ? `Not recorded of both: ${characterWords(open, c.wording.words)}`
            : 'Nothing is recorded of both'}
          , which might decide.
        </p>
      ) : null}
      {cell.standing === 'twins' ? (
        <p>Everything that can be seen now is recorded for both, and nothing separates them for certain.</p>
      ) : null}
      {cell.standing !== 'clean' && later.length > 0 ? (
        <>
          <p className="quiet">What would tell them apart, and why not now:</p>
          <ul className="plain-list tells">
            {later.slice(0, 5).map((k) => (
              <li key={k.character.id}>
                {tellSentence(k, [sayName(x, c.wording), sayName(y, c.wording)], c.wording)}{' '}
                <span className="quiet">({k.reason})</span>
              </li>
            ))}
          </ul>
        </>
      ) : null}
      <Button
        onClick={() => {
          layOnly(x.id, y.id);
          go('/compare');
        }}
      >
        Lay both on the bench
      </Button>
    </section>
  );
}
