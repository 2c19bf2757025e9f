import type { DueItem } from '@hurrow/contract';
import { addDays, endsSoon, showDate } from '@hurrow/core/conditions';
import type { WindowKind } from '@hurrow/core/conditions';
import { describeTaxa } from '@hurrow/core/tells';
import { SEES_SECTION } from '../access/index.ts';
import type { Account, Call } from '../http/index.ts';
import {
  keptUnderStamp,
  readHeaders,
  readLibrary,
  readSitePlace,
  vocabularyToRead,
} from '../library/index.ts';

const DAYS = 7;
const NAMED = 6;

const ENDS: Readonly<Record<WindowKind, string>> = {
  leaf_out: 'opening leaves',
  pollen: 'pollen',
  receptive: 'open seed flowers',
  ripening: 'ripening fruit',
  hanging: 'fruit on the tree',
  autumn: 'fall color',
  leaf_fall: 'falling leaves',
};

interface Taught {
  readonly list: string;
  readonly name: string;
  readonly site: string;
  readonly site_name: string;
  readonly lat: number;
  readonly lon: number;
  readonly elev_m: number;
}

/** Seasons of a list that end within a week at a site, in words, the first to end first. */
async function endingOf(call: Call<Account>, t: Taught, today: string): Promise<readonly string[]> {
  const { db } = call.app;
  const { ws } = call.who;
  const vocabulary = await vocabularyToRead(db, ws);
  const place = await readSitePlace(db, ws, { id: t.site, lat: t.lat, lon: t.lon, elevM: t.elev_m });
  const members = (
    await db.query<{ taxon: string }>('select taxon from list_member where ws = $1 and list = $2', [
      ws,
      t.list,
    ])
  ).map((m) => m.taxon);
  const described = describeTaxa(members, await readLibrary(db, ws, members), vocabulary, place);
  const headers = await readHeaders(db, ws, members);
  return described
    .flatMap((d) => endsSoon(d.windows, today, DAYS).map((w) => ({ ...w, taxon: headers.get(d.id) })))
    .sort((a, b) => a.inDays - b.inDays)
    .flatMap((e) =>
      e.taxon
        ? [
            `${ENDS[e.kind]} of ${e.taxon.common ?? e.taxon.scientific} (${showDate(addDays(today, e.inDays), today)})`,
          ]
        : [],
    );
}

/** Seasons of the lists that are taught which end within a week at the site of the class: the last chance to see something. */
export async function dueSeasons(call: Call<Account>, today: string): Promise<readonly DueItem[]> {
  const { db } = call.app;
  const { ws } = call.who;
  const taught = await db.query<Taught>(
    `select distinct on (l.id, si.id) l.id as list, l.name, si.id as site, si.name as site_name, si.lat, si.lon, si.elev_m
     from section s join list l on l.ws = s.ws and l.id = s.list join site si on si.ws = s.ws and si.id = s.site
     where s.ws = $1 and ${SEES_SECTION('s.id')} and s.archived_at is null order by l.id, si.id`,
    [ws, call.who.id],
  );
  const items = taught.map(async (t): Promise<DueItem | null> => {
    // The whole list is described for it, so it is done once a day for as long as the library stays as it is.
    const words = await keptUnderStamp(db, ws, `ending/${t.list}/${t.site}/${today}`, () =>
      endingOf(call, t, today),
    );
    if (words.length === 0) return null;
    const more = words.length > NAMED ? ` and ${words.length - NAMED} more` : '';
    return {
      kind: 'season',
      title: `Ends this week at ${t.site_name}: ${words.length} ${words.length === 1 ? 'season' : 'seasons'} of ${t.name}`,
      detail: `${words.slice(0, NAMED).join(', ')}${more}.`,
      href: `/species/seasons?list=${t.list}`,
      on: null,
    };
  });
  return (await Promise.all(items)).flatMap((i) => i ?? []);
}
