import type {
  SecondEntries,
  SecondEntry,
  SecondShare,
  Sheet,
  SheetBody,
  SheetMove,
  ShiftDecision,
} from '../sheets.ts';
import { route, shape } from './route.ts';

/** What changes when answers of a paper sheet do. */
const TOUCHED = ['sheet', 'sitting', 'grades', 'due', 'disputes', 'secondEntries', 'decisionsDue'] as const;

/** Paper sheets: entered by exception, moved, entered twice, photographed. */
export const SHEETS = {
  sheet: route('GET', '/api/sittings/:id/sheets/:student', 'staff', 'A paper sheet as entered so far', {
    answer: shape<Sheet>(),
  }),
  sheetEnter: route('POST', '/api/sittings/:id/sheets/:student', 'staff', 'Enter answers of a paper sheet', {
    body: shape<SheetBody>(),
    answer: shape<Sheet>(),
    creates: true,
    makesStale: [...TOUCHED],
  }),
  sheetShift: route(
    'POST',
    '/api/sittings/:id/sheets/:student/shift',
    'staff',
    'Move lines that look one station off, or leave them',
    { body: shape<ShiftDecision>(), answer: shape<Sheet>(), makesStale: [...TOUCHED] },
  ),
  sheetMove: route(
    'POST',
    '/api/sittings/:id/sheets/:student/move',
    'staff',
    'Move a sheet that was entered under a wrong number',
    { body: shape<SheetMove>(), answer: shape<Sheet>(), makesStale: [...TOUCHED] },
  ),
  sheetPhotoAdd: route(
    'POST',
    '/api/sittings/:id/sheets/:student/photo',
    'staff',
    'Attach a photograph of a sheet',
    { file: 'image', creates: true, makesStale: ['sheet'] },
  ),
  sheetPhoto: route('GET', '/api/sittings/:id/sheets/:student/photo', 'staff', 'The photograph of a sheet', {
    answersFile: true,
  }),
  sheetPhotoRemove: route(
    'DELETE',
    '/api/sittings/:id/sheets/:student/photo',
    'staff',
    'Delete the photograph of a sheet',
    { makesStale: ['sheet'] },
  ),
  secondEntries: route(
    'GET',
    '/api/sittings/:id/second-entries',
    'staff',
    'Which sheets are entered twice, and where the two entries differ',
    { answer: shape<SecondEntries>() },
  ),
  secondShare: route(
    'PUT',
    '/api/sittings/:id/second-entries',
    'staff',
    'Choose which share of the sheets is entered twice',
    { body: shape<SecondShare>(), answer: shape<SecondEntries>(), makesStale: ['secondEntries', 'sheet'] },
  ),
  secondEnter: route(
    'POST',
    '/api/sittings/:id/second-entries/:student',
    'staff',
    'Enter a sheet a second time',
    {
      body: shape<SecondEntry>(),
      answer: shape<SecondEntries>(),
      creates: true,
      makesStale: ['secondEntries', 'sheet'],
    },
  ),
} as const;
