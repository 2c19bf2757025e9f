/**
 * The longitude west that was probably meant where one was given without its minus: a place that lies in North America
 * once the sign is turned, and in eastern Asia or at sea as it was typed.
 * @param lat degrees north. @param lon degrees east. @returns degrees east with the minus, or null where nothing is odd.
 */
export function mirroredLongitude(lat: number, lon: number): number | null {
  const isNorthAmerica = lat >= 14 && lat <= 72 && lon >= 52 && lon <= 168;
  return isNorthAmerica ? -lon : null;
}
