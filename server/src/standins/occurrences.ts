import { createHash } from 'node:crypto';

/** A record as an occurrence service gives it, by the terms of Darwin Core. */
export interface DarwinCoreRecord {
  readonly occurrenceID: string;
  readonly scientificName: string;
  readonly decimalLatitude: number;
  readonly decimalLongitude: number;
  readonly eventDate: string | null;
  readonly basisOfRecord: 'HumanObservation' | 'PreservedSpecimen' | 'LivingSpecimen';
  readonly locality: string;
}

/** Where records of a species are asked for. */
export interface OccurrenceService {
  /** @returns its records, at most `most` of them. */
  search(scientificName: string, most: number): Promise<readonly DarwinCoreRecord[]>;
}

const LOCALITIES = [
  ['Tarn Meadow', 47.72, -115.6],
  ['Ordway Flat', 46.9, -114.1],
  ['Cinder Saddle', 45.6, -113.4],
  ['Little Marrow Creek', 48.4, -116.4],
  ['Gannet Bench', 44.1, -116.0],
  ['Lower Thimble Pond', 43.6, -111.2],
  ['Hobb’s Orchard', 41.9, -93.6],
  ['Pellew Street Park', 39.7, -105.1],
] as const;

const BASES = ['HumanObservation', 'PreservedSpecimen', 'LivingSpecimen'] as const;

/**
 * A stand-in for an occurrence service: made-up records at made-up places, the same ones for a name whenever it is
 * asked. It knows nothing of the library, so some of its records lie outside a range, as real ones would.
 */
export const standInOccurrences: OccurrenceService = {
  search: (scientificName, most) => {
    const byte = (i: number): number => {
      const hash = createHash('sha256').update(scientificName.toLowerCase()).digest();
      return hash[i % hash.length] ?? 0;
    };
    const records = LOCALITIES.map(([locality, lat, lon], i): DarwinCoreRecord => {
      const [a, b] = [byte(2 * i) / 255 - 0.5, byte(2 * i + 1) / 255 - 0.5];
      return {
        occurrenceID: `stand-in:${scientificName.toLowerCase().replace(/[^a-z]+/g, '-')}:${i + 1}`,
        // One record in eight goes by the bare genus, as records do.
        scientificName: i === 4 ? (scientificName.split(' ')[0] ?? scientificName) : scientificName,
        decimalLatitude: Math.round((lat + a * 0.4) * 1e4) / 1e4,
        decimalLongitude: Math.round((lon + b * 0.4) * 1e4) / 1e4,
        eventDate:
          i === 5 ? null : `${2005 + (byte(i) % 20)}-${String(1 + (byte(i + 9) % 12)).padStart(2, '0')}-15`,
        basisOfRecord: i >= 6 ? 'LivingSpecimen' : (BASES[byte(i + 3) % 2] ?? 'HumanObservation'),
        locality: `${locality} (made up)`,
      };
    });
    return Promise.resolve(records.slice(0, most));
  },
};
