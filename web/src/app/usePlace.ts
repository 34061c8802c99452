import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { athleteOf, carryAthlete } from '../lib/carried';

/** Follows where one is: the place stays in sight in the navigation, and whom it is about is carried on. */
export function usePlace(): void {
  const { pathname, search } = useLocation();
  useEffect(() => {
    const athlete = athleteOf(pathname, search);
    if (athlete !== null) {
      carryAthlete(athlete);
    }
    document
      .querySelector('nav [aria-current="page"]')
      ?.scrollIntoView?.({ inline: 'center', block: 'nearest' });
  }, [pathname, search]);
}
