import { describe, expect, it } from 'vitest';
import { linkOf, newSecret, readWayIn } from './wayIn';

const way = { gym: '0193-g', id: '0193-i', secret: 'a_b-c' };

describe('a link by which somebody gets in', () => {
  it('is read as it was made', () => {
    const link = linkOf('https://gym.example', way);
    expect(link).toBe('https://gym.example/join#0193-g.0193-i.a_b-c');
    expect(readWayIn(new URL(link).hash)).toEqual(way);
  });

  it.each(['', '#', '#a.b', '#a.b.', '#a.b.c.d'])('that was not copied whole is none: %s', (hash) => {
    expect(readWayIn(hash)).toBeNull();
  });

  it('has another secret each time, long enough for the server', () => {
    const secrets = new Set(Array.from({ length: 50 }, newSecret));
    expect(secrets.size).toBe(50);
    secrets.forEach((secret) => expect(secret).toMatch(/^[A-Za-z0-9_-]{32}$/));
  });
});
