import type { Athlete } from '../../../api/athletes';

interface Choice<Value extends string> {
  value: Value;
  label: string;
}

export const hands: Choice<Athlete['dominantHand']>[] = [
  { value: 'right', label: 'Right' },
  { value: 'left', label: 'Left' },
  { value: 'both', label: 'Both' },
];

export const experiences: Choice<Athlete['experience']>[] = [
  { value: 'none', label: 'Never jumped' },
  { value: 'singles', label: 'Singles' },
  { value: 'some-doubles', label: 'Some doubles' },
  { value: 'linked-doubles', label: 'Linked doubles' },
];

export const cautions: Choice<Athlete['cautions'][number]['code']>[] = [
  { value: 'red-flag', label: 'Chest pain, fainting, sudden calf pain, numbness or leakage' },
  { value: 'pain', label: 'Pain' },
  { value: 'recent-injury', label: 'Recent injury' },
  { value: 'pregnancy', label: 'Pregnancy' },
  { value: 'after-childbirth', label: 'After childbirth' },
  { value: 'pelvic-floor', label: 'Pelvic floor symptoms' },
  { value: 'bone', label: 'Bone condition' },
  { value: 'heart', label: 'Heart condition' },
];

/** In the order of the path. */
export const stages: Choice<Athlete['stage']>[] = [
  { value: 'jump', label: 'Jump' },
  { value: 'turn', label: 'Turn' },
  { value: 'join', label: 'Join' },
  { value: 'singles', label: 'Singles' },
  { value: 'range', label: 'Range' },
  { value: 'snap', label: 'Snap' },
  { value: 'mix', label: 'Mix' },
  { value: 'link', label: 'Link' },
  { value: 'hold', label: 'Hold' },
  { value: 'workout', label: 'Workout' },
];
