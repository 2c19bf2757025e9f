import { AppLink, PageHead } from '../parts/index.ts';

export function NotFound() {
  return (
    <>
      <PageHead title="There is nothing at this address" name="Not found" />
      <p>
        It may have been written wrongly, or what stood here was removed.{' '}
        <AppLink to="/">See the work that is due</AppLink> or choose a place on the left.
      </p>
    </>
  );
}
