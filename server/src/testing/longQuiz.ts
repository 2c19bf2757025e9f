import type { QuizDetail, SittingDetail, TreeRow } from '@hurrow/contract';
import type { Client } from './client.ts';
import { id } from './ids.ts';

let planted = 0;

/** Plants a tree of its own for a test, so that no test counts on another's. */
async function plant(owner: Client, species: string): Promise<TreeRow> {
  const { body } = await owner.call<TreeRow>('POST', '/api/trees', {
    site: id('site'),
    tag: `Long ${(planted += 1)}`,
    taxon: id(species),
    reach: { form: 'hand', bark: 'hand', twig: 'hand', leaf: 'hand', fruit: 'hand' },
  });
  return body;
}

/** The asks of each station, a common name unless a test asks other things. */
const ASKS: readonly object[] = [{ kind: 'common', points: 2 }];

/** A quiz with a station at a new tree of each species given, in order. */
export async function longQuiz(
  owner: Client,
  species: readonly string[],
  asks: readonly object[] = ASKS,
): Promise<QuizDetail> {
  const { body } = await owner.call<QuizDetail>('POST', '/api/quizzes', {
    name: `Long quiz ${planted}`,
    list: id('list'),
  });
  for (const s of species) {
    const tree = await plant(owner, s);
    const made = await owner.call('POST', `/api/quizzes/${body.id}/stations`, { individual: tree.id, asks });
    if (made.status !== 201) throw new Error(`No station: ${JSON.stringify(made.body)}`);
  }
  return (await owner.call<QuizDetail>('GET', `/api/quizzes/${body.id}`)).body;
}

/** Opens a sitting of a quiz for a section of the fixture; stations that would be unfair say that they were shown in lab. */
export const openLong = (
  owner: Client,
  quiz: string,
  section = 'first',
  on = '2026-10-01',
): Promise<SittingDetail & { code: string }> => openLongFor(owner, quiz, id(section), on);

/** Opens a sitting of a quiz for the section of an id. */
export async function openLongFor(
  owner: Client,
  quiz: string,
  section: string,
  on = '2026-10-01',
): Promise<SittingDetail & { code: string }> {
  const { body: draft } = await owner.call<SittingDetail>('POST', `/api/quizzes/${quiz}/sittings`, {
    section,
    on,
    handling: ['look', 'lens', 'touch'],
  });
  for (const s of draft.stations)
    await owner.call(
      'PUT',
      `/api/sitting-stations/${s.id}`,
      { material: s.material, distance: s.distance, reason: 'shown_in_lab', reasonNote: null },
      { version: s.version },
    );
  const { version } = (await owner.call<SittingDetail>('GET', `/api/sittings/${draft.id}`)).body;
  const { status, body } = await owner.call<SittingDetail & { code: string }>(
    'POST',
    `/api/sittings/${draft.id}/state`,
    { to: 'open' },
    { version },
  );
  if (status !== 200) throw new Error(`The sitting was not opened: ${JSON.stringify(body)}`);
  return body;
}

/** Says that a tree is of another species than its tag did. */
export async function retag(owner: Client, tree: TreeRow, species: string): Promise<void> {
  const { tag, reach, version } = tree;
  const body = {
    site: id('site'),
    tag,
    taxon: id(species),
    stage: null,
    condition: null,
    hazards: [],
    access: null,
    reach,
    retired: false,
    place: null,
  };
  const { status } = await owner.call('PUT', `/api/trees/${tree.id}`, body, { version });
  if (status !== 200) throw new Error(`The tree was not changed: ${status}`);
}
