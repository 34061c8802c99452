import { expect, it } from 'vitest';
import { formatDuration } from './duration';

it.each([
  [0, '0:00'],
  [47.6, '0:48'],
  [59.6, '1:00'],
  [125, '2:05'],
  [3720, '1:02:00'],
])('%d s reads %s', (seconds, said) => {
  expect(formatDuration(seconds)).toBe(said);
});
