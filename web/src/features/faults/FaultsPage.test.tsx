import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { cue, diagnosis, signs, unsure } from '../../testing/faults';
import { helper, ilse, maren, noJumps } from '../../testing/people';
import { today } from '../../testing/tonight';
import { answerWith, Refused, renderPage, type Answers } from '../../testing/render';
import { FaultsPage } from './FaultsPage';

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
    expect(within(hands).getAllByRole('button', { name: /^(?!Looked)/ })).toHaveLength(2);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent(
      'What do you see, hear or feel in Ilse?',
    );
    expect(sent.some((one) => one.path.includes('diagnosis'))).toBe(false);
  });

  it('ranks causes with what speaks for each, the rope first, and gives one cue with its price', async () => {
    const sent = answerWith(answers);
    renderPage(<FaultsPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'hands drift out' }));
    const advice = await screen.findByRole('group', { name: 'One cue' });
    expect(within(advice).getByRole('link', { name: /Check the length/ })).toHaveAttribute(
      'href',
      `/ropes/${ilse.id}`,
    );
    expect(advice).toHaveTextContent('“elbows on your ribs”');
    expect(advice).toHaveTextContent('5 cm less arc');
    expect(advice).toHaveTextContent('step back to singles');
    const causes = screen.getByRole('region', { name: 'Causes' });
    expect(causes).toHaveTextContent('almost certain');
    expect(within(causes).getByRole('img', { name: 'comes with it usually' })).toBeVisible();
    expect(screen.getByRole('button', { name: 'hands drift out' })).toHaveAttribute('aria-pressed', 'true');
    await userEvent.click(screen.getByRole('button', { name: 'Looked, fine: catches toes' }));
    await userEvent.click(within(advice).getByRole('button', { name: 'Checked: it is right' }));
    expect(screen.getByLabelText(/length was checked/)).toBeChecked();
    await waitFor(() =>
      expect(sent.at(-1)?.path).toBe(
        `${at}/diagnosis?signs=hands-drift-out&fine=catches-toes&untold=&ropeChecked=yes&ropeInspected=no&tired=`,
      ),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Forget catches toes' }));
    await waitFor(() => expect(sent.at(-1)?.path).toContain('&fine=&'));
  });

  it('asks one question before a doubtful cue, which is given only when asked for all the same', async () => {
    const sent = answerWith({ ...answers, [`GET ${at}/diagnosis`]: unsure });
    renderPage(<FaultsPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'hands drift out' }));
    const question = await screen.findByRole('group', { name: 'One question' });
    expect(question).toHaveTextContent('Not sure yet');
    expect(screen.queryByRole('button', { name: /Give Ilse/ })).toBeNull();
    await userEvent.click(within(question).getByRole('button', { name: 'The likeliest cue all the same' }));
    expect(await screen.findByRole('button', { name: 'Give Ilse this cue' })).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Forget hands drift out' }));
    await userEvent.click(screen.getByRole('button', { name: 'hands drift out' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Can’t tell' }));
    await waitFor(() => expect(sent.at(-1)?.path).toContain('untold=big-circles'));
    expect(screen.getByRole('button', { name: 'Forget big circles' })).toHaveTextContent('can’t tell');
  });

  it.each([
    ['change-load', 'The load first', `/pacing?athlete=${ilse.id}`],
    ['change-rope', 'The rope first', `/ropes/${ilse.id}`],
    ['stop-today', 'Enough for today', `/athletes/${ilse.id}`],
  ] as const)('gives no cue before %s', async (action, name, href) => {
    answerWith({
      ...answers,
      [`GET ${at}/diagnosis`]: { ...diagnosis, action, cue: null, price: null, check: null },
    });
    renderPage(<FaultsPage />);
    await userEvent.click(await screen.findByText('Yes'));
    const card = await screen.findByRole('group', { name });
    expect(within(card).getByRole('link')).toHaveAttribute('href', href);
    expect(screen.queryByRole('group', { name: 'One cue' })).toBeNull();
  });

  it('gives the athlete the cue with one touch; the same wish sent twice has one id', async () => {
    const sent = answerWith(answers);
    renderPage(<FaultsPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'hands drift out' }));
    const give = await screen.findByRole('button', { name: 'Give Ilse this cue' });
    await userEvent.click(give);
    const puts = () => sent.filter((one) => one.method === 'PUT');
    await waitFor(() => expect(puts()).toHaveLength(1));
    expect(puts()[0]?.body).toEqual({
      athleteId: ilse.id,
      fault: 'hands-wide',
      signs: ['hands-drift-out'],
      cue: 'elbows on your ribs',
    });
    expect(puts()[0]?.path).toMatch(/^\/api\/focuses\/[0-9a-f-]{36}$/);
  });

  it('shows what is worked on, logs a go by one touch, and takes it off', async () => {
    const focus = { id: 'f', cue: { ...cue, withoutEffect: 2 }, version: 4 };
    const sent = answerWith({ ...answers, [`GET ${at}/today`]: { ...today, focus } });
    renderPage(<FaultsPage />);
    const now = await screen.findByRole('region', { name: 'Now' });
    expect(now).toHaveTextContent('hands wide, elbows out: “elbows on your ribs”');
    expect(now).toHaveTextContent('2 goes without effect so far');
    expect(within(now).queryByRole('button', { name: /another cue/ })).toBeNull();
    await userEvent.click(within(now).getByRole('button', { name: 'Worse' }));
    await waitFor(() =>
      expect(sent.find((one) => one.path.startsWith('/api/goes/'))?.body).toEqual({
        focusId: 'f',
        outcome: 'worse',
      }),
    );
    await userEvent.click(await within(now).findByRole('button', { name: 'Take it off' }));
    await waitFor(() =>
      expect(sent.some((one) => one.method === 'DELETE' && one.headers['If-Match'] === '"4"')).toBe(true),
    );
  });

  it('says when to step back, and tries another cue', async () => {
    const back = { code: 'cue.step_back_now', sentence: '3 goes brought nothing: step back to Singles.' };
    const spent = { ...cue, stepsBackNow: true, withoutEffect: 3, stepBack: back };
    const sent = answerWith({
      ...answers,
      [`GET ${at}/today`]: { ...today, focus: { id: 'f', cue: spent, version: 4 } },
    });
    renderPage(<FaultsPage />);
    const now = await screen.findByRole('region', { name: 'Now' });
    expect(now).toHaveTextContent('step back to Singles');
    await userEvent.click(await within(now).findByRole('button', { name: 'Try another cue for it' }));
    await waitFor(() =>
      expect(sent.find((one) => one.method === 'PUT')?.body).toEqual({
        athleteId: ilse.id,
        fault: 'hands-wide',
        signs: [],
        cue: '',
      }),
    );
  });

  it('has no board and no cue for who may not jump', async () => {
    const sent = answerWith({ ...answers, 'GET /api/athletes': [{ ...ilse, allowance: noJumps }] });
    renderPage(<FaultsPage />, '/faults', '/faults?signs=catches-toes');
    expect(await screen.findByRole('heading', { name: 'No cue today for Ilse' })).toBeVisible();
    expect(screen.getByRole('group', { name: 'No jumps today' })).toBeVisible();
    expect(screen.queryByRole('group', { name: 'Hands and arms' })).toBeNull();
    expect(screen.queryByRole('button', { name: /Give/ })).toBeNull();
    expect(sent.some(({ path }) => path.includes('diagnosis'))).toBe(false);
  });

  it('knows already what numbers of another place said', async () => {
    const sent = answerWith(answers);
    renderPage(<FaultsPage />, '/faults', '/faults?signs=catches-toes,nonsense&fine=big-circles');
    expect(await screen.findByRole('button', { name: 'Forget big circles' })).toHaveTextContent('fine');
    await waitFor(() =>
      expect(sent.some(({ path }) => path.includes('signs=catches-toes&fine=big-circles'))).toBe(true),
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
