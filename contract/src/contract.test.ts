import { describe, expect, test } from '@jest/globals';
import { ROUTES, address } from './index.ts';
import type { BodyRoute, Route } from './index.ts';
import { checkBody } from './schemas/index.ts';

/** Written whole under a key of their own, small enough that the last word stands. */
const WHOLE: readonly string[] = [
  '/api/sittings/:id/name-rulings',
  '/api/sites/:id',
  '/api/species/:id/seasons',
  '/api/pairs',
  '/api/photos/:id',
  '/api/policies',
  '/api/hold-days',
  '/api/mix-up-settings',
  '/api/sections/:id/characters/applied',
  '/api/sections/:id/readings',
  '/api/sections/:id/lessons/:lesson',
  '/api/passphrase',
  '/api/students/:id',
  '/api/workspace',
  '/api/species/:id/occurrences',
  '/api/sittings/:id/second-entries',
];

describe('the route table', () => {
  test('no two routes answer to the same method and shape of address', () => {
    const shapes = Object.values(ROUTES).map((r) => `${r.method} ${r.path.replace(/:[a-z]+/g, ':')}`);
    expect(new Set(shapes).size).toBe(shapes.length);
  });

  test('reads carry no body, and what two people may edit is written against a version', () => {
    for (const r of Object.values(ROUTES) as Route[]) {
      if (r.method === 'GET') expect(r.body).toBeUndefined();
      if (r.method === 'PUT' && !WHOLE.includes(r.path)) expect(r.ifMatch).toBe(true);
    }
  });

  test('an address is filled in and escaped', () => {
    expect(address('evidence', { id: 'a b', truth: 't', answer: '../x' })).toBe(
      '/api/sections/a%20b/mixups/t/..%2Fx',
    );
  });
});

describe('bodies', () => {
  const fault = (name: BodyRoute, body: unknown): string | null => {
    const r = checkBody(name, body);
    return r.ok ? null : r.fault.field;
  };
  test.each([
    ['sessionStart', { name: '', passphrase: 'x' }, 'name'],
    ['statementChange', { value: { kind: 'purple' } }, 'value.kind'],
    [
      'statementChange',
      { value: { kind: 'states', states: [{ state: 'a', freq: 'often' }] } },
      'value.states.0.freq',
    ],
    ['sittingCreate', { section: 'x', on: '2026-10-01' }, 'section'],
    ['walkJoin', { code: 'A', student: 'x'.repeat(17) }, 'student'],
    [
      'stationCreate',
      { individual: '0189d7a2-0000-7000-8000-000000000000', asks: [{ kind: 'call', points: 1 }] },
      'asks.0.character',
    ],
    ['override', { points: -1, reason: 'why' }, 'points'],
    ['walkAnswers', { answers: [] }, 'answers'],
  ] as const)('%s with a fault names its field', (name, body, field) => {
    expect(fault(name, body)).toBe(field);
  });

  test('a date that does not exist is told in words', () => {
    const r = checkBody('sittingCreate', {
      section: '0189d7a2-0000-7000-8000-000000000000',
      on: '2026-02-30',
    });
    expect(r).toMatchObject({ ok: false, fault: { field: 'on' } });
    if (!r.ok) expect(r.fault.message).toContain('YYYY-MM-DD');
  });

  test('what is empty, missing or too long is told in words', () => {
    const said = (body: unknown): string | null => {
      const r = checkBody('invitationCreate', body);
      return r.ok ? null : r.fault.message;
    };
    const whole = { name: 'Wren Hale', role: 'assistant', sections: [] };
    expect(said(whole)).toBeNull();
    expect(said({ ...whole, name: '' })).toBe('name is empty');
    expect(said({ ...whole, name: undefined })).toBe('name is missing');
    expect(said({ ...whole, name: 'W'.repeat(1000) })).toMatch(/^name has more than \d+ characters$/);
  });

  test('a NUL in any text is refused with its field', () => {
    expect(fault('ruling', { typed: 'a\u0000b', outcome: 'unlisted' })).toBe('typed');
    expect(fault('listCreate', { name: 'L', members: [{ newName: 'x\u0000' }] })).toBe('members.0.newName');
  });

  test('what nobody asked for is refused', () => {
    expect(fault('quizCreate', { name: 'Q', list: '0189d7a2-0000-7000-8000-000000000000', price: 3 })).toBe(
      'price',
    );
  });
});
