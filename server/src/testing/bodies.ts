import type { BodyRoute, RouteName } from '@hurrow/contract';
import { hasBody } from '@hurrow/contract/schemas';
import { id } from './ids.ts';

const SITE = { name: '', lat: 0, lon: 0, elevM: 0 };
const RULE = {
  quantifier: 'all',
  who: id('none'),
  when: [],
  then: [{ character: 'none', state: 'none' }],
  note: null,
};
const LIST = { name: 'L', members: [{ taxon: id('none') }] };
const SOURCE = { kind: 'book', citation: '', rank: 5 };
const STATION = { individual: id('none'), asks: [{ kind: 'common', points: 1 }] };

/** Bodies that pass their schema but name nothing that stands, so that nothing is changed by trying. */
export const BODIES: Readonly<Record<BodyRoute, unknown>> = {
  sessionStart: { name: 'nobody at all', passphrase: 'wrong' },
  setup: { code: 'X', workspace: 'W', name: 'N', passphrase: 'long enough words' },
  invitationCreate: { name: 'N', role: 'assistant', sections: [id('none')] },
  invitationShow: { token: 'none' },
  invitationAccept: { token: 'none', name: 'N', passphrase: 'long enough words' },
  accountChange: { role: 'instructor', sections: [], active: true },
  personMerge: { other: id('none') },
  passphraseChange: { present: 'wrong', passphrase: 'long enough words' },
  siteChange: SITE,
  siteCreate: SITE,
  sectionCreate: { name: 'S', term: 'T', list: id('none'), site: id('none'), students: [] },
  ruleCreate: RULE,
  ruleChange: RULE,
  rangeChange: { records: [] },
  occurrenceJudge: {
    record: {
      occurrenceID: 'x',
      scientificName: 'Abies grandis',
      decimalLatitude: 47,
      decimalLongitude: -115,
      eventDate: null,
      basisOfRecord: 'HumanObservation',
      locality: '',
    },
    verdict: 'unsure',
  },
  disputesDecide: { disputes: [id('none')], decision: 'keep' },
  keyRevise: { stations: [id('none')], why: 'no reason' },
  listPreview: { text: 'Abies grandis' },
  listCreate: LIST,
  listChange: LIST,
  statementCreate: {
    taxon: id('none'),
    character: 'none',
    source: id('none'),
    value: { kind: 'inapplicable' },
  },
  listCopy: { name: 'L2' },
  sightingCreate: { site: id('none'), taxon: id('none'), kind: 'pollen', on: '2026-05-01', present: true },
  characterCreate: {
    organ: 'leaf',
    kind: 'nominal',
    term: 'T',
    plain: 'P',
    definition: 'D.',
    states: [],
    material: ['leaf'],
    needs: [],
    distance: 'hand',
    season: ['leaf-on'],
    effort: 2,
  },
  characterChange: { term: 'T', plain: 'P', definition: 'D.', retired: false, states: [] },
  wordCreate: { text: 'w', character: 'none', state: null },
  taxonCreate: { rank: 'genus', scientific: 'Nemo', parents: [id('none')] },
  speciesChange: {
    scientific: 'Nemo nemo',
    status: 'draft',
    parents: [],
    names: [],
    prose: [],
    cautions: [],
    roots: [],
    record: null,
  },
  seasonPut: {
    kind: 'pollen',
    from: '05-01',
    to: '05-20',
    ref: { lat: 0, lon: 0, elevM: 0 },
    source: id('none'),
  },
  questionSettle: { question: 'q' },
  pairPut: { a: id('none'), b: id('nobody'), character: null, text: null, mnemonic: null },
  photoChange: { organ: null, takenOn: null, credit: null },
  sourceCreate: SOURCE,
  sourceChange: SOURCE,
  policies: { policy: 'widest', policies: [{ character: 'none', policy: 'typical' }] },
  statementBatch: {
    entries: [{ taxon: id('none'), character: 'none', source: id('none'), value: null, version: 3 }],
  },
  statementChange: { value: { kind: 'inapplicable' } },
  treeCreate: { site: id('none'), tag: 'T', taxon: id('none') },
  quizCreate: { name: 'Q', list: id('none') },
  stationCreate: STATION,
  stationChange: STATION,
  sittingCreate: { section: id('none'), on: '2026-10-01' },
  sittingChange: { on: '2026-10-01', handling: ['look'], wet: false },
  sittingStation: { distance: 'hand', material: ['tree'] },
  sittingState: { to: 'draft' },
  sheetEnter: { answers: [{ id: id('none'), sittingStation: id('none'), ask: id('none'), typed: 'x' }] },
  override: { points: 1, reason: 'a reason' },
  ruling: { typed: 'x', taxon: null, outcome: 'unlisted' },
  walkJoin: { code: 'NOSUCH', student: '11' },
  deviceDecide: { decision: 'end' },
  holdDays: { days: 99 },
  stationRelease: { stations: [id('none')] },
  walkAnswers: { answers: [{ id: id('none'), ask: 'none', seq: 1, typed: 'x', at: '2026-10-01T00:00:00Z' }] },
};

/** The body a route is tried with; nothing where it takes none. */
export const bodyFor = (name: RouteName): unknown => (hasBody(name) ? BODIES[name] : undefined);
