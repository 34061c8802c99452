import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { helper, ilse, maren, tomasz } from '../../../testing/people';
import { answerWith, Refused, renderPage } from '../../../testing/render';
import { tonightsRopes } from '../../../testing/ropes';
import { RopesPage } from './RopesPage';

describe('the ropes', () => {
  it('are waited for', () => {
    answerWith({});
    renderPage(<RopesPage />);
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the ropes');
  });

  it('need an athlete first', async () => {
    answerWith({ 'GET /api/athletes': [] });
    renderPage(<RopesPage />);
    expect(await screen.findByRole('link', { name: 'add an athlete' })).toBeVisible();
  });

  it('that could not be fetched are told', async () => {
    answerWith({ 'GET /api/athletes': new Refused(500, 'Our fault.') });
    renderPage(<RopesPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Our fault.');
  });

  it('put those without one first', async () => {
    answerWith({ 'GET /api/athletes': [ilse, tomasz], 'GET /api/me': maren });
    renderPage(<RopesPage />);
    expect(
      await screen.findByRole('heading', { level: 1, name: 'Tomasz Wierzba is the next to size' }),
    ).toBeVisible();
    const [first, second] = screen.getAllByRole('listitem');
    expect(first).toHaveTextContent('Tomasz Wierzbano rope yet: size one');
    expect(second).toHaveTextContent('Ilse Tannow244 cm');
  });

  it('shows tonight’s rack in a few words', async () => {
    answerWith({ 'GET /api/athletes': [ilse], 'GET /api/rack/tonight': tonightsRopes });
    renderPage(<RopesPage />);
    const tonight = await screen.findByRole('group', { name: 'From the rack tonight' });
    expect(tonight).toHaveTextContent('Tomasz R1 · Ilse none fits (1 without)');
    expect(screen.getByRole('link', { name: 'To the rack' })).toBeVisible();
  });

  it('lets an owner choose how the gym comes to a length', async () => {
    const sent = answerWith({ 'GET /api/athletes': [ilse], 'GET /api/me': maren });
    renderPage(<RopesPage />);
    await userEvent.click(await screen.findByRole('radio', { name: 'Goal length from day one' }));
    await waitFor(() =>
      expect(sent.find((one) => one.path === '/api/gym')).toMatchObject({
        method: 'PATCH',
        body: { trimSchool: 'goal-length' },
        headers: { 'If-Match': '"1"' },
      }),
    );
  });

  it('lets nobody else', async () => {
    answerWith({ 'GET /api/athletes': [ilse], 'GET /api/me': helper });
    renderPage(<RopesPage />);
    expect(await screen.findByRole('radio', { name: 'Goal length from day one' })).toBeDisabled();
  });
});
