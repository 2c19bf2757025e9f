import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import express from 'express';
import { pages } from '../pages.ts';
import { scratch } from '../testing/index.ts';

let dist: string;
let server: Server;
let base: string;
beforeAll(async () => {
  dist = scratch('pages');
  for (const entry of ['app', 'walk']) {
    mkdirSync(join(dist, entry));
    writeFileSync(join(dist, entry, 'index.html'), `<meta name="nonce" content="__NONCE__">${entry}`);
    writeFileSync(join(dist, entry, 'file.js'), '0123456789');
  }
  server = createServer(express().use(pages(dist)));
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(async () => {
  await new Promise((done) => server.close(done));
  rmSync(dist, { recursive: true });
});

test('a page allows its own files and the styles that carry its nonce, another one each time', async () => {
  const read = async () => {
    const r = await fetch(`${base}/walk/`);
    const policy = r.headers.get('content-security-policy') ?? '';
    return { policy, nonce: /content="([^"]+)"/.exec(await r.text())?.[1] ?? '' };
  };
  const [a, b] = [await read(), await read()];
  expect(a.policy).toContain(`style-src 'self' 'nonce-${a.nonce}'`);
  expect(a.policy).toContain("default-src 'none'");
  // Attributes of style may be written; scripts and whole styles may not.
  expect(a.policy.replace("style-src-attr 'unsafe-inline'", '')).not.toContain('unsafe');
  expect(a.nonce.length).toBeGreaterThan(20);
  expect(b.nonce).not.toBe(a.nonce);
});

test.each([['bytes=5-2'], [`bytes=0-${'9'.repeat(30)}`], ['bytes=-5'], ['bytes=x'], ['lines=1-2']])(
  'a range %j gets the whole file and an open connection',
  async (range) => {
    const r = await fetch(`${base}/file.js`, { headers: { Range: range } });
    expect([r.status, await r.text()]).toEqual([200, '0123456789']);
  },
);
