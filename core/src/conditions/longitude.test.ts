import { expect, test } from '@jest/globals';
import { mirroredLongitude } from './longitude.ts';

test.each([
  // Corvallis, Oregon, typed without its minus.
  [44.6, 123.1, -123.1],
  // Maine and western Alaska, each at an edge of the land.
  [45, 67, -67],
  [66, 162, -162],
  // With its minus, in Europe, in the south, and off the map: nothing is odd.
  [44.6, -123.1, null],
  [51, 10, null],
  [-35, 149, null],
  [80, 100, null],
])('%f north, %f east: %j', (lat, lon, meant) => {
  expect(mirroredLongitude(lat, lon)).toBe(meant);
});
