import { address } from '@hurrow/contract';
import { useMayTeach, useSession } from '../app/index.ts';
import { Nothing, PageHead } from '../parts/index.ts';
import { GiveOut } from './GiveOut.tsx';
import { ResultFiles } from './ResultFiles.tsx';
import { TakeIn } from './TakeIn.tsx';
import { Taken } from './Taken.tsx';
import './files.css';

/** Files in and out: what is taken in, what is given out, and the backup. */
export function FilesPage() {
  const mayTeach = useMayTeach();
  const { role } = useSession();
  if (!mayTeach)
    return (
      <>
        <PageHead title="Files" name="Files" />
        <Nothing title="For those who teach">Ask the owner or an instructor for a file.</Nothing>
      </>
    );
  return (
    <>
      <PageHead
        title="Files"
        name="Files"
        about="Import and export. You see a preview first; an import is all or nothing and can be undone."
      />
      <TakeIn />
      <Taken />
      <ResultFiles />
      <GiveOut />
      {role === 'owner' ? (
        <section className="panel" aria-label="Backup">
          <h2>Backup</h2>
          <p>
            <a href={address('backup')} download>
              Everything in one file
            </a>
          </p>
          <p className="quiet">
            It holds every name and every answer: keep it where nobody else reads it. It is put back with{' '}
            <code>npm run -s hurrow -- restore</code> into an empty folder; students erased since then are
            erased again.
          </p>
        </section>
      ) : null}
    </>
  );
}
