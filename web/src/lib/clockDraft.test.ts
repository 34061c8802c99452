import { describe, expect, it } from 'vitest';
import { withProgramme } from './clockDraft';

describe('what is planned for the clock', () => {
  it('has everybody in one programme, and none that nobody is left in', () => {
    const draft = [
      { title: 'Singles', text: '20/10 x8', athletes: ['a', 'b'] },
      { title: 'Doubles', text: '60', athletes: ['c'] },
    ];
    expect(withProgramme(draft, { title: 'Ladder', text: '5/5: 1 double', athletes: ['b', 'c'] })).toEqual([
      { title: 'Singles', text: '20/10 x8', athletes: ['a'] },
      { title: 'Ladder', text: '5/5: 1 double', athletes: ['b', 'c'] },
    ]);
  });

  it('puts people who do the same together', () => {
    const draft = [{ title: 'Singles', text: '20/10 x8', athletes: ['a'] }];
    expect(withProgramme(draft, { title: 'Other name', text: '20/10 x8', athletes: ['b'] })).toEqual([
      { title: 'Singles', text: '20/10 x8', athletes: ['a', 'b'] },
    ]);
  });
});
