import type { AthletePath, LibraryDrill, Way } from '../api/path';
import { ilse } from './people';

const way: Way = {
  question: 'method',
  asked: 'From singles to doubles',
  answer: 'pattern',
  chosenHere: false,
  options: [
    { answer: 'pattern', label: 'Doubles among singles', why: 'keeps the rhythm', forWhom: 'most' },
    { answer: 'even-jump', label: 'Every jump the same', why: 'no uneven jump', forWhom: 'those who leap' },
  ],
};

export const path: AthletePath = {
  athleteId: ilse.id,
  name: ilse.name,
  stage: 'mix',
  provisional: true,
  stages: [
    {
      stage: 'snap',
      asks: { code: 'gate.asked_tries', sentence: '8 clean of 10, landing tall' },
      waived: '',
      count: 8,
      mostCount: 10,
      choices: ['usual'],
    },
    {
      stage: 'mix',
      asks: { code: 'gate.asked_hold', sentence: '30 s without a miss, back into singles' },
      waived: '',
      count: 30,
      mostCount: 1000,
      choices: ['usual'],
    },
    {
      stage: 'link',
      asks: { code: 'gate.asked_streak', sentence: '20 unbroken, with a calm exit' },
      waived: '',
      count: 20,
      mostCount: 1000,
      choices: ['usual', 'ten'],
    },
  ],
  ways: [way, { ...way, question: 'arms', asked: 'Arms', chosenHere: true }],
  decisions: [],
  version: 3,
};

export const drill: LibraryDrill = {
  code: 'bar-taps',
  family: 'hands-for-doubles',
  familyTitle: 'Hands for doubles',
  stages: ['snap'],
  title: 'Bar taps',
  text: '4 tall singles',
  notation: '4S',
  cadencePerMin: 95,
  countKind: 'tries',
  aim: 10,
  sets: 2,
  dose: '2 × 10 tries',
  cue: 'long legs',
  why: 'a bar shows the height',
  how: 'Tap it twice in one jump.',
  watch: 'two taps',
  mistake: 'pulling the knees up',
  needs: ['a bar'],
  fixes: ['knee tuck'],
  loads: ['calf'],
  contactsPerMin: 83,
  caution: 'The bar must be fixed.',
  easier: { code: 'two-clap-jumps', title: 'Clap the hips twice' },
  harder: null,
  beats: [],
  hidden: false,
  ownId: null,
  ownVersion: null,
};
