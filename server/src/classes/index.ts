import type { Handlers } from '../http/index.ts';
import {
  changeList,
  copyList,
  createList,
  previewList,
  readList,
  readListLibrary,
  readListTable,
  readLists,
  removeList,
} from './lists.ts';
import { changeSite, createSection, createSite, readSections, readSites } from './sections.ts';

export { SITE, asSite } from './sections.ts';
export type { SiteRow } from './sections.ts';

export const classesHandlers = {
  sections: async (call) => ({ body: await readSections(call) }),
  sectionCreate: createSection,
  sites: async (call) => ({ body: await readSites(call) }),
  siteCreate: createSite,
  siteChange: changeSite,
  lists: async (call) => ({ body: await readLists(call) }),
  listPreview: previewList,
  listCreate: createList,
  listChange: changeList,
  listCopy: copyList,
  listRemove: removeList,
  listTable: readListTable,
  list: async (call) => {
    const body = await readList(call);
    return { body, version: body.version };
  },
  listLibrary: async (call) => ({ body: await readListLibrary(call) }),
} satisfies Partial<Handlers>;
