import { act, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { SensorRun } from '../../../api/recordings';
import { tellSensor } from '../../../api/sensorEvents';
import { ilse, maren } from '../../../testing/people';
import { today } from '../../../testing/tonight';
import { answerWith, renderPage, type Answers } from '../../../testing/render';
import { take } from '../../../testing/rhythm';
import { SensorPage } from './SensorPage';

const run: SensorRun = {
  id: '01934f2e-7a4c-7cc0-98c4-dc0c0c0739ff',
  state: 'waiting',
  turnsS: [],
  landingsS: [],
  fault: null,
  version: 1,
};
const report = {
  sensor: run.id,
  turnsS: [0.9],
  landingsS: [0.6, 1.1],
  jumps: 1,
  counts: { code: 'rhythm.counts', sentence: '1 single, 1 double, no miss' },
  misses: 0,
  cadencePerMin: 120,
  variation: null,
  over: false,
  fault: null,
};

function answering() {
  return answerWith(
    new Proxy<Answers>(
      {
        'GET /api/me': maren,
        'GET /api/athletes': [ilse],
        [`GET /api/athletes/${ilse.id}/today`]: today,
        'POST /api/takes/read': take,
      },
      { get: (known, key: string) => (/ \/api\/sensor\//.test(key) ? run : known[key]), has: () => true },
    ),
  );
}

describe('a sensor', () => {
  it('reports while it runs, and its take is read when it is over', async () => {
    const sent = answering();
    renderPage(<SensorPage />);
    await userEvent.click(screen.getByRole('button', { name: 'Try it' }));
    await userEvent.click(screen.getByRole('radio', { name: 'trips' }));
    await userEvent.click(screen.getByRole('button', { name: 'Start the simulated sensor' }));
    expect(await screen.findByRole('button', { name: 'Stop it' })).toBeVisible();
    expect(sent.find((one) => one.method === 'PUT')?.body).toMatchObject({ fault: 'trip', seed: 1 });
    act(() => {
      expect(tellSensor(JSON.stringify(report))).toBe(true);
      // Another one's, and a hint: not this screen's.
      tellSensor(JSON.stringify({ ...report, sensor: 'other', jumps: 99 }));
      expect(tellSensor('changed')).toBe(false);
    });
    expect(screen.getByText('120')).toBeVisible();
    expect(screen.queryByText('99')).toBeNull();
    act(() => {
      tellSensor(JSON.stringify({ ...report, turnsS: [1.4], landingsS: [1.7], jumps: 2, over: true }));
    });
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(
      'Measured: 1 single, 1 double, no miss',
    );
    await waitFor(() =>
      expect(sent.find((one) => one.path === '/api/takes/read')?.body).toMatchObject({
        turnsS: [0.9, 1.4],
        landingsS: [0.6, 1.1, 1.7],
      }),
    );
    expect(await screen.findByRole('group', { name: 'What it says' })).toBeVisible();
  });

  it('that fell silent says so, and what it has told can still be read', async () => {
    const sent = answering();
    renderPage(<SensorPage />);
    await userEvent.click(screen.getByRole('button', { name: 'Try it' }));
    await userEvent.click(screen.getByRole('button', { name: 'Start the simulated sensor' }));
    await screen.findByRole('button', { name: 'Stop it' });
    act(() => {
      tellSensor(JSON.stringify(report));
      tellSensor(
        JSON.stringify({ ...report, turnsS: [], landingsS: [], jumps: 0, over: true, fault: 'It gave up.' }),
      );
    });
    expect(await screen.findByRole('alert')).toHaveTextContent('It gave up.');
    expect(screen.getByRole('button', { name: 'Start the simulated sensor' })).toBeVisible();
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(
      'Measured: 1 single, 1 double, no miss',
    );
    await waitFor(() => expect(sent.some((one) => one.path === '/api/takes/read')).toBe(true));
  });

  it('is stopped', async () => {
    const sent = answering();
    renderPage(<SensorPage />);
    await userEvent.click(screen.getByRole('button', { name: 'Try it' }));
    await userEvent.click(screen.getByRole('button', { name: 'Start the simulated sensor' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Stop it' }));
    await waitFor(() => expect(sent.some((one) => one.method === 'DELETE')).toBe(true));
    expect(await screen.findByRole('button', { name: 'Start the simulated sensor' })).toBeVisible();
  });
});
