import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { NotedCaution } from '../../api/health';
import { athleteTerms, ilse, maren } from '../../testing/people';
import { answerWith, renderPage } from '../../testing/render';
import { ClearancePage, HealthBook } from '.';

const noted: NotedCaution = {
  id: '01934f2e-7a4c-7cc0-98c4-dc0c0c0739f0',
  athleteId: ilse.id,
  caution: 'pain',
  name: 'Pain',
  place: 'shin',
  placeName: 'shin',
  degree: 4,
  note: 'both sides',
  until: null,
  notedOn: '2026-11-20',
  notedBy: 'Maren Quill',
  standing: true,
  coachMayClear: true,
  guardianStates: false,
  liftedBy: null,
  liftedOn: null,
  liftedWith: '',
  words: '',
  professional: '',
  professionalOn: null,
  statedBy: null,
  version: 1,
};
const dizzy: NotedCaution = {
  ...noted,
  id: '01934f2e-7a4c-7cc0-98c4-dc0c0c0739f1',
  caution: 'dizziness',
  name: 'Dizziness',
  place: null,
  placeName: null,
  degree: null,
  coachMayClear: false,
};
const answers = {
  'GET /api/me': maren,
  'GET /api/athlete-terms': athleteTerms,
  [`GET /api/athletes/${ilse.id}`]: ilse,
  [`GET /api/athletes/${ilse.id}/cautions`]: [dizzy, noted],
};
const taking = new Proxy(answers as Record<string, unknown>, {
  get: (all, key: string) => (/^(PUT|POST) /.test(key) ? noted : all[key]),
});

describe('health', () => {
  it('notes pain in two touches, where and how much', async () => {
    const sent = answerWith(taking as never);
    renderPage(<HealthBook athlete={ilse} mayChange />);
    await userEvent.click(await screen.findByRole('button', { name: 'shin' }));
    await userEvent.click(screen.getByRole('button', { name: 'shin, 5 of 10' }));
    await waitFor(() =>
      expect(sent.find((one) => one.method === 'PUT')?.body).toMatchObject({
        athleteId: ilse.id,
        caution: 'pain',
        place: 'shin',
        degree: 5,
      }),
    );
  });

  it('lets a coach clear pain with a note only, and nothing else', async () => {
    const sent = answerWith(taking as never);
    renderPage(<HealthBook athlete={ilse} mayChange />);
    const clear = await screen.findByRole('button', { name: 'Clear it' });
    expect(clear).toBeDisabled();
    expect(screen.getAllByRole('button', { name: 'Clear it' })).toHaveLength(1);
    expect(screen.getByRole('link', { name: 'Hand over to Ilse Tannow' })).toHaveAttribute(
      'href',
      `/athletes/${ilse.id}/clearance/${dizzy.id}`,
    );
    await userEvent.type(screen.getByLabelText('Why they may jump again'), 'hops without it');
    await userEvent.click(clear);
    await waitFor(() =>
      expect(sent.find((one) => one.path === `/api/cautions/${noted.id}/clear`)?.body).toEqual({
        note: 'hops without it',
      }),
    );
  });

  it('takes the statement only whole, and said by themselves', async () => {
    const sent = answerWith(taking as never);
    renderPage(
      <ClearancePage />,
      '/athletes/:id/clearance/:cautionId',
      `/athletes/${ilse.id}/clearance/${dizzy.id}`,
    );
    const send = await screen.findByRole('button', { name: 'This is my statement' });
    await userEvent.type(screen.getByLabelText('Who cleared you?'), 'Dr Wray');
    await userEvent.type(screen.getByLabelText('On which day?'), '2026-11-23');
    await userEvent.type(screen.getByLabelText(/What did they say/), 'all is well');
    expect(send).toBeDisabled();
    await userEvent.click(screen.getByRole('checkbox', { name: 'I say this myself' }));
    await userEvent.click(send);
    await waitFor(() =>
      expect(sent.find((one) => one.path === `/api/cautions/${dizzy.id}/statement`)?.body).toEqual({
        statedBy: 'athlete',
        professional: 'Dr Wray',
        on: '2026-11-23',
        words: 'all is well',
        myself: true,
      }),
    );
  });
});
