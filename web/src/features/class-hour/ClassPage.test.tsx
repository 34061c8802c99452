import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { maren, noJumps } from '../../testing/people';
import { attempt, tonight } from '../../testing/tonight';
import { answerWith, Refused, renderPage, type Answers } from '../../testing/render';
import { ClassPage } from './ClassPage';

const full: Answers = { 'GET /api/class': tonight, 'GET /api/me': maren };

/** Every write is taken. */
const taking = (all: Answers): Answers =>
  new Proxy(all, {
    get: (answers, key: string) => (/^(PUT|PATCH|POST|DELETE) /.test(key) ? attempt : answers[key]),
  });

describe('the class', () => {
  it('is waited for', () => {
    answerWith({});
    renderPage(<ClassPage />);
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the class');
  });

  it('that could not be fetched is told', async () => {
    answerWith({ 'GET /api/class': new Refused(500, 'Our fault.') });
    renderPage(<ClassPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Our fault.');
  });

  it('without anybody teaches the first step', async () => {
    answerWith({
      ...full,
      'GET /api/class': {
        ...tonight,
        athletes: [],
        title: { code: 'class.nobody', sentence: 'Nobody is here yet' },
      },
    });
    renderPage(<ClassPage />);
    expect(await screen.findByRole('link', { name: 'add the first one' })).toBeVisible();
  });

  it('shows everybody with tag, rope, strip and cue', async () => {
    answerWith(full);
    renderPage(<ClassPage />);
    const ilse = await screen.findByRole('button', { name: /^Ilse/ });
    expect(ilse).toHaveTextContent('IlseI 244 cmland ready');
    expect(within(ilse).getByRole('img', { name: '2 doubles, 1 single' })).toBeVisible();
    expect(screen.getByRole('button', { name: /^Tomasz/ })).toHaveTextContent(
      'T no rope cautionNo jumps today.',
    );
    expect(await screen.findByRole('region', { name: 'Just now' })).toHaveTextContent('Ilse 14, stopped');
  });

  it('says what comes before the first jump: a look at the rope, or a measuring', async () => {
    const [first, second, ...rest] = tonight.athletes;
    const due = (code: string) => ({ beforeJumping: { code, sentence: 'It is due.' } });
    answerWith({
      ...full,
      'GET /api/class': {
        ...tonight,
        athletes: [
          { ...first, ...due('inspect.never') },
          { ...second, ...due('growth.measure_again') },
          ...rest,
        ],
      },
    });
    renderPage(<ClassPage />);
    expect(await screen.findByText('look over')).toBeVisible();
    expect(screen.getByText('measure')).toBeVisible();
  });

  it('takes a typed line', async () => {
    const sent = answerWith(taking(full));
    renderPage(<ClassPage />);
    const line = await screen.findByLabelText('Log line');
    await userEvent.type(line, 'i23x');
    expect(screen.getByText('Ilse, 23, miss · Enter')).toBeVisible();
    await userEvent.type(line, '{Enter}');
    expect(line).toHaveValue('');
    await waitFor(() =>
      expect(sent.find((one) => one.method === 'PUT')?.body).toMatchObject({
        reps: 23,
        end: 'miss',
        drill: 'rungs',
      }),
    );
  });

  it('does not log what is not whole, nor for whom must not jump', async () => {
    const sent = answerWith(taking(full));
    renderPage(<ClassPage />);
    const line = await screen.findByLabelText('Log line');
    await userEvent.type(line, 'i23{Enter}');
    expect(line).toHaveValue('i23');
    await userEvent.clear(line);
    await userEvent.type(line, 't5x{Enter}');
    expect(screen.getByText('Tomasz: No jumps today.')).toBeVisible();
    expect(sent.filter((one) => one.method === 'PUT')).toHaveLength(0);
  });

  it('logs what was jumped, also when today’s contacts are done', async () => {
    const [first] = tonight.athletes;
    const done = { code: 'load.enough', sentence: 'Enough for today.' };
    const sent = answerWith(
      taking({
        ...full,
        'GET /api/class': {
          ...tonight,
          athletes: [{ ...first, drill: null, allowance: { ...noJumps, public: done } }],
        },
      }),
    );
    renderPage(<ClassPage />);
    const line = await screen.findByLabelText('Log line');
    await userEvent.type(line, 'i20x');
    expect(screen.getByText('Enough for today. Ilse, 20, miss · Enter logs it all the same')).toBeVisible();
    await userEvent.type(line, '{Enter}');
    await waitFor(() => expect(sent.find((one) => one.method === 'PUT')?.body).toMatchObject({ reps: 20 }));
  });

  it('takes nothing of somebody else’s back with Backspace', async () => {
    const sent = answerWith(taking(full));
    renderPage(<ClassPage />);
    await userEvent.type(await screen.findByLabelText('Log line'), '{Backspace}');
    await userEvent.click(screen.getByRole('button', { name: 'Undo Ilse 14, stopped' }));
    await waitFor(() =>
      expect(sent.filter((one) => one.method === 'DELETE').map((one) => [one.path, one.headers])).toEqual([
        [`/api/attempts/${attempt.id}`, expect.objectContaining({ 'If-Match': '"1"' })],
      ]),
    );
  });

  it('asks in one quiet line about a count that is hardly meant, and keeps it by one touch', async () => {
    const sent = answerWith(taking(full));
    renderPage(<ClassPage />);
    await userEvent.type(await screen.findByLabelText('Log line'), 'i230x{Enter}');
    expect(await screen.findByText('230, where 41 is the best so far?')).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    await waitFor(() => expect(screen.queryByText(/where 41 is the best/)).toBeNull());
    await waitFor(() => expect(sent.some((one) => one.path.endsWith('/keep'))).toBe(true));
    expect(screen.getByRole('region', { name: 'Just now' })).toHaveTextContent('Ilse 230, miss');
  });

  it('asks whether two coaches wrote the same set, and says who wrote what', async () => {
    const twin = { ...attempt, id: '01934f2e-7a4c-7cc0-98c4-dc0c0c0739a1', loggedBy: 'Ewan Sallow' };
    const sent = answerWith(
      taking({
        ...full,
        'GET /api/class': { ...tonight, justNow: [{ ...twin, twin: attempt.id }, attempt] },
      }),
    );
    renderPage(<ClassPage />);
    const justNow = await screen.findByRole('region', { name: 'Just now' });
    expect(justNow).toHaveTextContent('Ilse 14, stopped by Ewan Sallow');
    await userEvent.click(within(justNow).getByRole('button', { name: 'Keep one' }));
    await waitFor(() =>
      expect(sent.find((one) => one.method === 'DELETE')?.path).toBe(`/api/attempts/${twin.id}`),
    );
    await waitFor(() => expect(justNow).not.toHaveTextContent('Ewan'));
  });

  it('moves an entry to whose it is, without waiting for the server', async () => {
    const sent = answerWith(full); // a move is never answered
    renderPage(<ClassPage />);
    await userEvent.click(
      await screen.findByRole('button', { name: 'Move Ilse 14, stopped to another athlete' }),
    );
    await userEvent.click(await screen.findByRole('menuitem', { name: 'Tomasz' }));
    const justNow = screen.getByRole('region', { name: 'Just now' });
    await waitFor(() => expect(justNow).toHaveTextContent('Tomasz 14, stopped'));
    await waitFor(() =>
      expect(sent.find((one) => one.path.endsWith('/move'))?.body).toEqual({
        athleteId: tonight.athletes[1]?.id,
      }),
    );
  });

  it('takes back the entry just sent, not the one before, while it is not fetched yet', async () => {
    const sent = answerWith(taking(full)); // the class is answered without the new entry
    renderPage(<ClassPage />);
    const line = await screen.findByLabelText('Log line');
    await userEvent.type(line, 'i9.{Enter}');
    const put = await waitFor(() => {
      const found = sent.find((one) => one.method === 'PUT');
      expect(found).toBeDefined();
      return found;
    });
    await waitFor(() => expect(screen.queryByText('not sent yet')).toBeNull());
    await userEvent.type(line, '{Backspace}');
    await waitFor(() => expect(sent.find((one) => one.method === 'DELETE')?.path).toBe(put?.path));
    expect(sent.find((one) => one.method === 'DELETE')?.headers).toMatchObject({ 'If-Match': '"1"' });
  });

  it('shows what is not sent yet, and takes it back without the server', async () => {
    const sent = answerWith(full); // a PUT is never answered
    renderPage(<ClassPage />);
    await userEvent.type(await screen.findByLabelText('Log line'), 'i9.{Enter}');
    expect(await screen.findByText('not sent yet')).toBeVisible();
    const justNow = screen.getByRole('region', { name: 'Just now' });
    expect(justNow).toHaveTextContent('Ilse 9, stopped not sent yet');
    await userEvent.click(screen.getByRole('button', { name: 'Undo Ilse 9, stopped' }));
    await waitFor(() => expect(justNow).not.toHaveTextContent('Ilse 9, stopped'));
    expect(sent.filter((one) => one.method === 'DELETE')).toHaveLength(0);
  });

  it('opens the pad for whom was touched, and changes quality by one touch', async () => {
    const sent = answerWith(taking(full));
    renderPage(<ClassPage />);
    await userEvent.click(await screen.findByRole('button', { name: /^Ilse/ }));
    const pad = await screen.findByRole('group', { name: 'Ilse, set and log' });
    expect(pad).toHaveTextContent('Reaches 20 about 6 times in 10');
    await userEvent.click(screen.getByRole('button', { name: 'Quality of Ilse 14, stopped: clean' }));
    await waitFor(() => expect(sent.find((one) => one.method === 'PATCH')?.body).toEqual({ clean: false }));
  });

  it('logs the same for several at once, and for nobody when one of them may not be logged', async () => {
    const [ilse] = tonight.athletes;
    const sent = answerWith(
      taking({
        ...full,
        'GET /api/class': {
          ...tonight,
          athletes: [
            ...tonight.athletes,
            { ...ilse, id: '01934f2e-7a4c-7cc0-98c4-dc0c0c073990', tag: 'b', firstName: 'Bram' },
          ],
        },
      }),
    );
    renderPage(<ClassPage />);
    const puts = () => sent.filter(({ method }) => method === 'PUT');
    const line = await screen.findByLabelText('Log line');
    await userEvent.type(line, 'i,t20.{Enter}');
    expect(puts()).toHaveLength(0);
    await userEvent.clear(line);
    await userEvent.type(line, 'i,b20.');
    expect(screen.getByText('Ilse, Bram: 20, stopped each · Enter')).toBeVisible();
    await userEvent.keyboard('{Enter}');
    await waitFor(() => expect(puts()).toHaveLength(2));
    expect(new Set(puts().map(({ body }) => (body as { athleteId: string }).athleteId)).size).toBe(2);
  });
});
