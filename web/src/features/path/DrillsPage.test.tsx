import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { answerWith, renderPage, type Answers } from '../../testing/render';
import { athleteTerms, maren } from '../../testing/people';
import { drill } from '../../testing/path';
import { DrillsPage } from './DrillsPage';
import { EVERYTHING, looksLike } from './drillFilter';

const other = {
  ...drill,
  code: 'two-clap-jumps',
  title: 'Clap the hips twice',
  why: 'hands first',
  watch: 'two claps',
  needs: [],
  easier: null,
};
const answers: Answers = {
  'GET /api/me': maren,
  'GET /api/athlete-terms': athleteTerms,
  'GET /api/athletes': [],
  'GET /api/drills': [drill, other],
};

describe('the drill library', () => {
  it('finds as one types, and reads a drill with its neighbour', async () => {
    answerWith(answers);
    renderPage(<DrillsPage />, '/sets/drills', '/sets/drills');
    expect(await screen.findByRole('heading', { level: 1, name: '2 drills taught here' })).toBeVisible();
    await userEvent.type(screen.getByLabelText('Search the drills'), 'bar taps');
    expect(await screen.findByRole('heading', { level: 1, name: '1 drill taught here' })).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: /^Bar taps/ }));
    expect(screen.getByText('pulling the knees up')).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Easier: Clap the hips twice' }));
    expect(screen.getByRole('heading', { level: 2, name: 'Clap the hips twice' })).toBeVisible();
  });

  it('hides one by one touch, as the gym’s own row', async () => {
    const sent = answerWith({ ...answers, 'PUT /api/drills/{id}': { id: 'x', version: 1 } });
    renderPage(<DrillsPage />, '/sets/drills', '/sets/drills?drill=bar-taps');
    await userEvent.click(await screen.findByRole('button', { name: 'Hide it' }));
    expect(sent.find(({ method }) => method === 'PUT')?.body).toMatchObject({
      replaces: 'bar-taps',
      hidden: true,
    });
  });

  it('is narrowed by stage, by what is needed and by what was changed', () => {
    expect(looksLike(drill, { ...EVERYTHING, text: 'KNEE bar' })).toBe(true);
    expect(looksLike(drill, { ...EVERYTHING, text: 'knee moon' })).toBe(false);
    expect(looksLike(drill, { ...EVERYTHING, stage: 'link' })).toBe(false);
    expect(looksLike(drill, { ...EVERYTHING, without: 'a bar' })).toBe(false);
    expect(looksLike({ ...drill, hidden: true }, EVERYTHING)).toBe(false);
    expect(looksLike({ ...drill, hidden: true }, { ...EVERYTHING, shown: 'hidden' })).toBe(true);
    expect(looksLike(drill, { ...EVERYTHING, shown: 'own' })).toBe(false);
  });
});
