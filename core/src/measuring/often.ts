/**
 * A probability as people say it: *about 9 times in 10*. No decimals, and nothing is called certain.
 * @param p 0 to 1.
 */
export function oftenWords(p: number): string {
  if (p >= 0.995) return 'almost every time';
  if (p >= 0.975) return 'about 49 times in 50';
  if (p >= 0.925) return 'about 19 times in 20';
  if (p < 0.025) return 'almost never';
  const tenths = Math.max(1, Math.round(p * 10));
  return tenths === 5 ? 'about half the time' : `about ${tenths} ${tenths === 1 ? 'time' : 'times'} in 10`;
}
