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

/** What is written down about somebody, as a form changes it. */
export function inputOf(athlete: Athlete, unit: LengthUnit): AthleteInput {
  return {
    name: athlete.name,
    height: formatLength(athlete.statureM, unit),
    dominantHand: athlete.dominantHand,
    experience: athlete.experience,
    cautions: athlete.cautions.map((caution) => caution.code),
    cautionNote: athlete.cautionNote ?? '',
    birthYear: athlete.birthYear,
    guardianConsent: athlete.guardianConsent,
  };
}
