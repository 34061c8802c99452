import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { helper, ilse, maren, tomasz } from '../../testing/people';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { AthletesPage } from './AthletesPage';
import { titleOf } from './parts/titleOf';

describe('the athletes', () => {
  it('says what it waits for', () => {
    answerWith({});
    renderPage(<AthletesPage />);
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the athletes');
  });

  it('teaches the first step when nobody is there', async () => {
    answerWith({ 'GET /api/athletes': [], 'GET /api/me': maren });
    renderPage(<AthletesPage />);
    expect(await screen.findByText(/a name and a height are enough/)).toBeVisible();
    expect(await screen.findByRole('button', { name: 'Add an athlete' })).toBeVisible();
  });

  it('shows the server’s sentence after a failure, and tries again', async () => {
    const sent = answerWith({ 'GET /api/athletes': new Refused(500, 'Something went wrong on the server.') });
    renderPage(<AthletesPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Something went wrong on the server.');
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
    expect(sent.filter((one) => one.path === '/api/athletes')).toHaveLength(2);
  });

  it('shows height, stage and rope of each', async () => {
    answerWith({ 'GET /api/athletes': [ilse, tomasz], 'GET /api/me': maren });
    renderPage(<AthletesPage />);
    expect(
      await screen.findByRole('heading', { level: 1, name: 'Two athletes; one has no rope yet' }),
    ).toBeVisible();
    expect(screen.getByRole('row', { name: /Ilse Tannow/ })).toHaveTextContent('168 cmMix244 cm');
    expect(screen.getByRole('row', { name: /Tomasz/ })).toHaveTextContent('caution');
  });

  it('offers helpers no change', async () => {
    answerWith({ 'GET /api/athletes': [ilse], 'GET /api/me': helper });
    renderPage(<AthletesPage />);
    await screen.findByRole('link', { name: 'Ilse Tannow' });
    expect(screen.queryByRole('button', { name: 'Add an athlete' })).toBeNull();
  });

  it.each([
    [[ilse], 'One athlete, each with a rope'],
    [[ilse, tomasz, tomasz], 'Three athletes; two have no rope yet'],
    [Array.from({ length: 21 }, () => ilse), '21 athletes, each with a rope'],
  ])('has a sentence for a title', (athletes, title) => {
    expect(titleOf(athletes)).toBe(title);
  });
});
