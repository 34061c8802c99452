import { describe, expect, it } from 'vitest';
import { athleteOf } from './carried';

const id = '01934f2e-7a4c-7cc0-98c4-dc0c0c07398f';

describe('whom an address is about', () => {
  it.each([
    [`/athletes/${id}`, ''],
    [`/ropes/${id}/trim`, ''],
    ['/sets', `?athlete=${id}`],
  ])('%s%s names them', (pathname, search) => {
    expect(athleteOf(pathname, search)).toBe(id);
  });

  it.each(['/athletes/new', '/ropes/rack', '/class', '/ropes'])('%s names nobody', (pathname) => {
    expect(athleteOf(pathname, '')).toBeNull();
  });
});
