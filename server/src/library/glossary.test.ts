import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type {
  CharacterChange,
  Glossary,
  GlossaryCharacter,
  GlossaryWord,
  SpeciesProfile,
} from '@hurrow/contract';
import type { Character } from '@hurrow/core/characters';
import { id, openTestApp } from '../testing/index.ts';
import type { Client, TestApp } from '../testing/index.ts';

let app: TestApp;
let owner: Client;
beforeAll(async () => {
  app = await openTestApp();
  owner = await app.owner();
});
afterAll(() => app.close());

const glossary = async (): Promise<Glossary> => (await owner.call<Glossary>('GET', '/api/glossary')).body;
async function character(of: string): Promise<GlossaryCharacter> {
  const found = (await glossary()).characters.find((c) => c.id === of);
  if (!found) throw new Error(`No character ${of}`);
  return found;
}
const asChange = (c: GlossaryCharacter, part: Partial<CharacterChange> = {}): CharacterChange => ({
  term: c.term,
  plain: c.plain,
  definition: c.definition,
  counting: c.counting ?? null,
  retired: c.retired ?? false,
  states: c.states.map((s) => ({ ...s, parent: s.parent ?? null, swatch: s.swatch ?? null })),
  ...part,
});
const put = (c: GlossaryCharacter, body: CharacterChange) =>
  owner.call<GlossaryCharacter>('PUT', `/api/characters/${c.id}`, body, { version: c.version });

describe('the vocabulary in an instructor’s hands', () => {
  test('a character is reworded, a state added under another, and nothing that is recorded is lost', async () => {
    const before = await character('needle.bands');
    const changed = await put(
      before,
      asChange(before, {
        plain: 'pale stripes',
        states: [
          ...asChange(before).states,
          {
            term: 'one broken line',
            plain: 'one broken stripe',
            definition: 'A stripe with gaps.',
            parent: 'below-only',
          },
        ],
      }),
    );
    expect(changed.status).toBe(200);
    expect(changed.body).toMatchObject({ plain: 'pale stripes', version: before.version + 1 });
    expect(changed.body.states.at(-1)).toMatchObject({ id: 'one-broken-line', parent: 'below-only' });
    const read = await owner.call<SpeciesProfile>('GET', `/api/species/${id('tree-a')}`);
    expect(read.status).toBe(404);
    const old = await put(before, asChange(before));
    expect(old.status).toBe(412);
  });

  test('a retired character is offered no more, its statements stay, and it can be taken up again', async () => {
    const statements = (): Promise<readonly unknown[]> =>
      app.db.query(
        `select id from statement where character = 'form.height' and retracted_at is null order by id`,
      );
    const kept = await statements();
    expect(kept.length).toBeGreaterThan(0);
    const before = await character('form.height');
    const retired = await put(before, asChange(before, { retired: true }));
    expect(retired.body.retired).toBe(true);
    const offered = async (): Promise<boolean> =>
      (await owner.call<Character[]>('GET', '/api/vocabulary')).body.some(
        (c) => c.id === 'form.height' && !c.retired,
      );
    expect(await offered()).toBe(false);
    expect(await statements()).toEqual(kept);
    expect((await put(retired.body, asChange(retired.body, { retired: false }))).status).toBe(200);
    expect(await offered()).toBe(true);
  });

  test('two states of one term, a state under itself and a parent there is not are refused', async () => {
    const before = await character('twig.arrangement');
    const [first, second] = asChange(before).states;
    if (!first || !second) throw new Error('Two states were expected');
    const rest = asChange(before).states.slice(2);
    const refuse = async (states: CharacterChange['states']): Promise<unknown[]> => {
      const r = await owner.call('PUT', `/api/characters/${before.id}`, asChange(before, { states }), {
        version: before.version,
      });
      return [r.status, r.body.field];
    };
    expect(await refuse([first, { ...second, term: first.term }, ...rest])).toEqual([422, 'states.1.term']);
    expect(
      await refuse([{ ...first, parent: second.id ?? '' }, { ...second, parent: first.id ?? '' }, ...rest]),
    ).toEqual([422, 'states.0.parent']);
    expect(await refuse([{ ...first, parent: 'nowhere' }, second, ...rest])).toEqual([
      422,
      'states.0.parent',
    ]);
    expect(await character('twig.arrangement')).toEqual(before);
  });

  test('a character of one’s own is added, named by organ and term, and can be recorded', async () => {
    const body = {
      organ: 'bark',
      kind: 'nominal',
      term: 'sound when knocked',
      plain: 'how it sounds',
      definition: 'What is heard when a knuckle knocks on it.',
      counting: null,
      states: [
        { term: 'dull', plain: 'dull', definition: 'A low, short sound.' },
        { term: 'hollow', plain: 'hollow', definition: 'A sound like a drum.' },
      ],
      material: ['tree', 'bark'],
      needs: ['touch'],
      distance: 'hand',
      season: ['always'],
      effort: 2,
    };
    const made = await owner.call<GlossaryCharacter>('POST', '/api/characters', body);
    expect([made.status, made.body.id, made.body.origin]).toEqual([201, 'bark.sound_when_knocked', 'own']);
    const twice = await owner.call('POST', '/api/characters', body);
    expect([twice.status, twice.body.field]).toEqual([409, 'term']);
    const recorded = await owner.call('POST', '/api/statements', {
      taxon: id('grandis'),
      character: made.body.id,
      source: id('own'),
      value: { kind: 'states', states: [{ state: 'hollow', freq: 'usual' }] },
    });
    expect(recorded.status).toBe(201);
    const bare = await owner.call('POST', '/api/characters', { ...body, term: 'another', states: [] });
    expect([bare.status, bare.body.field]).toEqual([422, 'states']);
  });

  test('a learner’s word is added to a term once, and taken out', async () => {
    const word = { text: 'helicopter', character: 'fruit.kind', state: 'samara' };
    const had = (await glossary()).words.filter((w) => w.text === 'helicopter' && w.state === 'samara');
    for (const w of had) await owner.call('DELETE', `/api/words/${w.id}`);
    const made = await owner.call<GlossaryWord>('POST', '/api/words', word);
    expect(made.status).toBe(201);
    expect((await owner.call('POST', '/api/words', { ...word, text: 'Helicopter' })).status).toBe(409);
    const strange = await owner.call('POST', '/api/words', { ...word, state: 'purple' });
    expect([strange.status, strange.body.field]).toEqual([422, 'state']);
    expect((await owner.call('DELETE', `/api/words/${made.body.id}`)).status).toBe(204);
    expect((await glossary()).words.map((w) => w.id)).not.toContain(made.body.id);
  });
});
