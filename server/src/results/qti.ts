import { strToU8, zipSync } from 'fflate';
import type { Station } from '@hurrow/contract';
import { familiesOfGenus, writeUse } from '@hurrow/core/names';
import { qtiFiles, qtiId, qtiItemOf, sketchSvg } from '@hurrow/core/results';
import type { AskedNames, QtiImage, QtiItem, QtiSection } from '@hurrow/core/results';
import type { Vocabulary } from '@hurrow/core/characters';
import type { Sql } from '../db/index.ts';
import { readFamilies, readNames, vocabularyToRead } from '../library/index.ts';
import { needQuiz, readStations } from '../quizzes/index.ts';
import { acceptedOf, drawnStations, valuesNow } from '../sittings/index.ts';

export interface QtiPackage {
  readonly bytes: Uint8Array;
  /** Questions that the format cannot hold, in words. */
  readonly left: readonly string[];
}

async function namesAt(sql: Sql, ws: string, station: Station): Promise<AskedNames> {
  const { taxon } = station.tree;
  const names = await readNames(sql, ws, taxon.id);
  const of = (kind: string): readonly string[] =>
    names.filter((n) => n.kind === kind).map((n) => writeUse(n.text, n.use));
  const families =
    (await readFamilies(sql, ws, [taxon.id])).get(taxon.id) ?? familiesOfGenus(taxon.scientific);
  return {
    scientific: [taxon.scientific, ...of('synonym')],
    common: of('common'),
    genus: taxon.scientific.split(' ')[0] ?? null,
    families: families ? [families.family, ...families.older] : [],
  };
}

function itemsOf(
  station: Station,
  names: AskedNames,
  images: readonly QtiImage[],
  values: ReadonlyMap<string, Parameters<typeof acceptedOf>[1]>,
  vocabulary: Vocabulary,
): { readonly items: readonly QtiItem[]; readonly left: number } {
  let left = 0;
  const items = station.asks.flatMap((ask): QtiItem[] => {
    const row = { ...ask, params: ask.params ?? {} };
    const accepted = acceptedOf(row, values.get(ask.character ?? ''), vocabulary);
    const made = qtiItemOf({ ...ask, accepted }, names, vocabulary);
    if (!made) {
      if (ask.kind !== 'sureness') left += 1;
      return [];
    }
    const title = `Station ${station.number}, question ${ask.ord}`;
    return [{ id: qtiId(ask.id), title, images, points: ask.points, ...made }];
  });
  return { items, left };
}

/** A quiz as a QTI 2.2 package with a drawing of each tree; what a phone would be shown, with no name of it. */
export async function qtiPackage(sql: Sql, ws: string, quiz: string): Promise<QtiPackage> {
  const { name } = await needQuiz(sql, ws, quiz);
  const stations = await readStations(sql, ws, quiz);
  const vocabulary = await vocabularyToRead(sql, ws);
  const values = await valuesNow(sql, ws, stations);
  const drawn = await drawnStations(
    sql,
    ws,
    stations,
    stations.map((s) => ({ station: s.id, public_id: s.id, material: ['plate'] })),
  );
  const files: Record<string, Uint8Array> = {};
  const sections: QtiSection[] = [];
  let left = 0;
  for (const station of stations) {
    const images = (drawn.get(station.id) ?? []).map((sketch, i): QtiImage => {
      const alt = `Drawing ${i + 1} of station ${station.number}`;
      const file = `images/station-${station.number}-${i + 1}.svg`;
      files[file] = strToU8(sketchSvg(sketch, alt));
      return { file, alt };
    });
    const made = itemsOf(
      station,
      await namesAt(sql, ws, station),
      images,
      values.get(station.id) ?? new Map(),
      vocabulary,
    );
    left += made.left;
    if (made.items.length > 0)
      sections.push({ id: qtiId(station.id), title: `Station ${station.number}`, items: made.items });
  }
  for (const [file, text] of qtiFiles(qtiId(quiz), name, sections)) files[file] = strToU8(text);
  return {
    bytes: zipSync(files, { mtime: new Date('1980-01-01T00:00:00') }),
    left: left === 0 ? [] : [`${left} questions that are answered on a drawing`],
  };
}
