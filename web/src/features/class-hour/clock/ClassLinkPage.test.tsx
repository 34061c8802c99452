import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { silence } from '../../../testing/silence';
import { clockAt, programme } from '../../../testing/classClock';
import { answerWith, Refused, renderPage } from '../../../testing/render';
import { ClassLinkPage } from './ClassLinkPage';

const at = '/class-link#gym.clock.secret';
const time = {
  get 'GET /api/time'() {
    return { nowMs: Date.now() };
  },
};

describe('the athletes’ link', () => {
  beforeEach(silence);

  it('shows the clock and lets one choose one’s own', async () => {
    const clock = clockAt(Date.now(), {
      programmes: [
        programme('Ladders'),
        programme('Doubles', { text: '60', people: [{ firstName: 'Bram', id: null }] }),
      ],
    });
    answerWith({ ...time, 'POST /api/class-link': clock });
    renderPage(<ClassLinkPage />, '/class-link', at);
    expect(await screen.findByRole('timer')).toHaveTextContent(/^[3-6]$/);
    await userEvent.click(screen.getByRole('button', { name: /Bram/ }));
    expect(screen.getByRole('heading', { level: 1, name: 'Doubles' })).toBeVisible();
  });

  it('is dead when the class is', async () => {
    answerWith({ ...time, 'POST /api/class-link': new Refused(404, 'This class is over.') });
    renderPage(<ClassLinkPage />, '/class-link', at);
    expect(await screen.findByText('This class is over.')).toBeVisible();
  });

  it('that was not copied whole says so', () => {
    answerWith(time);
    renderPage(<ClassLinkPage />, '/class-link', '/class-link#gym');
    expect(screen.getByText(/not copied whole/)).toBeVisible();
  });
});
