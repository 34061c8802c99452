import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { readDraft } from '../../lib/clockDraft';
import { maren } from '../../testing/people';
import { plan } from '../../testing/plan';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { PlanPage } from './PlanPage';

describe('the plan of tonight', () => {
  it('is waited for', () => {
    answerWith({});
    renderPage(<PlanPage />);
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the plan');
  });

  it('that could not be made is told', async () => {
    answerWith({ 'GET /api/practice': new Refused(500, 'Our fault.') });
    renderPage(<PlanPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Our fault.');
  });

  it('of nobody says where they are', async () => {
    answerWith({ 'GET /api/me': maren, 'GET /api/practice': { ...plan, people: [] } });
    renderPage(<PlanPage />);
    expect(await screen.findByRole('link', { name: 'to the hall' })).toBeVisible();
  });

  it('says who does what, why, and what was left out', async () => {
    answerWith({ 'GET /api/me': maren, 'GET /api/practice': plan });
    renderPage(<PlanPage />);
    const main = await screen.findByRole('region', { name: 'Main set' });
    expect(main).toHaveTextContent('Ilse, Femi');
    expect(main).toHaveTextContent('3 sets of 30 in a row');
    expect(main).toHaveTextContent('In turn for the gate of Singles.');
    expect(await within(main).findByText('A hundred singles: done last time')).toBeInTheDocument();
    expect(within(main).getByRole('img', { name: '50 singles' })).toBeVisible();
    expect(screen.getByRole('region', { name: 'What it asks of each' })).toHaveTextContent('No jumps today');
    expect(screen.getByRole('slider', { name: 'End of Warm-up' })).toHaveAttribute('aria-valuenow', '240');
  });

  it('that nobody kept is kept before it is changed', async () => {
    const kept = { ...plan, id: 'p', version: 1 };
    const sent = answerWith({
      'GET /api/me': maren,
      'GET /api/practice': plan,
      'PUT /api/practice/{id}': kept,
      'PATCH /api/practice/p': { ...kept, version: 2, canUndo: true },
    });
    renderPage(<PlanPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Another one' }));
    await waitFor(() => expect(sent.map(({ method }) => method)).toContain('PATCH'));
    expect(sent.find(({ method }) => method === 'PATCH')?.body).toEqual({
      another: { athletes: ['i', 'f'], part: 'main' },
    });
    expect(await screen.findByRole('button', { name: 'One step back' })).toBeVisible();
  });

  it('is made longer and shorter by thumb, too', async () => {
    const kept = { ...plan, id: 'p', version: 1 };
    const sent = answerWith({
      'GET /api/me': maren,
      'GET /api/practice': kept,
      'PATCH /api/practice/p': { ...kept, version: 2 },
    });
    renderPage(<PlanPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Warm-up: 30 s longer' }));
    await waitFor(() => expect(sent.map(({ method }) => method)).toContain('PATCH'));
    expect(sent.find(({ method }) => method === 'PATCH')?.body).toMatchObject({
      parts: [{ part: 'warm-up', seconds: 270 }, { part: 'main' }],
    });
  });

  it('offers what one changes again and again', async () => {
    const kept = { ...plan, id: 'p', version: 1 };
    const said = { code: 'plan.habit_shorter', sentence: 'Warm-up: about 60 s shorter. Make it so?' };
    const sent = answerWith({
      'GET /api/me': maren,
      'GET /api/practice': { ...kept, habits: [{ part: 'warm-up', said, seconds: 180 }] },
      'PATCH /api/practice/p': { ...kept, version: 2 },
    });
    renderPage(<PlanPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Make it so' }));
    await waitFor(() => expect(sent.map(({ method }) => method)).toContain('PATCH'));
    // What was set before stays.
    expect(sent.find(({ method }) => method === 'PATCH')?.body).toEqual({
      parts: [
        { part: 'warm-up', seconds: 180 },
        { part: 'main', seconds: 960 },
      ],
      habit: 'warm-up',
    });
  });

  it('goes to the clock as it is', async () => {
    answerWith({ 'GET /api/me': maren, 'GET /api/practice': { ...plan, id: 'p', version: 1 } });
    renderPage(<PlanPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Run it on the clock' }));
    expect(readDraft()).toEqual(plan.programmes);
    localStorage.clear();
  });
});
