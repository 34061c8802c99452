import { Link, useLocation } from 'react-router';
import { helpOf } from './parts/helpPages';
import { HelpText } from './parts/HelpText';

/** What the place one is at decides, how, and its limits. */
export function HelpHere({ onLeave }: { onLeave: () => void }) {
  const page = helpOf(useLocation().pathname);
  return (
    <>
      {page !== undefined && <HelpText page={page} />}
      <p>
        <Link to={`/gym/help/${page?.place ?? 'class'}`} onClick={onLeave}>
          All pages of help
        </Link>
      </p>
    </>
  );
}
