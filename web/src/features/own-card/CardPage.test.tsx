import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { keepCard } from '../../lib/cardOnPhone';
import { ownCard, restingCard } from '../../testing/ownCard';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { silence } from '../../testing/silence';
import { CardPage } from './CardPage';

let links = 0;

/** A phone that holds a link of its own, so that nothing waits from the test before. */
function open(): string {
  links += 1;
  const at = `/card#gym.card-${String(links)}.secret`;
  renderPage(<CardPage />, '/card', at);
  return `card-${String(links)}`;
}

const nextLink = () => ({ gym: 'gym', id: `card-${String(links + 1)}`, secret: 'secret' });

describe('an athlete’s own card', () => {
  beforeEach(() => {
    silence();
    localStorage.clear();
  });

  it('shows rope, set, cue, gate and counter', async () => {
    answerWith({ 'POST /api/card': ownCard() });
    open();
    expect(
      await screen.findByRole('heading', { level: 1, name: 'Tonight: fifty calm singles, 5 minutes' }),
    ).toBeVisible();
    expect(screen.getByText('252 cm of cable')).toBeVisible();
    expect(screen.getByText('“quiet feet”')).toBeVisible();
    expect(screen.getByText('Reaches 100 about 2 times in 10')).toBeVisible();
    expect(screen.queryByText(/As it was known/)).toBeNull();
  });

  it('keeps a count on the phone and sends it with the link', async () => {
    const sent = answerWith({ 'POST /api/card': ownCard(), 'POST /api/card/entries': { aside: false } });
    const card = open();
    await userEvent.clear(await screen.findByRole('textbox', { name: 'Reps' }));
    await userEvent.type(screen.getByRole('textbox', { name: 'Reps' }), '23');
    await userEvent.click(screen.getByRole('button', { name: 'Log 23, stopped' }));
    await expect
      .poll(() => sent.find((one) => one.path === '/api/card/entries')?.body)
      .toMatchObject({
        link: { gym: 'gym', card, secret: 'secret' },
        entry: { drill: 'fifty-calm', kind: 'streak', reps: 23, end: 'stopped' },
      });
  });

  it('says how hard today was, in one touch, and again', async () => {
    const sent = answerWith({
      'POST /api/card': ownCard({ effort: { effort: 6, minutes: 45 } }),
      'POST /api/card/effort': { aside: false },
    });
    open();
    expect(await screen.findByText('You said 6 of 10 for 45 minutes.')).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'How hard was today?' }));
    await userEvent.click(screen.getByRole('button', { name: '8 of 10' }));
    await expect
      .poll(() => sent.find((one) => one.path === '/api/card/effort')?.body)
      .toMatchObject({ effort: 8, minutes: 45, link: { secret: 'secret' } });
    expect(screen.queryByRole('button', { name: '8 of 10' })).toBeNull();
  });

  it('takes the jumps off as soon as pain is noted, sent or not', async () => {
    answerWith({ 'POST /api/card': ownCard() });
    open();
    await userEvent.click(await screen.findByRole('button', { name: 'It hurts' }));
    await userEvent.click(screen.getByRole('button', { name: 'shin' }));
    await userEvent.click(screen.getByRole('button', { name: 'shin, 5 of 10' }));
    expect(await screen.findByText(/stop jumping now/)).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Play the beat' })).toBeNull();
    expect(screen.queryByRole('textbox', { name: 'Reps' })).toBeNull();
  });

  it('says so when the rope’s length was only kept', async () => {
    const before = new Date(Date.now() - 60_000).toISOString();
    keepCard(nextLink(), ownCard({ readAt: before }));
    answerWith({});
    open();
    expect(await screen.findByText(/As it was known at .+ trimmed it since, ask/)).toBeVisible();
    expect(screen.getByRole('button', { name: 'Play the beat' })).toBeVisible();
  });

  it('never offers another day’s set', async () => {
    keepCard(nextLink(), ownCard({ on: '2026-11-20', readAt: '2026-11-20T18:42:00Z' }));
    answerWith({});
    open();
    expect(
      await screen.findByRole('heading', { level: 1, name: 'Kelda: tonight’s set is not here yet' }),
    ).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Play the beat' })).toBeNull();
    expect(screen.getByText(/As it was known on Friday/)).toBeVisible();
    expect(screen.getByRole('heading', { name: 'Count fifty calm singles' })).toBeVisible();
  });

  it('shows another link nothing of what was kept', async () => {
    keepCard({ gym: 'gym', id: 'another', secret: 'x' }, ownCard());
    answerWith({});
    open();
    expect(await screen.findByText(/Fetching your card/)).toBeVisible();
    expect(screen.queryByText(/252/)).toBeNull();
  });

  it('is without jumps on a rest day', async () => {
    answerWith({
      'POST /api/card': restingCard('Rest day: beginners leave a day between two jump sessions.'),
    });
    open();
    expect(await screen.findByRole('heading', { level: 1, name: 'No jumps tonight, Kelda' })).toBeVisible();
    expect(screen.getByText(/^Rest day/)).toBeVisible();
    expect(screen.getByText('heel walks')).toBeVisible();
    expect(screen.queryByRole('textbox', { name: 'Reps' })).toBeNull();
  });

  it('lets the athlete state a professional’s word, and a minor’s guardian only', async () => {
    const flags = [{ id: 'f', version: 1, name: 'dizziness', since: '2026-11-20' }];
    const resting = { ...restingCard('Stop.', 'nothing'), flags };
    const sent = answerWith({ 'POST /api/card': resting, 'POST /api/card/statement': ownCard() });
    open();
    await userEvent.type(await screen.findByLabelText(/Who cleared you/), 'the doctor');
    await userEvent.type(screen.getByLabelText(/On which day/), '2026-11-21');
    await userEvent.type(screen.getByLabelText(/What did they say/), 'all is well');
    await userEvent.click(screen.getByLabelText('I say this myself'));
    await userEvent.click(screen.getByRole('button', { name: 'This is my statement' }));
    expect(await screen.findByRole('heading', { level: 1, name: /^Tonight/ })).toBeVisible();
    expect(sent.find((one) => one.path === '/api/card/statement')?.body).toMatchObject({
      caution: 'f',
      statement: { statedBy: 'athlete', professional: 'the doctor', on: '2026-11-21', myself: true },
    });
  });

  it('leaves the statement of a minor to the guardian', async () => {
    const flags = [{ id: 'f', version: 1, name: 'dizziness', since: '2026-11-20' }];
    answerWith({ 'POST /api/card': { ...restingCard('Stop.', 'nothing'), flags, minor: true } });
    open();
    expect(await screen.findByText(/your guardian states it/)).toBeVisible();
    expect(screen.queryByLabelText(/Who cleared you/)).toBeNull();
  });

  it('shows nothing of what it showed once the link has ended', async () => {
    keepCard(nextLink(), ownCard());
    answerWith({ 'POST /api/card': new Refused(410, 'Your coach has taken this link back.') });
    open();
    expect(await screen.findByRole('heading', { level: 1, name: 'This card has ended' })).toBeVisible();
    expect(screen.getByText('Your coach has taken this link back.')).toBeVisible();
    expect(screen.queryByText(/252/)).toBeNull();
    expect(localStorage.getItem('zumbo-card')).toBeNull();
  });

  it('opens again without the link in the address, and asks for it where there is none', async () => {
    answerWith({ 'POST /api/card': ownCard() });
    renderPage(<CardPage />, '/card', '/card');
    expect(await screen.findByRole('heading', { level: 1, name: 'Your own card' })).toBeVisible();
    await userEvent.type(screen.getByLabelText('The whole link'), 'https://gym.example/card');
    expect(screen.getByRole('alert')).toHaveTextContent('not copied whole');
    await userEvent.type(screen.getByLabelText('The whole link'), '#gym.pasted.secret');
    await userEvent.click(screen.getByRole('button', { name: 'Open my card' }));
    expect(await screen.findByText('252 cm of cable')).toBeVisible();
    expect(JSON.parse(localStorage.getItem('zumbo-card-link') ?? '{}')).toMatchObject({ id: 'pasted' });
  });
});
