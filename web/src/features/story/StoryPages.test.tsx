import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { svgText } from '../../design/chart/ChartCard';
import { helper, ilse, maren } from '../../testing/people';
import { answerWith, renderPage } from '../../testing/render';
import { classStory, story } from '../../testing/story';
import { AthleteStoryPage } from './AthleteStoryPage';
import { ClassStoryPage } from './ClassStoryPage';
import { QuestionsPage } from './QuestionsPage';

function openStory(more = {}) {
  const sent = answerWith({
    'GET /api/me': maren,
    [`GET /api/athletes/${ilse.id}`]: ilse,
    [`GET /api/athletes/${ilse.id}/story`]: story,
    ...more,
  });
  renderPage(<AthleteStoryPage />, '/athletes/:id/story', `/athletes/${ilse.id}/story`);
  return sent;
}

const cardOf = (title: string) => within(screen.getByRole('region', { name: title }));

describe('an athlete’s story', () => {
  it('says in a sentence what each picture shows, and the same as a table', async () => {
    openStory();
    expect(
      await screen.findByRole('heading', {
        level: 1,
        name: /^Ilse: the longest go of doubles at Link went from 6 to 24/,
      }),
    ).toBeVisible();
    const load = cardOf('Contacts a week, and what the week might have held');
    expect(load.getByRole('img', { name: story.weeksSaid.sentence })).toBeVisible();
    await userEvent.click(load.getByText('As a table'));
    expect(load.getAllByRole('row')).toHaveLength(3);
    expect(load.getByRole('row', { name: '2026-11-23 500 330 yes' })).toBeVisible();
    expect(cardOf('Paced workouts: what was said, and what came').queryByRole('img')).toBeNull();
  });

  it('shows the beat of takes with its smooth line', async () => {
    openStory();
    await screen.findByRole('region', { name: 'The beat of takes, and how even it was' });
    const beat = cardOf('The beat of takes, and how even it was');
    expect(beat.getByRole('img', { name: story.beatsSaid[0]?.sentence ?? '' })).toBeVisible();
    await userEvent.click(beat.getByText('As a table'));
    expect(beat.getByRole('row', { name: '2026-11-10 96.2 100 -3.1 6.2 6' })).toBeVisible();
  });

  it('takes down how hard today was, and takes it back', async () => {
    const said = story.efforts[0];
    const sent = openStory({
      'PUT /api/session-efforts/{id}': said,
      'DELETE /api/session-efforts/{id}': { ...said, removed: true, version: 2 },
      'POST /api/session-efforts/{id}/restore': { ...said, version: 3 },
    });
    await userEvent.click(await screen.findByRole('button', { name: 'Write down how hard today was' }));
    await userEvent.click(screen.getByRole('button', { name: '7 of 10' }));
    await expect
      .poll(() => sent.find(({ method }) => method === 'PUT')?.body)
      .toEqual({ athleteId: ilse.id, on: '2026-11-24', effort: 7, minutes: 60 });
    await userEvent.click(screen.getByRole('button', { name: /^Take back 9 of 10 for 60 minutes/ }));
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await expect.poll(() => sent.some(({ path }) => path.endsWith('/restore'))).toBe(true);
  });

  it('draws the newest curve with its band, and none where nothing is new', async () => {
    openStory({
      [`GET /api/athletes/${ilse.id}/story`]: { ...story, curves: story.curves.slice(1) },
    });
    await screen.findByRole('region', { name: 'How far goes reach: of ten, so many' });
    expect(cardOf('How far goes reach: of ten, so many').queryByRole('img')).toBeNull();
  });

  it('gives picture and table as files that stand alone', async () => {
    openStory();
    const drawn = (await screen.findByRole('img', {
      name: story.curvesSaid.sentence,
    })) as unknown as SVGSVGElement;
    const file = new DOMParser().parseFromString(svgText(drawn), 'image/svg+xml');
    expect(file.querySelector('parsererror')).toBeNull();
    expect(file.querySelectorAll('path').length).toBeGreaterThan(2);
    expect([...file.querySelectorAll('[class]')].every((one) => !one.getAttribute('style'))).toBe(true);
    const made: Blob[] = [];
    URL.createObjectURL = (blob) => String(made.push(blob as Blob));
    URL.revokeObjectURL = () => undefined;
    await userEvent.click(cardOf('The best go of each stage').getByRole('button', { name: 'CSV' }));
    expect(await made[0]?.text()).toBe('stage,best,of,day\r\nLink,24,doubles,2026-11-20\r\n');
  });

  it('is not for helpers: health is in it', async () => {
    const sent = openStory({ 'GET /api/me': helper });
    expect(await screen.findByRole('heading', { level: 1, name: 'A coach reads stories' })).toBeVisible();
    expect(sent.some(({ path }) => path.endsWith('/story'))).toBe(false);
  });
});

describe('the class over time', () => {
  it('shows everybody on the path and what this week asks for', async () => {
    answerWith({ 'GET /api/me': maren, 'GET /api/class-story': classStory });
    renderPage(<ClassStoryPage />, '/log/class');
    expect(await screen.findByRole('heading', { level: 1, name: classStory.told.sentence })).toBeVisible();
    const aside = within(screen.getByRole('complementary', { name: 'Decision' }));
    expect(aside.getAllByRole('link', { name: 'Ilse Tannow' })).toHaveLength(3);
    expect(aside.queryByRole('link', { name: 'Bram Oosterveel' })).toBeNull();
    expect(screen.getByRole('img', { name: classStory.helpsSaid.sentence })).toBeVisible();
    expect(screen.getByRole('img', { name: classStory.drillsSaid.sentence })).toBeVisible();
  });
});

describe('the question box', () => {
  it('answers in a sentence with who is in it', async () => {
    const rope = { question: 'rope', asked: 'Whose rope should change this week?' };
    answerWith({
      'GET /api/me': maren,
      'GET /api/questions': [rope, { question: 'away', asked: 'Who has not been here?' }],
      'GET /api/questions/rope': {
        ...rope,
        answer: { code: 'box.rope', sentence: 'Ilse needs a change of rope.' },
        rows: [{ id: ilse.id, name: 'Ilse Tannow', said: '4 cm too long', value: 0.04 }],
        revision: 1,
      },
    });
    renderPage(<QuestionsPage />, '/log/questions');
    await userEvent.click(await screen.findByRole('button', { name: rope.asked }));
    expect(
      await screen.findByRole('heading', { level: 1, name: 'Ilse needs a change of rope.' }),
    ).toBeVisible();
    expect(screen.getByRole('link', { name: 'Ilse Tannow' })).toHaveAttribute(
      'href',
      `/athletes/${ilse.id}/story`,
    );
    expect(screen.getAllByText(/4 cm too long/)[0]).toBeVisible();
  });
});
