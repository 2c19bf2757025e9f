/** The number in the middle, or the mean of the two there; null of none. */
export function median(numbers: readonly number[]): number | null {
  const sorted = [...numbers].sort((a, b) => a - b);
  const [low, high] = [sorted[(sorted.length - 1) >> 1], sorted[sorted.length >> 1]];
  return low === undefined || high === undefined ? null : (low + high) / 2;
}
