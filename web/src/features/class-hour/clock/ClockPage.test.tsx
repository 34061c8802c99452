import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { silence } from '../../../testing/silence';
import { clockAt, programme } from '../../../testing/classClock';
import { maren } from '../../../testing/people';
import { answerWith, Refused, renderPage } from '../../../testing/render';
import { tonight } from '../../../testing/tonight';
import { ClockPage } from './ClockPage';
import { WallPage } from './WallPage';

const none = { clock: null, nowMs: Date.now(), revision: 1 };
const running = (clock = clockAt(Date.now())) => ({ clock, nowMs: clock.nowMs, revision: 1 });
const base = {
  'GET /api/me': maren,
  'GET /api/class': tonight,
  get 'GET /api/time'() {
    return { nowMs: Date.now() };
  },
};

describe('the clock of the class', () => {
  beforeEach(() => {
    localStorage.clear();
    silence();
  });

  it('begins with everybody who may jump in one programme, and starts once', async () => {
    const sent = answerWith({
      ...base,
      'GET /api/class-clock': none,
      'PUT /api/class-clock/{id}': clockAt(Date.now()),
    });
    renderPage(<ClockPage />);
    expect(await screen.findByLabelText('Work and rest of programme 1')).toHaveValue('20/10 x8');
    await userEvent.click(screen.getByRole('button', { name: 'Start the clock' }));
    await waitFor(() => expect(sent.some(({ method }) => method === 'PUT')).toBe(true));
    const body = sent.find(({ method }) => method === 'PUT')?.body as {
      programmes: { athletes: string[] }[];
      linkSecret: string;
    };
    expect(body.programmes.map((one) => one.athletes)).toEqual([[tonight.athletes[0]?.id]]);
    expect(body.linkSecret).toMatch(/^[A-Za-z0-9_-]{22,}$/);
  });

  it('has a programme for each station', async () => {
    answerWith({ ...base, 'GET /api/class-clock': none });
    renderPage(<ClockPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'One programme for each station' }));
    expect(screen.getByLabelText('Name of programme 1')).toHaveValue('Link to Workout');
    expect(screen.queryByLabelText('Name of programme 2')).toBeNull();
  });

  it('shows every programme with phase and time, and is moved for everybody from here', async () => {
    const clock = clockAt(Date.now(), {
      programmes: [programme('Ladders'), programme('Doubles', { text: '60' })],
    });
    const sent = answerWith({
      ...base,
      'GET /api/class-clock': running(clock),
      [`POST /api/class-clock/${clock.id}/moves`]: { ...clock, version: 2, pausedAtMs: clock.nowMs },
    });
    renderPage(<ClockPage />);
    expect(
      await screen.findByRole('heading', { level: 1, name: '2 programmes under one clock' }),
    ).toBeVisible();
    expect(screen.getAllByRole('timer')).toHaveLength(2);
    await userEvent.click(screen.getByRole('button', { name: 'Pause for everybody' }));
    expect(await screen.findByRole('button', { name: 'Go on' })).toBeVisible();
    const post = sent.find(({ method }) => method === 'POST');
    expect(post).toMatchObject({ body: { move: 'pause' }, headers: { 'If-Match': '"1"' } });
  });

  it('says when a touch could not be taken, and runs on', async () => {
    const clock = clockAt(Date.now());
    answerWith({
      ...base,
      'GET /api/class-clock': running(clock),
      [`POST /api/class-clock/${clock.id}/moves`]: new Refused(409, 'It was moved since.'),
    });
    renderPage(<ClockPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Skip to the next change' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('It was moved since. The clock runs on');
  });

  it('runs on from what the device has kept, while the server is away', async () => {
    answerWith({ ...base, 'GET /api/class-clock': running() });
    renderPage(<ClockPage />);
    expect(await screen.findByRole('timer')).toHaveTextContent('5');
    cleanup();
    answerWith({});
    renderPage(<ClockPage />);
    expect(await screen.findByRole('timer')).toHaveTextContent(/^[345]$/);
  });

  it('stands on the wall with strip, word and time', async () => {
    answerWith({ ...base, 'GET /api/class-clock': running() });
    renderPage(<WallPage />);
    expect(await screen.findByRole('timer')).toHaveTextContent(/^[456]$/);
    expect(screen.getByText('Rest')).toBeVisible();
    expect(screen.getByRole('img', { name: '6 tall singles' })).toBeVisible();
  });
});
