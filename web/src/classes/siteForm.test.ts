import { expect, test } from '@jest/globals';
import type { Site } from '@hurrow/contract';
import { siteBodyOf, siteEntered } from './siteForm.ts';

const site: Site = {
  id: 's',
  name: 'Quill Creek',
  lat: 47.9,
  lon: -115.9,
  elevM: 760,
  tz: 'America/Denver',
  rates: { perLat: 4, perLon: 1.25, perMetre: 0.03, autumnStrength: 1, fruitStrength: 1 },
};

test('a site that is corrected keeps its time zone and its rates', () => {
  const entered = { name: ' Quill Creek, north ', lat: '47.95', lon: '-115.9', elevM: '800' };
  expect(siteBodyOf(entered, site, 'UTC')).toEqual({
    name: 'Quill Creek, north',
    lat: 47.95,
    lon: -115.9,
    elevM: 800,
    tz: 'America/Denver',
    rates: site.rates,
  });
  expect(siteBodyOf(entered, null, 'UTC').tz).toBe('UTC');
});

test('the form of a site starts as it is recorded, that of a new one empty', () => {
  expect(siteEntered(site)).toEqual({ name: 'Quill Creek', lat: '47.9', lon: '-115.9', elevM: '760' });
  expect(siteEntered(null)).toEqual({});
});
