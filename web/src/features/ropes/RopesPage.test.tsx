import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { ilse, maren, tomasz } from '../../testing/people';
import { answerWith, Refused, renderPage } from '../../testing/render';
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
});
