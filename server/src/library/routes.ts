import { putWeekPage, readWeekPage } from './weekPage.ts';
import type { SpeciesRow } from '@hurrow/contract';
import { SPECIES_RANKS } from '@hurrow/core/names';
import { insertRows, maybe } from '../db/index.ts';
import type { Sql } from '../db/index.ts';
import { idParam, notFound } from '../http/index.ts';
import type { Account, Call, CallOf, Handlers, ReplyOf } from '../http/index.ts';
import { recordBatch, redoLatest, undoLatest } from './batch.ts';
import { mergeSpecies, removeSpecies } from './ending.ts';
import { changeCharacter, createCharacter, createWord, readGlossary, removeWord } from './glossary.ts';
import { putPair, removePair } from './pairs.ts';
import { addPhoto, changePhoto, readPhoto, removePhoto } from './photos.ts';
import { readProfile, readTable } from './profile.ts';
import { createSighting, putSeason, readSightings, removeSeason, removeSighting } from './seasons.ts';
import { changeSource, createSource, putPolicies, readSources, removeSource } from './sources.ts';
import { changeSpecies, createTaxon, readTaxonPlaces } from './species.ts';
import { changeStatement, createStatement, retractStatement } from './statements.ts';
import { HEADER, asHeader } from './taxa.ts';
import type { HeaderRow } from './taxa.ts';
import { keptUnderStamp } from './kept.ts';
import { readVocabulary } from './vocabulary.ts';

type Row = HeaderRow & {
  status: 'draft' | 'checked';
  own: number;
  lists: string[] | null;
  cautions: string[] | null;
};

const speciesRows = (sql: Sql, ws: string): Promise<readonly SpeciesRow[]> =>
  keptUnderStamp(sql, ws, 'species rows', () => speciesFromTables(sql, ws));

async function speciesFromTables(sql: Sql, ws: string): Promise<readonly SpeciesRow[]> {
  const rows = await sql.query<Row & { family: string | null }>(
    `with recursive up (id, above) as (
       select id, id from taxon where ws = $1 and rank = any($2::text[])
       union
       select up.id, p.parent from up join taxon_parent p on p.ws = $1 and p.child = up.above and p.kind <> 'hybrid_parent'),
     family as (
       select up.id, min(n.text) as family from up
       join taxon f on f.ws = $1 and f.id = up.above and f.rank = 'family'
       join name n on n.ws = $1 and n.taxon = f.id and n.kind = 'accepted' group by up.id)
     select ${HEADER}, t.status, family.family,
       (select count(distinct st.character) from statement st where st.ws = t.ws and st.taxon = t.id and st.retracted_at is null) as own,
       (select jsonb_agg(l.name order by l.name) from list_member m join list l on l.ws = m.ws and l.id = m.list where m.ws = t.ws and m.taxon = t.id) as lists,
       (select jsonb_agg(distinct c.hazard) from caution c where c.ws = t.ws and c.taxon = t.id) as cautions
     from taxon t left join family on family.id = t.id
     where t.ws = $1 and t.rank = any($2::text[])`,
    [ws, SPECIES_RANKS],
  );
  return rows
    .map((r) => ({
      ...asHeader(r),
      family: r.family,
      own: r.own,
      lists: r.lists ?? [],
      cautions: r.cautions ?? [],
      status: r.status,
    }))
    .sort((a, b) => a.scientific.localeCompare(b.scientific, 'en'));
}

async function settle(call: CallOf<'questionSettle'>): Promise<ReplyOf<'questionSettle'>> {
  const { ws, id: account } = call.who;
  const taxon = idParam(call, 'id');
  const { question } = call.body;
  if (!(await maybe(call.app.db, 'select 1 from taxon where ws = $1 and id = $2', [ws, taxon]))) {
    throw notFound('There is no such species.', { remedy: 'Choose one under Species.' });
  }
  await insertRows(
    call.app.db,
    'question_settled',
    [{ ws, taxon, question, account, at: call.app.clock().toISOString() }],
    'on conflict do nothing',
  );
  return { status: 204 };
}

const inWorkspace =
  <T>(read: (sql: Sql, ws: string) => Promise<T>) =>
  async (call: Call<Account>): Promise<{ readonly body: T }> => ({
    body: await read(call.app.db, call.who.ws),
  });

export const libraryHandlers = {
  vocabulary: inWorkspace(readVocabulary),
  glossary: inWorkspace(readGlossary),
  characterCreate: createCharacter,
  characterChange: changeCharacter,
  wordCreate: createWord,
  wordRemove: removeWord,
  species: inWorkspace(speciesRows),
  libraryTable: inWorkspace(async (sql, ws) =>
    readTable(
      sql,
      ws,
      (await speciesRows(sql, ws)).map((s) => s.id),
    ),
  ),
  taxa: inWorkspace(readTaxonPlaces),
  taxonCreate: createTaxon,
  profile: async (call) => ({ body: await readProfile(call) }),
  speciesChange: changeSpecies,
  speciesRemove: removeSpecies,
  speciesMerge: mergeSpecies,
  seasonPut: putSeason,
  seasonRemove: removeSeason,
  sightings: inWorkspace(readSightings),
  sightingCreate: createSighting,
  sightingRemove: removeSighting,
  questionSettle: settle,
  pairPut: putPair,
  pairRemove: removePair,
  photoAdd: addPhoto,
  photo: readPhoto,
  photoChange: changePhoto,
  photoRemove: removePhoto,
  weekPage: readWeekPage,
  weekPagePut: putWeekPage,
  sources: inWorkspace(readSources),
  sourceCreate: createSource,
  sourceChange: changeSource,
  sourceRemove: removeSource,
  policies: putPolicies,
  statementBatch: recordBatch,
  undo: undoLatest,
  redo: redoLatest,
  statementCreate: createStatement,
  statementChange: changeStatement,
  statementRetract: retractStatement,
} satisfies Partial<Handlers>;
