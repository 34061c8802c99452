import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Recording } from '../../../api/recordings';
import { ilse, maren } from '../../../testing/people';
import { today } from '../../../testing/tonight';
import { answerWith, Refused, renderPage, type Answers } from '../../../testing/render';
import { heard, take } from '../../../testing/rhythm';
import { ListenPage } from './ListenPage';

const done: Recording = {
  id: '01934f2e-7a4c-7cc0-98c4-dc0c0c0739ff',
  state: 'done',
  done: 2,
  total: 2,
  kept: false,
  heard,
  fault: null,
  version: 3,
};

/** Whatever id the page makes for the recording, it is this one. */
function answering(one: Recording, more: Answers = {}) {
  return answerWith(
    new Proxy<Answers>(
      {
        'GET /api/me': maren,
        'GET /api/athletes': [ilse],
        [`GET /api/athletes/${ilse.id}/today`]: today,
        'POST /api/takes/read': take,
        ...more,
      },
      {
        get: (known, key: string) =>
          /^(GET|PUT|DELETE) \/api\/recordings\//.test(key) && !(key in known) ? one : known[key],
        has: () => true,
      },
    ),
  );
}

const wav = () => new File(['RIFF'], 'take.wav', { type: 'audio/wav' });

describe('a take', () => {
  beforeEach(() => sessionStorage.clear());

  it('is heard, shown, and mended by key', async () => {
    const sent = answering(done);
    renderPage(<ListenPage />);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Record, or choose a recording');
    await userEvent.upload(screen.getByLabelText('Recording'), wav());
    expect(
      await screen.findByRole('heading', { level: 1, name: '3 landings and 2 turns heard.' }),
    ).toBeVisible();
    expect(sent.find((one) => one.method === 'PUT')?.path).not.toContain('keep');
    const picture = screen.getByRole('region', { name: 'What was heard' });
    const turns = within(picture).getAllByRole('button', { name: /^Turn at/ });
    expect(turns).toHaveLength(2);
    turns[0]?.focus();
    await userEvent.keyboard('{Delete}');
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('3 singles, 0 doubles, no miss');
    const bodies = () =>
      sent.filter((one) => one.path === '/api/takes/read').map((one) => one.body as { turnsS: number[] });
    await waitFor(() => expect(bodies().at(-1)?.turnsS).toEqual([1.4]));
    within(picture)
      .getByRole('button', { name: /^Turn at/ })
      .focus();
    await userEvent.keyboard('{ArrowRight}');
    await waitFor(() => expect(bodies().at(-1)?.turnsS).toEqual([1.41]));
    await userEvent.click(screen.getByRole('button', { name: 'Undo my changes' }));
    expect(within(picture).getAllByRole('button', { name: /^Turn at/ })).toHaveLength(2);
  });

  it('shows how much of a recording has left the device', async () => {
    // Nobody answers: it is still being sent.
    answerWith({});
    renderPage(<ListenPage />);
    await userEvent.upload(screen.getByLabelText('Recording'), wav());
    expect(await screen.findByText('Sent 50 %')).toBeVisible();
  });

  it('says what it is like, and goes to the log with one touch', async () => {
    answering(done);
    renderPage(<ListenPage />);
    await userEvent.upload(screen.getByLabelText('Recording'), wav());
    expect(await screen.findByRole('group', { name: 'What it says' })).toHaveTextContent(
      '120 jumps a minute, even.',
    );
    expect(screen.getByRole('link', { name: 'What is behind it?' })).toHaveAttribute(
      'href',
      '/faults?signs=two-landings&fine=uneven-beat',
    );
    // Nobody is guessed.
    expect(screen.queryByRole('button', { name: /^Log/ })).toBeNull();
    await userEvent.click(screen.getByLabelText('Whose take'));
    await userEvent.click(await screen.findByText('Ilse Tannow'));
    expect(await screen.findByRole('button', { name: 'Log 3, stopped for Ilse' })).toBeEnabled();
  });

  it('that is too noisy is shown and not counted', async () => {
    const noisy = {
      ...heard,
      counts: false,
      verdict: { code: 'sound.noisy', sentence: 'Too noisy to count.' },
    };
    answering({ ...done, heard: noisy });
    renderPage(<ListenPage />);
    await userEvent.upload(screen.getByLabelText('Recording'), wav());
    expect(await screen.findByRole('heading', { level: 1, name: 'Too noisy to count.' })).toBeVisible();
    expect(screen.getByRole('region', { name: 'What was heard' })).toBeVisible();
    expect(screen.queryByRole('group', { name: 'What it says' })).toBeNull();
  });

  it('tells how far it is', async () => {
    answering({ ...done, state: 'reading', heard: null, done: 40, total: 1800 });
    renderPage(<ListenPage />);
    await userEvent.upload(screen.getByLabelText('Recording'), wav());
    expect(await screen.findByText('Heard 40 of 1800 s')).toBeVisible();
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Listening');
  });

  it('that can not be read is told in the server’s words', async () => {
    answerWith(new Proxy({}, { get: () => new Refused(422, 'This is not a WAV file: it is empty.') }));
    renderPage(<ListenPage />);
    await userEvent.upload(screen.getByLabelText('Recording'), wav());
    expect(await screen.findByRole('alert')).toHaveTextContent('This is not a WAV file');
  });

  it('that was given up says so, and is asked for no more', async () => {
    const sent = answering({ ...done, state: 'failed', heard: null, fault: 'The server has given up.' });
    renderPage(<ListenPage />);
    await userEvent.upload(screen.getByLabelText('Recording'), wav());
    expect(await screen.findByRole('alert')).toHaveTextContent('The server has given up.');
    const asked = sent.filter(
      (one) => one.method === 'GET' && one.path.startsWith('/api/recordings/'),
    ).length;
    await new Promise((later) => setTimeout(later, 700));
    expect(
      sent.filter((one) => one.method === 'GET' && one.path.startsWith('/api/recordings/')),
    ).toHaveLength(asked);
  });

  it('that was kept can be deleted', async () => {
    const sent = answering({ ...done, kept: true });
    renderPage(<ListenPage />);
    await userEvent.click(screen.getByLabelText(/^Keep the recording/));
    await userEvent.upload(screen.getByLabelText('Recording'), wav());
    await userEvent.click(await screen.findByRole('button', { name: 'Delete the recording' }));
    await waitFor(() => expect(sent.some((one) => one.method === 'DELETE')).toBe(true));
    expect(sent.find((one) => one.method === 'PUT')?.path).toContain('?keep=true');
  });

  it('from a microphone that is not there says what else there is', async () => {
    answering(done);
    renderPage(<ListenPage />);
    await userEvent.click(screen.getByRole('button', { name: 'Record with this device' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('A WAV file works too.');
  });
});
