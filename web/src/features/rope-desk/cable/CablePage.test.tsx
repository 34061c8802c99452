import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { ilse, maren } from '../../../testing/people';
import { answerWith, Refused, renderPage, type Answers } from '../../../testing/render';
import { cables } from '../../../testing/cables';
import { CablePage } from './CablePage';

const path = `GET /api/athletes/${ilse.id}/cables`;
const full: Answers = { [`GET /api/athletes/${ilse.id}`]: ilse, [path]: cables, 'GET /api/me': maren };

function open(answers: Answers) {
  const sent = answerWith(answers);
  renderPage(<CablePage />, '/ropes/:athleteId/cable', `/ropes/${ilse.id}/cable`);
  return sent;
}

describe('the cables', () => {
  it('that could not be fetched are told', async () => {
    open({ ...full, [path]: new Refused(500, 'Our fault.') });
    expect(await screen.findByRole('alert')).toHaveTextContent('Our fault.');
  });

  it('are compared on plain scales, the recommended one first of all', async () => {
    open(full);
    expect(await screen.findByRole('heading', { level: 1, name: 'Medium cord for Ilse' })).toBeVisible();
    const [, medium, wire] = screen.getAllByRole('row');
    expect(medium).toHaveTextContent('4.0 mm · recommended');
    expect(medium).toHaveTextContent('1.9 / 6 N');
    expect(wire).toHaveTextContent('not for this stage · whips');
    expect(screen.getByText(/A thin cable whips bare skin/)).toBeVisible();
  });

  it('tell where each number comes from', async () => {
    open(full);
    await userEvent.click(await screen.findByRole('button', { name: 'Where the power comes from' }));
    await waitFor(() => expect(screen.getByText(/What the air takes at 210 turns a minute/)).toBeVisible());
  });

  it('are weighed on a kitchen scale', async () => {
    const sent = open(
      new Proxy(full, {
        get: (all, key: string) => (key.startsWith('PUT /api/cables') ? { id: 'c' } : all[key]),
      }),
    );
    const form = await screen.findByRole('region', { name: 'Weigh a cable' });
    await userEvent.type(within(form).getByLabelText('What you call it'), 'Red coil');
    await userEvent.type(within(form).getByLabelText('Diameter in mm'), '3');
    await userEvent.type(within(form).getByLabelText('Length of the piece'), '2 m');
    await userEvent.type(within(form).getByLabelText('Its weight in grams'), '31');
    await userEvent.click(within(form).getByRole('button', { name: 'Save this cable' }));
    await waitFor(() =>
      expect(sent.find((one) => one.method === 'PUT')?.body).toEqual({
        name: 'Red coil',
        diameterMm: 3,
        piece: '2 m',
        grams: 31,
      }),
    );
  });

  it('of the gym’s own are taken off the shelf and put back', async () => {
    const sent = open(
      new Proxy(full, {
        get: (all, key: string) => (/(DELETE|POST) \/api\/cables/.test(key) ? { version: 2 } : all[key]),
      }),
    );
    await userEvent.click(await screen.findByRole('button', { name: 'Remove this cable' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(sent.some((one) => one.path.endsWith('/restore'))).toBe(true));
  });
});
