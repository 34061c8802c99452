import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { readWayIn } from '../../lib/wayIn';
import { maren } from '../../testing/people';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { BeginPage } from './BeginPage';
import { ChangesPage } from './ChangesPage';
import { JoinPage } from './JoinPage';
import { PeoplePage } from './PeoplePage';
import { SettingsPage } from './SettingsPage';

const bo = { id: 'b1', name: 'Bo Tarn', email: 'bo@gym.example', role: 'helper', version: 3 };
const people = {
  people: [
    { id: maren.coach?.id, name: 'Maren Quill', email: 'm@gym.example', role: 'owner', version: 1 },
    bo,
  ],
  links: [],
};

describe('the first gym', () => {
  it('is sent as it was typed, once the two passwords are the same', async () => {
    const sent = answerWith({ 'GET /api/welcome': { demo: null, firstGym: true } });
    renderPage(<BeginPage />);
    await userEvent.type(await screen.findByLabelText('Code'), 'AAAA');
    await userEvent.type(screen.getByLabelText('Name of the gym'), 'Quay Ropes');
    await userEvent.type(screen.getByLabelText('Your name'), 'Ada Wick');
    await userEvent.type(screen.getByLabelText('E-mail'), 'ada@gym.example');
    await userEvent.type(screen.getByLabelText('Password'), 'a rope of my own');
    await userEvent.type(screen.getByLabelText('Password again'), 'another rope');
    await userEvent.click(screen.getByRole('button', { name: /Make the gym/ }));
    expect(await screen.findByText('The same password again')).toBeInTheDocument();
    expect(sent.some(({ method }) => method === 'PUT')).toBe(false);
    await userEvent.clear(screen.getByLabelText('Password again'));
    await userEvent.type(screen.getByLabelText('Password again'), 'a rope of my own');
    await userEvent.click(screen.getByRole('button', { name: /Make the gym/ }));
    await waitFor(() => expect(sent.some(({ method }) => method === 'PUT')).toBe(true));
    const put = sent.find(({ method }) => method === 'PUT');
    expect(put?.body).toMatchObject({
      code: 'AAAA',
      gym: { name: 'Quay Ropes', unit: 'cm' },
      coach: { name: 'Ada Wick', email: 'ada@gym.example', password: { password: 'a rope of my own' } },
    });
    expect(put?.path).toMatch(/^\/api\/first-gym\/[0-9a-f-]{36}$/);
  }, 20_000);

  it('is not offered where there is one', async () => {
    answerWith({ 'GET /api/welcome': { demo: null, firstGym: false } });
    renderPage(<BeginPage />);
    expect(await screen.findByText(/There is a gym on this machine already/)).toBeInTheDocument();
  });
});

describe('people of a gym', () => {
  it('are invited with a secret that is made here', async () => {
    const sent = answerWith({ 'GET /api/me': maren, 'GET /api/people': people });
    renderPage(<PeoplePage />);
    expect(await screen.findByRole('heading', { name: /2 people may sign in/ })).toBeInTheDocument();
    await userEvent.type(screen.getByLabelText('Name, if you like'), 'Oda');
    await userEvent.click(screen.getByRole('radio', { name: 'helper' }));
    await userEvent.click(screen.getByRole('button', { name: 'Make the link' }));
    await waitFor(() => expect(sent.at(-1)?.method).toBe('PUT'));
    expect(sent.at(-1)?.body).toMatchObject({ role: 'helper', name: 'Oda' });
    expect((sent.at(-1)?.body as { secret: string }).secret).toMatch(/^[A-Za-z0-9_-]{32}$/);
  });

  it('may forget their password: an owner makes them a link, and it holds what was sent', async () => {
    const sent = answerWith({ 'GET /api/me': maren, 'GET /api/people': people });
    renderPage(<PeoplePage />);
    const row = await screen.findByRole('listitem', { name: 'Bo Tarn' });
    await userEvent.click(within(row).getByRole('button', { name: 'Forgot password' }));
    await waitFor(() => expect(sent.at(-1)?.path).toMatch(/^\/api\/resets\//));
    expect(sent.at(-1)?.body).toMatchObject({ coachId: 'b1' });
  });

  it('are removed only when asked twice, from the version that was seen', async () => {
    const sent = answerWith({ 'GET /api/me': maren, 'GET /api/people': people });
    renderPage(<PeoplePage />);
    const row = await screen.findByRole('listitem', { name: 'Bo Tarn' });
    await userEvent.click(within(row).getByRole('button', { name: 'Remove …' }));
    expect(sent.some(({ method }) => method === 'DELETE')).toBe(false);
    await userEvent.click(within(row).getByRole('button', { name: 'Remove Bo Tarn' }));
    await waitFor(() => expect(sent.at(-1)).toMatchObject({ method: 'DELETE', path: '/api/people/b1' }));
    expect(sent.at(-1)?.headers['If-Match']).toBe('"3"');
  });

  it('are no matter of a coach', async () => {
    const coach = { ...maren, coach: { ...maren.coach, role: 'coach' } };
    const sent = answerWith({ 'GET /api/me': coach });
    renderPage(<PeoplePage />);
    expect(await screen.findByText(/Owners invite others/)).toBeInTheDocument();
    expect(screen.queryByRole('button', { name: 'Make the link' })).not.toBeInTheDocument();
    expect(sent.some(({ path }) => path === '/api/people')).toBe(false);
  });
});

describe('settings', () => {
  it('are kept one by one, from the version that was seen; what was refused stays to be mended', async () => {
    const said = 'Ceiling 90 cm: between 200 and 2,000 cm.';
    const sent = answerWith({
      'GET /api/me': maren,
      'PATCH /api/gym': new Refused(422, said, [
        { field: 'ceiling', value: '90', accepted: '', message: said },
      ]),
    });
    renderPage(<SettingsPage />);
    const ceiling = await screen.findByLabelText('Height of the ceiling');
    await userEvent.type(ceiling, '90{Enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent(said);
    expect(ceiling).toHaveValue('90');
    expect(sent.filter(({ method }) => method === 'PATCH')).toMatchObject([
      { body: { ceiling: '90' }, headers: { 'If-Match': '"1"' } },
    ]);
  });

  it('are no matter of a helper, but for the keys on this device', async () => {
    answerWith({ 'GET /api/me': { ...maren, coach: { ...maren.coach, role: 'helper' } } });
    renderPage(<SettingsPage />);
    expect(await screen.findByText(/Owners change/)).toBeInTheDocument();
    expect(screen.queryByLabelText('Name')).not.toBeInTheDocument();
    await userEvent.click(screen.getByRole('checkbox', { name: 'Keys of a single letter' }));
    expect(localStorage.getItem('zumbo-single-keys')).toBe('off');
    localStorage.removeItem('zumbo-single-keys');
  });
});

describe('a link', () => {
  const told = {
    kind: 'invitation',
    gymName: 'Quay',
    role: 'helper',
    name: 'Bo',
    madeBy: 'Ada',
    email: null,
  };

  it('shows whose invitation it is, and joins with what it holds', async () => {
    const sent = answerWith({ 'POST /api/way-in': told });
    renderPage(<JoinPage />, '/join', '/join#g.i.s');
    expect(await screen.findByRole('heading', { name: 'Ada invites you to Quay' })).toBeInTheDocument();
    expect(sent[0]?.body).toEqual(readWayIn('#g.i.s'));
    expect(screen.getByLabelText('Your name')).toHaveValue('Bo');
    await userEvent.type(screen.getByLabelText('E-mail'), 'bo@gym.example');
    await userEvent.type(screen.getByLabelText('Password'), 'a rope of my own');
    await userEvent.type(screen.getByLabelText('Password again'), 'a rope of my own');
    await userEvent.click(screen.getByRole('button', { name: 'Join and sign in' }));
    await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/join'));
    expect(sent.at(-1)?.body).toMatchObject({
      link: { gym: 'g', id: 'i', secret: 's' },
      coach: { name: 'Bo' },
    });
  });

  it('that is not good any more says what to do', async () => {
    answerWith({ 'POST /api/way-in': new Refused(404, 'This link is not good: ask an owner.') });
    renderPage(<JoinPage />, '/join', '/join#g.i.s');
    expect(await screen.findByRole('alert')).toHaveTextContent('ask an owner');
  });

  it('that was not copied whole is not sent at all', async () => {
    const sent = answerWith({});
    renderPage(<JoinPage />, '/join', '/join#g.i');
    expect(await screen.findByRole('alert')).toHaveTextContent('not copied whole');
    expect(sent).toEqual([]);
  });
});

describe('what was changed', () => {
  const line = {
    id: 't2',
    at: '2026-11-24T18:42:00+00:00',
    localDay: '2026-11-24',
    by: 'Ewan Sallow',
    what: 'rope',
    name: 'Femi',
    deed: 'changed',
    changes: [{ what: 'cable length', kind: 'length', before: '2.44', after: '2.4' }],
    fromFile: false,
  };

  it('is told by day, before and after, page by page', async () => {
    const sent = answerWith({
      'GET /api/me': maren,
      'GET /api/athletes': [],
      'GET /api/trail?before=t2': {
        lines: [
          { ...line, id: 't1', localDay: '2026-11-23', by: '', deed: 'deleted', fromFile: true, changes: [] },
        ],
        next: null,
      },
      'GET /api/trail': { lines: [line], next: 't2' },
    });
    renderPage(<ChangesPage />);
    const day = await screen.findByRole('group', { name: 'Tuesday, 24 November 2026' });
    expect(day).toHaveTextContent('Changed: rope of Femi');
    expect(day).toHaveTextContent(/Ewan Sallow.*cable length244.0 cm → 240.0 cm/);
    await userEvent.click(screen.getByRole('button', { name: 'What came before' }));
    const before = await screen.findByRole('group', { name: 'Monday, 23 November 2026' });
    expect(before).toHaveTextContent('nobody signed in · from a file');
    expect(before).toHaveTextContent('Deleted for good: rope of Femi');
    expect(screen.queryByRole('button', { name: 'What came before' })).not.toBeInTheDocument();
    expect(sent.filter(({ path }) => path.startsWith('/api/trail')).length).toBe(2);
  });

  it('is for owners', async () => {
    const sent = answerWith({
      'GET /api/me': { ...maren, coach: { ...maren.coach, role: 'coach' } },
      'GET /api/athletes': [],
    });
    renderPage(<ChangesPage />);
    expect(await screen.findByText('Owners see who changed what.')).toBeInTheDocument();
    expect(sent.some(({ path }) => path.startsWith('/api/trail'))).toBe(false);
  });
});
