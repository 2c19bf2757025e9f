import { useMemo } from 'react';
import type { Vocabulary, Wording } from '@hurrow/core/characters';
import { barIn, hash, speciesPlate, typical } from '@hurrow/core/plates';
import type { DescribedTaxon } from '@hurrow/core/tells';
import { Ink, PIECE_WORDS, ScaleBar, ratioWords } from '../plates/index.ts';
import '../plates/plates.css';

/** The plate is 200 mm wide in its own units and stands at this share of it on paper. */
const ON_PAPER = 0.72;
const PRINTED = 0.9;

/** The plate of a species on paper, at a share of its own size, with a bar that says how large things are. */
export function Plate({
  own,
  name,
  vocabulary,
  units,
  share = ON_PAPER,
}: {
  own: DescribedTaxon;
  name: string;
  vocabulary: Vocabulary;
  units: Wording['units'];
  share?: number;
}) {
  const plate = useMemo(
    () => speciesPlate(typical(own.profile, vocabulary), hash(name)),
    [own, name, vocabulary],
  );
  // A page of gaps with a scale bar says less than nothing.
  if (!plate.pieces.some((p) => p.recorded)) return null;
  const { page, mm } = barIn(plate.bar, units);
  const ratio = mm / (page * share);
  return (
    <svg
      viewBox={`0 0 ${plate.width} ${plate.height}`}
      style={{ width: `${plate.width * share}mm`, height: `${plate.height * share}mm` }}
      role="img"
      aria-label={`Plate of ${name}`}
      data-bar={page * share}
    >
      {plate.pieces.flatMap((p) => [
        ...p.marks.map((m, k) => <Ink key={`${p.kind}${k}`} mark={m} weight={PRINTED} />),
        <text
          key={`${p.kind}words`}
          className="plate-note"
          x={p.box.x + p.box.width / 2}
          y={Math.min(plate.height - 1, p.box.y + p.box.height + 3.6)}
        >
          {p.recorded
            ? ratioWords(p.ratio, p.toScale) || PIECE_WORDS[p.kind]
            : `${PIECE_WORDS[p.kind]} not recorded`}
        </text>,
      ])}
      <ScaleBar
        plate={plate}
        units={units}
        after={`; leaf, twig and fruit at ${ratio >= 1 ? `1 : ${ratio.toFixed(1)}` : `${(1 / ratio).toFixed(1)} : 1`}`}
      />
    </svg>
  );
}
