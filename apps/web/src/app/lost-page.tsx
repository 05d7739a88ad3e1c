import { Link } from 'react-router';
import { PageHead } from '../shared/page-head.js';

/** There is nothing at this address, or the page failed: say so and offer the way back. */
export function LostPage() {
  return (
    <>
      <PageHead />
      <main className="mx-6 mt-8 max-w-prose">
        <h1 className="font-head text-2xl">There is nothing at this address.</h1>
        <p className="mt-2 text-soft">
          The build may have been deleted, or the page failed to load. Nothing that was kept is lost.{' '}
          <Link className="text-blue underline" to="/">
            See all builds
          </Link>
        </p>
      </main>
    </>
  );
}
