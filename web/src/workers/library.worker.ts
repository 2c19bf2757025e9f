import { expose } from 'comlink';
import type { ListLibrary, LibraryTable } from '@hurrow/contract';
import { disagreements } from '@hurrow/core/characters';
import type { Disagreement, Vocabulary } from '@hurrow/core/characters';
import type { Conditions } from '@hurrow/core/conditions';
import { costOf, describeTaxa, expectedCharacters, worthRecording } from '@hurrow/core/tells';
import type { DisagreementCost, SitePlace, WorthRecording } from '@hurrow/core/tells';
import { compareWork } from './compareWork.ts';

export interface Ground {
  readonly library: ListLibrary;
  readonly vocabulary: Vocabulary;
  readonly conditions: Conditions;
  readonly place: SitePlace | null;
}

export interface Worth {
  readonly open: number;
  readonly pairs: number;
  readonly values: readonly WorthRecording[];
}

export interface CostedDisagreement {
  readonly disagreement: Disagreement;
  readonly cost: DisagreementCost;
}

type Progress = (done: number, total: number) => void;

/** Sums over a whole list, beside the page. Cancelled by ending the worker. */
const work = {
  ...compareWork,

  worth: ({ library, vocabulary, conditions, place }: Ground, most: number, onProgress: Progress): Worth => {
    const members = describeTaxa(
      library.members.map((m) => m.id),
      library.data,
      vocabulary,
      place,
    );
    const found = worthRecording(members, vocabulary, conditions, expectedCharacters(members), {
      most,
      onProgress: (done, total) => {
        onProgress(done, total);
        return true;
      },
    });
    return {
      open: found?.open ?? 0,
      pairs: (members.length * (members.length - 1)) / 2,
      values: found?.values ?? [],
    };
  },

  costs: (
    { library, vocabulary, conditions, place }: Ground,
    statements: LibraryTable['rows'],
    onProgress: Progress,
  ): readonly CostedDisagreement[] => {
    const taxa = new Map(library.data.taxa.map((t) => [t.id, t]));
    const found = disagreements(statements, vocabulary, taxa).filter((d) => d.kind !== 'finer_term');
    const members = library.members.map((m) => m.id);
    return found.map((disagreement, i) => {
      onProgress(i, found.length);
      return {
        disagreement,
        cost: costOf(disagreement, members, library.data, vocabulary, conditions, place),
      };
    });
  },
};

export type LibraryWork = typeof work;

expose(work);
