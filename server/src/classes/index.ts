import type { StaffHandlers } from '../http/index.ts';
import { createList, previewList, readList, readListLibrary, readLists } from './lists.ts';
import { createSection, createSite, readSections, readSites } from './sections.ts';

export { SITE, asSite } from './sections.ts';
export type { SiteRow } from './sections.ts';

export const classesHandlers: StaffHandlers = {
  sections: async (call) => ({ body: await readSections(call) }),
  sectionCreate: createSection,
  sites: async (call) => ({ body: await readSites(call) }),
  siteCreate: createSite,
  lists: async (call) => ({ body: await readLists(call) }),
  listPreview: previewList,
  listCreate: createList,
  list: async (call) => ({ body: await readList(call) }),
  listLibrary: async (call) => ({ body: await readListLibrary(call) }),
};
