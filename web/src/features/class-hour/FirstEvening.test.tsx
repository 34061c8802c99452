import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { maren } from '../../testing/people';
import { answerWith, renderPage, type Answers } from '../../testing/render';
import { tonight } from '../../testing/tonight';
import { ClassPage } from './ClassPage';

describe('the first evening', () => {
  const quay = { ...maren, gym: { ...maren.gym, id: 'quay', demo: false, handleM: 0.15 } };
  const alone = { people: [{ id: 'a' }], links: [] };
  const answers: Answers = {
    'GET /api/me': quay,
    'GET /api/class': { ...tonight, athletes: [] },
    'GET /api/athletes': [],
    'GET /api/rack': [],
    'GET /api/people': alone,
  };

  it('is seven steps, each done by doing it', async () => {
    answerWith(answers);
    renderPage(<ClassPage />);
    const steps = await screen.findByRole('group', { name: 'The first evening' });
    expect(within(steps).getAllByRole('listitem')).toHaveLength(7);
    expect(steps).toHaveTextContent('5 steps left');
    expect(steps).toHaveTextContent('Say how high the hall is, or how long your handles are: done');
    expect(within(steps).getByRole('link', { name: 'Paste your list of athletes' })).toBeVisible();
    await userEvent.click(within(steps).getByRole('button', { name: 'Do without this list' }));
    expect(screen.queryByRole('group', { name: 'The first evening' })).not.toBeInTheDocument();
    localStorage.removeItem('zumbo-first-evening');
  });

  it('ends by itself, and is none of the demo’s', async () => {
    answerWith({
      ...answers,
      'GET /api/class': tonight,
      'GET /api/athletes': tonight.athletes.map(({ id }) => ({ id, rope: {} })),
      'GET /api/rack': [{ id: 'r' }],
      'GET /api/people': { people: [{ id: 'a' }, { id: 'b' }], links: [] },
    });
    renderPage(<ClassPage />);
    await screen.findByText('Just now');
    await new Promise((done) => setTimeout(done, 100));
    expect(screen.queryByRole('group', { name: 'The first evening' })).not.toBeInTheDocument();
  });
});
