import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import type { SittingDetail } from '@hurrow/contract';
import { useRead } from '../api/index.ts';
import { Loaded } from '../parts/index.ts';
import { PrintBar } from './PrintBar.tsx';

/** A page for printing that needs the sitting of its address. */
export function SittingPrint({
  title,
  about,
  children,
}: {
  title: string;
  about: string;
  children: (sitting: SittingDetail) => ReactNode;
}) {
  const { id = '' } = useParams();
  const sitting = useRead('sitting', { id });
  return (
    <Loaded query={sitting}>
      {(s) => (
        <main className="sheet-of-print">
          <PrintBar title={title} about={about} back={`/quizzes/${s.quiz}/sittings/${s.id}`} />
          {children(s)}
        </main>
      )}
    </Loaded>
  );
}
