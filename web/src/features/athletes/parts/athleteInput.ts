import type { Athlete, AthleteInput } from '../../../api/athletes';
import { formatLength, type LengthUnit } from '../../../lib/units';

/** Somebody of whom nothing is known yet. */
export const nobody: AthleteInput = {
  name: '',
  height: '',
  dominantHand: 'right',
  experience: 'none',
  cautions: [],
  cautionNote: '',
  birthYear: null,
};

/** What is written down about somebody, as a form changes it. Cautions have a book of their own. */
export function inputOf(athlete: Athlete, unit: LengthUnit): AthleteInput {
  return {
    name: athlete.name,
    height: formatLength(athlete.statureM, unit),
    dominantHand: athlete.dominantHand,
    experience: athlete.experience,
    cautions: [],
    cautionNote: '',
    birthYear: athlete.birthYear,
    guardianConsent: athlete.guardianConsent,
  };
}
