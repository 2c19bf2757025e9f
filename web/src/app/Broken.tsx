import { useRouteError } from 'react-router';
import Button from 'antd/es/button';

/** What stands where a screen broke; nothing typed elsewhere is touched. */
export function Broken() {
  const error = useRouteError();
  return (
    <main className="page-note">
      <h1>This screen broke</h1>
      <p>
        It is our fault. What you saved is safe; load the screen again, or go back to the work that is due.
      </p>
      <p className="quiet">{error instanceof Error ? error.message : ''}</p>
      <Button type="primary" href="/">
        To the work that is due
      </Button>
    </main>
  );
}
