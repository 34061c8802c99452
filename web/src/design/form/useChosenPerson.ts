import { useSearchParams } from 'react-router';
import { carriedAthlete } from '../../lib/carried';

/**
 * Whom a page is about: as the address says (`?athlete=…`), else whoever was chosen last in another place, else whoever fits
 * best. Choosing changes the address.
 */
export function useChosenPerson<Person extends { id: string }>(
  people: Person[],
  fits: (one: Person, other: Person) => Person,
): [Person, (id: string) => void] {
  const [params, setParams] = useSearchParams();
  const asked = params.get('athlete') ?? carriedAthlete();
  const named = people.find((person) => person.id === asked);
  const choose = (id: string) => setParams({ athlete: id }, { replace: true });
  return [named ?? people.reduce(fits), choose];
}
