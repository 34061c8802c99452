import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { ilse, maren, tomasz } from '../../../testing/people';
import { answerWith, Refused, renderPage, type Answers } from '../../../testing/render';
import { sharedRopes } from '../../../testing/ropes';
import { SharedPage } from './SharedPage';

const full: Answers = {
  'GET /api/athletes': [ilse, tomasz],
  'GET /api/shared-ropes': sharedRopes,
  'GET /api/me': maren,
};

describe('ropes for two', () => {
  it('need two', async () => {
    answerWith({ ...full, 'GET /api/athletes': [ilse] });
    renderPage(<SharedPage />);
    expect(await screen.findByRole('link', { name: 'Add an athlete' })).toBeVisible();
  });

  it('are told for each way of sharing', async () => {
    const sent = answerWith(full);
    renderPage(<SharedPage />);
    expect(await screen.findByText('262 cm')).toBeVisible();
    expect(screen.getByRole('heading', { name: 'Turned pair' })).toBeVisible();
    expect(sent.some((one) => one.path.includes(`one=${ilse.id}&other=${tomasz.id}`))).toBe(true);
  });

  it('tell what could not be read', async () => {
    const sent = answerWith(
      new Proxy(full, {
        get: (all, key: string) =>
          key.includes('apart=') ? new Refused(422, 'Turners apart 20 cm: too close.') : all[key],
      }),
    );
    renderPage(<SharedPage />);
    await userEvent.type(await screen.findByLabelText('Apart'), '20{Enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent('too close');
    await waitFor(() => expect(sent.some((one) => one.path.endsWith('apart=20'))).toBe(true));
  });
});
