import type { Role } from '../../../api/ownGym';

export const ROLES: readonly Role[] = ['owner', 'coach', 'helper'];

const WORDS: Record<Role, string> = {
  owner: 'everything, with the gym’s settings, people and imports.',
  coach: 'athletes, ropes, cautions, the log; not the gym’s settings, people or imports.',
  helper:
    'look and log, note pain, stop somebody for today. “No jumps today” is shown without its reason; health notes are not.',
};

/** What somebody of a role may do. */
export function roleInWords(role: Role): string {
  return WORDS[role];
}
