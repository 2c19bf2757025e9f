import { createBrowserRouter, redirect } from 'react-router';
import type { RouteObject } from 'react-router';
import { DuePage } from '../due/index.ts';
import { NotFound } from './NotFound.tsx';
import { Broken } from './Broken.tsx';
import { Gate } from './Gate.tsx';
import { Shell } from './Shell.tsx';

/** A place is fetched when it is first opened. */
const place = (path: string, load: () => Promise<{ Component: () => React.ReactNode }>): RouteObject => ({
  path,
  lazy: load,
});

const places: RouteObject[] = [
  { index: true, Component: DuePage },
  place('classes', async () => ({ Component: (await import('../classes/ClassesPage.tsx')).ClassesPage })),
  place('classes/lists/new', async () => ({
    Component: (await import('../classes/NewListPage.tsx')).NewListPage,
  })),
  place('classes/lists/:id', async () => ({ Component: (await import('../classes/ListPage.tsx')).ListPage })),
  place('classes/sections/new', async () => ({
    Component: (await import('../classes/NewSectionPage.tsx')).NewSectionPage,
  })),
  place('species', async () => ({ Component: (await import('../species/SpeciesPage.tsx')).SpeciesPage })),
  place('species/table', async () => ({ Component: (await import('../species/TablePage.tsx')).TablePage })),
  place('species/record', async () => ({
    Component: (await import('../species/RecordNextPage.tsx')).RecordNextPage,
  })),
  place('species/seasons', async () => ({
    Component: (await import('../species/SeasonsPage.tsx')).SeasonsPage,
  })),
  place('species/disagreements', async () => ({
    Component: (await import('../species/DisagreementsPage.tsx')).DisagreementsPage,
  })),
  place('species/sources', async () => ({
    Component: (await import('../species/SourcesPage.tsx')).SourcesPage,
  })),
  place('species/glossary', async () => ({
    Component: (await import('../glossary/GlossaryPage.tsx')).GlossaryPage,
  })),
  place('species/range', async () => ({ Component: (await import('../range/RangePage.tsx')).RangePage })),
  place('species/growing', async () => ({
    Component: (await import('../range/GrowingPage.tsx')).GrowingPage,
  })),
  place('species/:id/write', async () => ({
    Component: (await import('../species/WritePage.tsx')).WritePage,
  })),
  place('species/:id/head', async () => ({ Component: (await import('../species/HeadPage.tsx')).HeadPage })),
  place('species/:id', async () => ({ Component: (await import('../species/ProfilePage.tsx')).ProfilePage })),
  place('compare', async () => ({ Component: (await import('../compare/BenchPage.tsx')).BenchPage })),
  place('compare/list', async () => ({
    Component: (await import('../compare/WholeListPage.tsx')).WholeListPage,
  })),
  place('compare/year', async () => ({ Component: (await import('../compare/YearPage.tsx')).YearPage })),
  place('compare/lookalikes', async () => ({
    Component: (await import('../compare/LookalikesPage.tsx')).LookalikesPage,
  })),
  place('compare/rules', async () => ({ Component: (await import('../compare/RulesPage.tsx')).RulesPage })),
  place('compare/rules/:id', async () => ({ Component: (await import('../compare/RulePage.tsx')).RulePage })),
  place('compare/name', async () => ({
    Component: (await import('../compare/NameTreePage.tsx')).NameTreePage,
  })),
  place('compare/key', async () => ({ Component: (await import('../compare/KeyPage.tsx')).KeyPage })),
  place('compare/sort', async () => ({ Component: (await import('../compare/SortPage.tsx')).SortPage })),
  place('compare/names', async () => ({ Component: (await import('../compare/NamesPage.tsx')).NamesPage })),
  place('quizzes', async () => ({ Component: (await import('../quizzes/QuizzesPage.tsx')).QuizzesPage })),
  place('quizzes/name-decisions', async () => ({
    Component: (await import('../quizzes/NameDecisionsPage.tsx')).NameDecisionsPage,
  })),
  place('quizzes/:id', async () => ({ Component: (await import('../quizzes/QuizPage.tsx')).QuizPage })),
  place('quizzes/:quiz/sittings/:id', async () => ({
    Component: (await import('../quizzes/SittingPage.tsx')).SittingPage,
  })),
  place('quizzes/:quiz/sittings/:id/sheets/:student', async () => ({
    Component: (await import('../paper/SheetPage.tsx')).SheetPage,
  })),
  place('quizzes/:quiz/sittings/:id/stations/:station', async () => ({
    Component: (await import('../paper/StationSheetsPage.tsx')).StationSheetsPage,
  })),
  place('quizzes/:quiz/sittings/:id/second/:student', async () => ({
    Component: (await import('../paper/SecondPage.tsx')).SecondPage,
  })),
  place('quizzes/:quiz/sittings/:id/grades', async () => ({
    Component: (await import('../quizzes/GradesPage.tsx')).GradesPage,
  })),
  place('material', async () => ({ Component: (await import('../material/MaterialPage.tsx')).MaterialPage })),
  place('mix-ups', async () => ({ Component: (await import('../mixups/MixUpsPage.tsx')).MixUpsPage })),
  place('reteach', async () => ({ Component: (await import('../reteach/ReteachPage.tsx')).ReteachPage })),
  place('reteach/:a/:b', async () => ({
    Component: (await import('../reteach/ContrastPage.tsx')).ContrastPage,
  })),
  place('people', async () => ({ Component: (await import('../people/PeoplePage.tsx')).PeoplePage })),
  place('account', async () => ({ Component: (await import('../people/AccountPage.tsx')).AccountPage })),
  place('files', async () => ({ Component: (await import('../files/FilesPage.tsx')).FilesPage })),
  // The terminal sends the first owner here; the gate shows the set-up wherever one is needed.
  { path: 'set-up', loader: () => redirect('/') },
  { path: '*', Component: NotFound },
];

/** Makes the router, which goes at once to where the address says. */
export const openRouter = () =>
  createBrowserRouter([
    {
      path: 'invitation',
      ErrorBoundary: Broken,
      HydrateFallback: () => null,
      lazy: async () => ({ Component: (await import('../people/InvitationPage.tsx')).InvitationPage }),
    },
    {
      Component: Gate,
      ErrorBoundary: Broken,
      HydrateFallback: () => null,
      children: [
        place('print/sittings/:id/cards', async () => ({
          Component: (await import('../print/StationCards.tsx')).StationCards,
        })),
        place('print/sittings/:id/cutting-list', async () => ({
          Component: (await import('../print/CuttingSheets.tsx')).CuttingSheet,
        })),
        place('print/sittings/:id/labels', async () => ({
          Component: (await import('../print/CuttingSheets.tsx')).CuttingLabels,
        })),
        place('print/sittings/:id/answer-key', async () => ({
          Component: (await import('../print/AnswerKey.tsx')).AnswerKey,
        })),
        place('print/sittings/:id/volunteer-card', async () => ({
          Component: (await import('../print/VolunteerCard.tsx')).VolunteerCard,
        })),
        place('print/sittings/:id/answer-sheets', async () => ({
          Component: (await import('../print/AnswerSheets.tsx')).AnswerSheets,
        })),
        place('print/sittings/:id/slips', async () => ({
          Component: (await import('../print/ResultSlips.tsx')).ResultSlips,
        })),
        place('print/lists/:id/plates', async () => ({
          Component: (await import('../print/PlatesSheet.tsx')).PlatesSheet,
        })),
        place('print/lists/:id/booklet', async () => ({
          Component: (await import('../print/Booklet.tsx')).Booklet,
        })),
        place('print/lists/:id/key', async () => ({
          Component: (await import('../print/KeySheet.tsx')).KeySheet,
        })),
        place('print/lists/:id/sorting', async () => ({
          Component: (await import('../print/SortingCards.tsx')).SortingCards,
        })),
        place('print/lists/:id/roots', async () => ({
          Component: (await import('../print/RootCards.tsx')).RootCards,
        })),
        place('print/species/:id', async () => ({
          Component: (await import('../print/Booklet.tsx')).SheetOfSpecies,
        })),
        place('print/species/:id/week', async () => ({
          Component: (await import('../print/TreeOfWeek.tsx')).TreeOfWeek,
        })),
        place('print/bench', async () => ({
          Component: (await import('../print/BenchSheet.tsx')).BenchSheet,
        })),
        place('print/contrasts/:a/:b/sheet', async () => ({
          Component: (await import('../print/ContrastSheet.tsx')).ContrastSheet,
        })),
        place('print/contrasts/:a/:b/cue-card', async () => ({
          Component: (await import('../print/CueCards.tsx')).CueCards,
        })),
        place('print/contrasts/:a/:b/cards', async () => ({
          Component: (await import('../print/ContrastCards.tsx')).ContrastCards,
        })),
        place('print/contrasts/:a/:b/worksheet', async () => ({
          Component: (await import('../print/Worksheet.tsx')).Worksheet,
        })),
        place('print/species/:id/drill', async () => ({
          Component: (await import('../print/DrillSheet.tsx')).DrillSheet,
        })),
        place('project/:a/:b', async () => ({
          Component: (await import('../reteach/ReviewPage.tsx')).ReviewPage,
        })),
        { Component: Shell, children: places },
      ],
    },
  ]);
