import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { Diagnosis, SignGroup } from '../../api/faults';
import { helper, ilse, maren, rightRope } from '../../testing/people';
import { today } from '../../testing/tonight';
import { answerWith, Refused, renderPage, type Answers } from '../../testing/render';
import { FaultsPage } from './FaultsPage';

const signs: SignGroup[] = [
  {
    place: 'hands',
    name: 'Hands and arms',
    signs: [
      { code: 'hands-drift-out', text: 'hands drift out' },
      { code: 'big-circles', text: 'big circles' },
    ],
  },
  { place: 'feet', name: 'Feet', signs: [{ code: 'catches-toes', text: 'catches toes' }] },
];

const cue = {
  fault: 'hands-wide',
  name: 'hands wide, elbows out',
  cue: 'elbows on your ribs',
  drill: 'a band round the upper arms',
  drillCode: 'elbow-hold',
  reason: { code: 'cue.because', sentence: 'Seen: hands drift out. Most likely hands wide, elbows out.' },
  stepBack: { code: 'cue.step_back', sentence: 'If 3 goes bring nothing, step back to singles.' },
  watch: { code: 'cue.watch', sentence: 'Does it still show “hands drift out”?' },
};

const diagnosis: Diagnosis = {
  athleteId: ilse.id,
  advice: { code: 'fault.check_rope_then', sentence: 'Check the rope first.' },
  ropeFirst: true,
  rope: rightRope,
  ranked: [
    {
      fault: 'hands-wide',
      name: 'hands wide, elbows out',
      why: 'every cm outward shortens the arc',
      share: 0.93,
      evidence: [
        {
          sign: 'hands-drift-out',
          text: 'hands drift out',
          marks: 3,
          reason: 'it is the fault itself, seen',
        },
      ],
    },
    {
      fault: 'rope-size',
      name: 'rope too long, short or light',
      why: 'the wrong tool',
      share: 0.04,
      evidence: [],
    },
  ],
  cue,
};

const at = `/api/athletes/${ilse.id}`;
const answers: Answers = {
  'GET /api/me': maren,
  'GET /api/athletes': [ilse],
  'GET /api/signs': signs,
  [`GET ${at}/today`]: today,
  [`GET ${at}/diagnosis`]: diagnosis,
};

describe('faults', () => {
  it('waits for the athletes', () => {
    answerWith({});
    renderPage(<FaultsPage />);
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the athletes');
  });

  it('needs somebody first', async () => {
    answerWith({ 'GET /api/athletes': [] });
    renderPage(<FaultsPage />);
    expect(await screen.findByRole('link', { name: 'add an athlete' })).toBeVisible();
  });

  it('tells a failure', async () => {
    answerWith({ ...answers, 'GET /api/signs': new Refused(500, 'The server stumbled.') });
    renderPage(<FaultsPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('The server stumbled.');
  });

  it('groups the signs by where one looks, and asks nothing before one is touched', async () => {
    const sent = answerWith(answers);
    renderPage(<FaultsPage />);
    const hands = await screen.findByRole('group', { name: 'Hands and arms' });
    expect(within(hands).getAllByRole('button')).toHaveLength(2);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(
      'What do you see, hear or feel in Ilse?',
    );
    expect(sent.some((one) => one.path.includes('diagnosis'))).toBe(false);
  });

  it('ranks causes with the weight of each sign, the rope first, and gives one cue', async () => {
    const sent = answerWith(answers);
    renderPage(<FaultsPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'hands drift out' }));
    const advice = await screen.findByRole('group', { name: 'One cue' });
    expect(advice).toHaveTextContent('Check the rope first');
    expect(advice).toHaveTextContent('“elbows on your ribs”');
    expect(advice).toHaveTextContent('step back to singles');
    const causes = screen.getByRole('region', { name: 'Causes' });
    expect(causes).toHaveTextContent('almost certain');
    expect(within(causes).getByRole('img', { name: 'telltale' })).toBeVisible();
    expect(screen.getByRole('button', { name: 'hands drift out' })).toHaveAttribute('aria-pressed', 'true');
    await userEvent.click(screen.getByLabelText('The rope was checked since its last change'));
    await waitFor(() =>
      expect(sent.at(-1)?.path).toBe(`${at}/diagnosis?signs=hands-drift-out&ropeChecked=yes`),
    );
  });

  it('gives the athlete the cue with one touch; the same wish sent twice has one id', async () => {
    const sent = answerWith(answers);
    renderPage(<FaultsPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'hands drift out' }));
    const give = await screen.findByRole('button', { name: 'Give Ilse this cue' });
    await userEvent.click(give);
    const puts = () => sent.filter((one) => one.method === 'PUT');
    await waitFor(() => expect(puts()).toHaveLength(1));
    expect(puts()[0]?.body).toEqual({ athleteId: ilse.id, fault: 'hands-wide', signs: ['hands-drift-out'] });
    expect(puts()[0]?.path).toMatch(/^\/api\/focuses\/[0-9a-f-]{36}$/);
  });

  it('shows what is worked on and takes it off', async () => {
    const focus = { id: 'f', cue, version: 4 };
    const sent = answerWith({ ...answers, [`GET ${at}/today`]: { ...today, focus } });
    renderPage(<FaultsPage />);
    const now = await screen.findByRole('region', { name: 'Now' });
    expect(now).toHaveTextContent('hands wide, elbows out: “elbows on your ribs”');
    await userEvent.click(await within(now).findByRole('button', { name: 'Take it off' }));
    await waitFor(() =>
      expect(sent.some((one) => one.method === 'DELETE' && one.headers['If-Match'] === '"4"')).toBe(true),
    );
  });

  it('lets a helper look, not decide', async () => {
    answerWith({ ...answers, 'GET /api/me': helper });
    renderPage(<FaultsPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'catches toes' }));
    await screen.findByRole('group', { name: 'One cue' });
    expect(screen.queryByRole('button', { name: /Give Ilse/ })).toBeNull();
  });
});
