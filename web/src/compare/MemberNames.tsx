import { Fragment } from 'react';
import type { ReactNode } from 'react';
import { TaxonName } from '../parts/index.ts';
import type { Compared } from './useCompared.ts';

/** Members of a list in a row, their names set as names are; `most` of them and how many more. */
export function MemberNames({
  compared: { members },
  all,
  between = ', ',
  most = Infinity,
  after,
}: {
  compared: Pick<Compared, 'members'>;
  all: readonly number[];
  between?: string;
  most?: number;
  /** What stands behind each name. */
  after?: (place: number) => ReactNode;
}) {
  const shown = all.slice(0, most);
  return (
    <>
      {shown.map((i, n) => {
        const m = members[i];
        return (
          <Fragment key={i}>
            {n > 0 ? between : ''}
            {m ? <TaxonName taxon={m} common={false} /> : null}
            {after?.(n)}
          </Fragment>
        );
      })}
      {all.length > shown.length ? ` and ${all.length - shown.length} more` : ''}
    </>
  );
}
