import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { ilse, maren } from '../../../testing/people';
import { answerWith, Refused, renderPage, type Answers } from '../../../testing/render';
import { explorer } from '../../../testing/rhythm';
import { ExplorerPage } from './ExplorerPage';

const path = `GET /api/athletes/${ilse.id}/jump-explorer`;
const full: Answers = { 'GET /api/athletes': [ilse], [path]: explorer, 'GET /api/me': maren };

describe('jump or wrist', () => {
  it('needs an athlete', async () => {
    answerWith({ ...full, 'GET /api/athletes': [] });
    renderPage(<ExplorerPage />);
    expect(await screen.findByRole('link', { name: 'add an athlete' })).toBeVisible();
  });

  it('tells a failure', async () => {
    answerWith({ ...full, [path]: new Refused(500, 'Our fault.') });
    renderPage(<ExplorerPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Our fault.');
  });

  it('asks for the handles where nobody knows them, and leads to the size page', async () => {
    answerWith({
      ...full,
      [path]: new Refused(422, 'Handle is missing.', [
        { field: 'handle', value: '', accepted: '15 cm', message: '' },
      ]),
    });
    renderPage(<ExplorerPage />);
    expect(await screen.findByRole('heading', { name: 'Ask Ilse for the handles first' })).toBeVisible();
    expect(screen.getByRole('link', { name: 'size the rope' })).toHaveAttribute('href', `/ropes/${ilse.id}`);
  });

  it('answers in a sentence, a picture and two ways with their price', async () => {
    answerWith(full);
    renderPage(<ExplorerPage />);
    expect(
      await screen.findByRole('heading', { level: 1, name: 'This jump leaves 32 ms for a late spin' }),
    ).toBeVisible();
    expect(screen.getByRole('img', { name: /doubles: an even turn needs a jump of 8 cm/ })).toBeVisible();
    expect(screen.getByText('Shorten the contact first.')).toBeVisible();
    expect(screen.getByRole('group', { name: 'High and slow' })).toHaveTextContent('Reps a minute103');
    expect(screen.getByRole('group', { name: 'Low and fast' })).toHaveTextContent('not at all');
    expect(screen.getByRole('group', { name: 'High and slow' })).toHaveTextContent(
      /50 reps34 s.*In the air at least130 a minute.*Work of one jump221 J.*327 W/,
    );
    expect(screen.getByRole('table', { name: /least jump by the time on the floor/ })).toHaveTextContent(
      'On the floor120 ms250 msJump5 cm13 cm',
    );
  });

  it('asks again for another jump', async () => {
    const sent = answerWith(full);
    renderPage(<ExplorerPage />);
    await userEvent.clear(await screen.findByLabelText('High one, cm'));
    await userEvent.type(screen.getByLabelText('High one, cm'), '24{Enter}');
    await waitFor(() => expect(sent.at(-1)?.path).toContain('highCm=24&lowCm=10&massKg=75'));
    await userEvent.click(await screen.findByRole('radio', { name: 'triples' }));
    await waitFor(() => expect(sent.some((one) => one.path.includes('passes=3'))).toBe(true));
  });
});
