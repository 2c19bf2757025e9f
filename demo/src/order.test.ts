import { describe, expect, test } from '@jest/globals';
import { inTeachingOrder, isJudged, isLookedAt, saidBy, tellCards } from '@hurrow/core/compare';
import type { TellCard } from '@hurrow/core/compare';
import { OCTOBER, described, vocabulary } from './described.ts';

/**
 * Thirty-two pairs of the school with the look a teacher may well begin with at the start of October, judged by hand, pair by
 * pair; where two would do, both stand there.
 */
const BEGINS: readonly (readonly [pair: string, first: string])[] = [
  ['Abies grandis / Abies lasiocarpa', 'needle.bands'],
  ['Abies grandis / Pseudotsuga menziesii', 'needle.attachment'],
  ['Abies lasiocarpa / Picea engelmannii', 'needle.attachment'],
  ['Picea engelmannii / Picea pungens', 'twig.hairs'],
  ['Picea engelmannii / Pseudotsuga menziesii', 'needle.attachment'],
  ['Tsuga heterophylla / Pseudotsuga menziesii', 'needle.length_variation or twig.after_needle_fall'],
  ['Tsuga heterophylla / Tsuga mertensiana', 'needle.arrangement'],
  ['Taxus brevifolia / Tsuga heterophylla', 'needle.tip'],
  ['Taxus brevifolia / Abies grandis', 'needle.attachment'],
  ['Pinus ponderosa / Pinus contorta', 'needle.length'],
  ['Pinus monticola / Pinus flexilis', 'fruit.cone_posture or bark.texture'],
  ['Pinus monticola / Pinus ponderosa', 'needle.bundle_count'],
  ['Larix occidentalis / Larix lyallii', 'twig.hairs or twig.thickness'],
  ['Larix occidentalis / Pinus contorta', 'needle.arrangement or needle.attachment'],
  ['Thuja plicata / Juniperus scopulorum', 'needle.spray'],
  ['Populus tremuloides / Betula papyrifera', 'leaf.tooth_size or leaf.petiole_section'],
  ['Populus trichocarpa / Populus angustifolia', 'leaf.petiole_length'],
  ['Betula papyrifera / Betula occidentalis', 'bark.texture'],
  ['Alnus incana subsp. tenuifolia / Betula occidentalis', 'twig.bud_stalk or twig.spurs'],
  ['Alnus incana subsp. tenuifolia / Alnus viridis subsp. sinuata', 'twig.bud_stalk or leaf.surface_above'],
  ['Salix exigua / Salix scouleriana', 'leaf.widest'],
  ['Acer glabrum / Physocarpus malvaceus', 'twig.arrangement'],
  ['Acer glabrum / Acer grandidentatum', 'leaf.margin'],
  ['Prunus virginiana / Prunus emarginata', 'twig.bud_scale_margin'],
  ['Amelanchier alnifolia / Prunus virginiana', 'leaf.toothed_where'],
  ['Sorbus scopulina / Sorbus aucuparia', 'leaf.surface_above or twig.bud_sticky'],
  ['Sorbus aucuparia / Fraxinus pennsylvanica', 'twig.arrangement'],
  ['Sambucus cerulea / Rhus glabra', 'twig.arrangement'],
  ['Elaeagnus angustifolia / Shepherdia argentea', 'twig.arrangement'],
  ['Cornus sericea / Frangula purshiana', 'twig.arrangement'],
  ['Rhus trilobata / Toxicodendron rydbergii', 'leaf.end_leaflet_stalk'],
  ['Celtis reticulata / Ulmus pumila', 'leaf.toothed_where'],
];

const tellsOf = (pair: string): readonly TellCard[] => {
  const [a = '', b = ''] = pair.split(' / ');
  return tellCards(described(a), described(b), vocabulary, OCTOBER).filter((t) => t.now === 'yes');
};

describe('the order of tells over pairs of the school', () => {
  test.each(BEGINS)('%s begins with %s', (pair, first) => {
    const [found] = inTeachingOrder(tellsOf(pair), OCTOBER);
    expect(first.split(' or ')).toContain(found?.character.id);
  });

  test('nothing is said twice, and what is judged or only on paper never comes before what is seen', () => {
    for (const [pair] of BEGINS) {
      const clean = inTeachingOrder(tellsOf(pair), OCTOBER).filter((t) => t.strength === 'clean');
      expect(new Set(clean.map((t) => saidBy(t.character))).size).toBe(clean.length);
      const judged = clean.map((t) => isJudged(t.character));
      expect(judged).toEqual([...judged].sort((x, y) => Number(x) - Number(y)));
      expect(clean.every((t) => isLookedAt(t.character))).toBe(true);
    }
  });
});
