import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { readDraft } from '../../lib/clockDraft';
import { ilse } from '../../testing/people';
import { plan } from '../../testing/plan';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { OnePracticePage } from './OnePracticePage';

const path = `/api/athletes/${ilse.id}/practice`;
const open = () => renderPage(<OnePracticePage />, '/athletes/:id/practice', `/athletes/${ilse.id}/practice`);

describe('a practice for one athlete', () => {
  it('that could not be made is told', async () => {
    answerWith({ [`GET ${path}`]: new Refused(500, 'Our fault.') });
    open();
    expect(await screen.findByRole('alert')).toHaveTextContent('Our fault.');
  });

  it('says what is done and why, asks for another one, and goes to the clock', async () => {
    const sent = answerWith({ [`GET ${path}`]: plan });
    open();
    expect(await screen.findByRole('region', { name: 'Main set' })).toHaveTextContent(
      'In turn for the gate of Singles.',
    );
    await userEvent.click(screen.getByRole('button', { name: 'Choose anew' }));
    await waitFor(() => expect(sent.at(-1)?.path).toBe(`${path}?minutes=20&seed=2`));
    await userEvent.click(screen.getByRole('button', { name: 'Run it on the clock' }));
    expect(readDraft()).toEqual(plan.programmes);
  });
});
