import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { ilse, tomasz } from '../../../testing/people';
import { today } from '../../../testing/tonight';
import { answerWith, Refused, renderPage } from '../../../testing/render';
import { pattern, take } from '../../../testing/rhythm';
import { BeatPage } from './BeatPage';

describe('the beat', () => {
  it('is waited for, and a failure is told', async () => {
    answerWith({ 'GET /api/pattern': new Refused(500, 'Our fault.') });
    renderPage(<BeatPage />);
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the beat');
    expect(await screen.findByRole('alert')).toHaveTextContent('Our fault.');
  });

  it('shows the pattern, and keeps it when another can not be read', async () => {
    const sent = answerWith({
      'GET /api/pattern': pattern,
      'GET /api/pattern?notation=3k&cadence=100': new Refused(422, 'Pattern at 2: "k"; a jump.'),
    });
    renderPage(<BeatPage />);
    expect(await screen.findByRole('img', { name: '3 singles, 1 double' })).toBeVisible();
    await userEvent.clear(screen.getByLabelText('Pattern'));
    await userEvent.type(screen.getByLabelText('Pattern'), '3k{Enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent('Pattern at 2');
    expect(screen.getByRole('img', { name: '3 singles, 1 double' })).toBeVisible();
    await userEvent.clear(screen.getByLabelText('Jumps a minute'));
    await userEvent.type(screen.getByLabelText('Jumps a minute'), '120{Enter}');
    await waitFor(() => expect(sent.some((one) => one.path.endsWith('cadence=120'))).toBe(true));
  });

  it('offers none to whoever may not jump, but what loads nothing sore', async () => {
    answerWith({ 'GET /api/pattern': pattern, 'GET /api/athletes': [ilse, tomasz] });
    renderPage(<BeatPage />, '/rhythm', `/rhythm?athlete=${tomasz.id}`);
    expect(await screen.findByRole('heading', { name: 'No jumps today for Tomasz' })).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Start the beat' })).toBeNull();
    expect(screen.queryByLabelText('Pattern')).toBeNull();
  });

  it('is there for whoever may, and for nobody in particular', async () => {
    const sent = answerWith({
      'GET /api/pattern': {
        ...pattern,
        chance: { code: 'pattern.whole_aim', sentence: 'It holds 82 times in 100.' },
      },
      'GET /api/athletes': [ilse, tomasz],
      [`GET /api/athletes/${ilse.id}/today`]: today,
    });
    renderPage(<BeatPage />, '/rhythm', `/rhythm?athlete=${ilse.id}`);
    expect(await screen.findByRole('button', { name: 'Start the beat' })).toBeVisible();
    // Their own drill, its totals, and how likely they make it.
    expect(screen.getByLabelText('Pattern')).toHaveValue(today.drill?.notation);
    expect(sent.at(-1)?.path).toContain(`athleteId=${ilse.id}`);
    expect(screen.getByText('4 jumps, 5 turns')).toBeVisible();
    expect(screen.getByText('It holds 82 times in 100.')).toBeVisible();
  });

  it('offers where a ramp ends only when there is one', async () => {
    answerWith({ 'GET /api/pattern': pattern });
    renderPage(<BeatPage />);
    expect(await screen.findByLabelText('Faster by, each minute')).toBeVisible();
    expect(screen.queryByLabelText('At most')).toBeNull();
    await userEvent.clear(screen.getByLabelText('Faster by, each minute'));
    await userEvent.type(screen.getByLabelText('Faster by, each minute'), '2{Enter}');
    expect(await screen.findByLabelText('At most')).toBeVisible();
  });

  it('counts taps by finger and by key, and has them read', async () => {
    const sent = answerWith({ 'GET /api/pattern': pattern, 'POST /api/takes/read': take });
    renderPage(<BeatPage />);
    const landing = await screen.findByRole('button', { name: /Landing/ });
    expect(screen.getByRole('button', { name: 'Show result' })).toBeDisabled();
    fireEvent.pointerDown(landing);
    // Apart enough that it is no bounce of the finger.
    await new Promise((done) => setTimeout(done, 60));
    fireEvent.keyDown(window, { key: 'j' });
    await new Promise((done) => setTimeout(done, 60));
    fireEvent.keyDown(window, { key: 'j' });
    fireEvent.keyDown(window, { key: 'j', repeat: true });
    // The count is that of the taps, how fast they are the core says.
    expect(
      await screen.findByText('3 singles, 0 doubles, no miss · 120 a minute · uneven by 3.0 %'),
    ).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Show result' }));
    const said = await screen.findByRole('group', { name: 'What it says' });
    expect(said).toHaveTextContent('120 jumps a minute, even.');
    const body = sent.findLast((one) => one.method === 'POST')?.body as {
      landingsS: number[];
      target: unknown;
    };
    expect(body.landingsS).toHaveLength(3);
    expect(body.target).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Tap anew' }));
    expect(screen.getByText(/Tap when the feet land/)).toBeVisible();
  });
});
