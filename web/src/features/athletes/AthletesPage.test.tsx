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
    expect(await screen.findByText(/a name and a height in each line are enough/)).toBeVisible();
    expect(await screen.findByRole('link', { name: 'Paste a list' })).toHaveAttribute(
      'href',
      '/athletes/list',
    );
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

  it('finds, narrows and orders without asking again', async () => {
    const lucia = { ...ilse, id: 'l', name: 'Lucía Ferrandiz', statureM: 1.51, missed: true };
    const sent = answerWith({ 'GET /api/athletes': [ilse, tomasz, lucia], 'GET /api/me': maren });
    renderPage(<AthletesPage />);
    const names = () => screen.getAllByRole('rowheader').map((cell) => cell.textContent?.split(' ')[0]);
    await screen.findByRole('link', { name: 'Ilse Tannow' });
    expect(names()).toEqual(['Ilse', 'Lucía', 'Tomasz']);
    await userEvent.type(screen.getByLabelText('Find an athlete'), 'lucia');
    expect(names()).toEqual(['Lucía']);
    await userEvent.clear(screen.getByLabelText('Find an athlete'));
    await userEvent.click(screen.getByRole('combobox', { name: 'Show' }));
    await userEvent.click(await screen.findByTitle('not seen for two weeks'));
    expect(names()).toEqual(['Lucía']);
    await userEvent.type(screen.getByLabelText('Find an athlete'), 'zzz');
    expect(screen.getByRole('status')).toHaveTextContent('Nobody is like that');
    await userEvent.click(screen.getByRole('button', { name: 'Show everybody' }));
    expect(names()).toEqual(['Ilse', 'Lucía', 'Tomasz']);
    expect(sent.filter(({ path }) => path === '/api/athletes')).toHaveLength(1);
  });

  it('brings back who was removed', async () => {
    const gone = { id: 'g', name: 'Enna', removedAt: '2026-11-20T18:00:00Z', guest: false, version: 4 };
    const sent = answerWith({
      'GET /api/athletes': [ilse],
      'GET /api/me': maren,
      'GET /api/athletes/archive': [gone],
    });
    renderPage(<AthletesPage />);
    await userEvent.click(await screen.findByText('Removed: 1'));
    await userEvent.click(screen.getByRole('button', { name: 'Bring back Enna' }));
    expect(sent.at(-1)).toMatchObject({ method: 'POST', path: '/api/athletes/g/restore' });
    expect(sent.at(-1)?.headers['If-Match']).toBe('"4"');
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
