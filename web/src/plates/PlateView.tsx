import { useMemo, useState } from 'react';
import Button from 'antd/es/button';
import Checkbox from 'antd/es/checkbox';
import { hash, plateSvg, speciesPlate, typical } from '@hurrow/core/plates';
import type { Piece } from '@hurrow/core/plates';
import { characterWords } from '@hurrow/core/characters';
import type { Profile, Vocabulary, Wording } from '@hurrow/core/characters';
import { Ink } from './ink.tsx';
import { PIECE_WORDS, ratioWords } from './pieceWords.ts';
import { ScaleBar } from './ScaleBar.tsx';
import { savePng, saveSvg } from './save.ts';
import './plates.css';

/** Characters named below a piece at most. */
const NAMED = 3;

function Gap({ piece, onOpen }: { piece: Piece; onOpen?: ((character: string) => void) | undefined }) {
  const { x, y, width, height } = piece.box;
  const [first] = piece.by;
  return (
    <g className="plate-gap" {...(onOpen && first ? { onClick: () => onOpen(first) } : {})}>
      <rect x={x + 2} y={y + 2} width={width - 4} height={height - 4} rx="1.5" />
      <text x={x + width / 2} y={y + height / 2}>
        {width > 20 ? 'not recorded' : '–'}
      </text>
    </g>
  );
}

/**
 * A species drawn from what is recorded of it. Pressing a part opens the statement that drew it; what is not recorded
 * is a gap; what the conditions hide is toned down.
 */
export function PlateView({
  profile,
  vocabulary,
  wording,
  name,
  hidden,
  onOpen,
}: {
  profile: Profile;
  vocabulary: Vocabulary;
  wording: Wording;
  name: string;
  /** Whether a character cannot be seen now. */
  hidden?: (character: string) => boolean;
  onOpen?: (character: string) => void;
}) {
  const [labels, setLabels] = useState(true);
  const [failed, setFailed] = useState(false);
  const plate = useMemo(
    () => speciesPlate(typical(profile, vocabulary), hash(name)),
    [profile, vocabulary, name],
  );
  const recorded = (by: readonly string[]): readonly string[] => by.filter((c) => profile.has(c));
  const words = (c: string): string => {
    const found = vocabulary.get(c);
    return found ? characterWords(found, wording.words) : c;
  };
  const file = name.replaceAll(' ', '-').toLowerCase();
  return (
    <figure className="plate">
      <svg
        viewBox={`0 0 ${plate.width} ${plate.height}`}
        role="img"
        aria-label={`${name}: ${plate.pieces.map((p) => `${PIECE_WORDS[p.kind]}${p.recorded ? '' : ' not recorded'}`).join(', ')}`}
      >
        {plate.pieces.map((p) =>
          p.recorded ? (
            <g key={p.kind} data-piece={p.kind}>
              {p.marks.map((m, i) => {
                const opens = recorded(m.by)[0];
                return (
                  <Ink
                    key={i}
                    mark={m}
                    faint={opens !== undefined && (hidden?.(opens) ?? false)}
                    onOpen={onOpen && opens ? () => onOpen(opens) : undefined}
                  />
                );
              })}
              {labels ? (
                <text
                  className="plate-note"
                  x={p.box.x + p.box.width / 2}
                  y={Math.min(plate.height - 1, p.box.y + p.box.height + 3.6)}
                >
                  {ratioWords(p.ratio, p.toScale) || PIECE_WORDS[p.kind]}
                </text>
              ) : null}
            </g>
          ) : (
            <Gap key={p.kind} piece={p} onOpen={onOpen} />
          ),
        )}
        <ScaleBar plate={plate} units={wording.units} after=" for leaf, twig and fruit" />
      </svg>
      <figcaption>
        {labels ? (
          <ul className="plate-parts" aria-label="What drew it">
            {plate.pieces.map((p) => {
              const by = p.recorded ? recorded(p.by).slice(0, NAMED) : p.by.slice(0, 1);
              return by.length === 0 ? null : (
                <li key={p.kind}>
                  <span className="quiet">{PIECE_WORDS[p.kind]}:</span>{' '}
                  {by.map((c, i) => (
                    <span key={c}>
                      {i > 0 ? ', ' : ''}
                      {onOpen ? (
                        <Button type="link" size="small" className="as-link" onClick={() => onOpen(c)}>
                          {words(c)}
                        </Button>
                      ) : (
                        words(c)
                      )}
                    </span>
                  ))}
                </li>
              );
            })}
          </ul>
        ) : null}
        <span className="plate-tools">
          <Checkbox checked={labels} onChange={(e) => setLabels(e.target.checked)}>
            labels
          </Checkbox>
          <Button size="small" onClick={() => saveSvg(plateSvg(plate, name, 'not recorded'), file)}>
            Save as SVG
          </Button>
          <Button
            size="small"
            onClick={() =>
              void savePng(plateSvg(plate, name, 'not recorded'), plate, file).then(
                () => setFailed(false),
                () => setFailed(true),
              )
            }
          >
            Save as PNG
          </Button>
          {failed ? (
            <span role="alert" className="wrong-words">
              This browser cannot write the picture; save the SVG.
            </span>
          ) : null}
        </span>
      </figcaption>
    </figure>
  );
}
