import type { Schemas } from '../api/client';

/** What is told of a rope that nobody has looked over. */
export const neverLookedOver: Schemas['InspectionView'] = {
  on: null,
  safe: true,
  failed: [],
  found: [],
  nextOn: null,
  lookOver: { code: 'inspect.never', sentence: 'Nobody has looked it over yet: it is due.' },
};
