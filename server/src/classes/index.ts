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
import { addStudents, changeStudent, moveStudent } from './roster.ts';
import { readSections } from './sectionRows.ts';
import { changeSection, createSection } from './sections.ts';
import { changeSite, createSite, readSites, removeSite } from './sites.ts';

export { SITE, asSite } from './sites.ts';
export type { SiteRow } from './sites.ts';

export const classesHandlers = {
  sections: async (call) => ({ body: await readSections(call.app.db, call.who) }),
  sectionCreate: createSection,
  sectionChange: changeSection,
  rosterAdd: addStudents,
  studentChange: changeStudent,
  studentMove: moveStudent,
  sites: async (call) => ({ body: await readSites(call) }),
  siteCreate: createSite,
  siteChange: changeSite,
  siteRemove: removeSite,
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
