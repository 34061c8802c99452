import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { helper, ilse, maren } from '../../../testing/people';
import { sizing, turning } from '../../../testing/sizing';
import { answerWith, Refused, renderPage, type Answers } from '../../../testing/render';
import { RopeBenchPage } from './RopeBenchPage';

const athletePath = `GET /api/athletes/${ilse.id}`;
const sizingPath = `GET /api/athletes/${ilse.id}/sizing`;
const full: Answers = { [athletePath]: ilse, [sizingPath]: sizing, 'GET /api/me': maren };

function open(answers: Answers) {
  const sent = answerWith(answers);
  renderPage(<RopeBenchPage />, '/ropes/:athleteId', `/ropes/${ilse.id}`);
  return sent;
}

describe('the rope bench', () => {
  it('says what it waits for', () => {
    open({});
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the rope');
  });

  it('tells a failure in the server’s words', async () => {
    open({ ...full, [sizingPath]: new Refused(500, 'Something went wrong on the server.') });
    expect((await screen.findAllByText('Something went wrong on the server.')).length).toBeGreaterThan(0);
  });

  it('shows the length, the reasons and the picture with its text', async () => {
    open(full);
    expect(
      await screen.findByRole('heading', { level: 1, name: '244 cm of cable leaves 16 cm of spare arc' }),
    ).toBeVisible();
    const decision = screen.getByRole('group', { name: 'The rope to cut' });
    expect(decision).toHaveTextContent('Recommended: armpit, both feet');
    expect(decision).toHaveTextContent(/overall 274.*cut at 258 with spare.*± 7/);
    expect(within(decision).getByRole('button', { name: 'Where the cable comes from' })).toBeVisible();
    expect(screen.getByText('Because of the armpit.')).toBeVisible();
    expect(screen.getByRole('img', { name: /from the front/ })).toHaveAccessibleName(
      'Rope and athlete from the front: 32 cm over the head; hands in: 16 cm of spare arc; each hand 10 cm wider: 5 cm of arc are gone; each 10 cm the hands go up takes 10 cm of arc; needs a ceiling of 225 cm.',
    );
    expect(screen.getByRole('img', { name: /from the side/ })).toHaveAccessibleName(
      'Rope and athlete from the side: comes down on the floor 50 cm ahead of the toes.',
    );
  });

  it('says behind every number where it comes from', async () => {
    open(full);
    await screen.findByRole('img', { name: /from the front/ });
    const marks = screen.getAllByRole('button', { name: /^Where .* comes from$/ });
    expect(marks.map((mark) => mark.getAttribute('aria-label')?.slice(6, -11))).toEqual([
      'the spare arc',
      'the width penalty',
      'the ceiling',
      'the place on the floor',
      'the price of raised hands',
      'the picture',
      'the pull',
      'the cable',
      'the overall length',
      'the cut length',
      'the uncertainty',
      'the reach',
      'the spread',
    ]);
    await userEvent.click(screen.getByRole('button', { name: 'Where the ceiling comes from' }));
    await waitFor(() => expect(screen.getByText(/plus a jump of 15 cm/)).toBeVisible());
  });

  it('draws the arc from the points, cut at the floor', async () => {
    open(full);
    const drawn = (await screen.findByRole('img', { name: /from the front/ })).innerHTML;
    // hands at 92.4 cm: both ends there, the lowest point on the floor instead of 15.6 cm under it
    expect(drawn).toContain('M-45.0 -92.4L0.0 0.0L45.0 -92.4');
    // the half over the head is not cut
    expect(drawn).toContain('L0.0 -200.4');
  });

  it('moves a hand by the arrow keys: the hand at once, the rope when it is computed', async () => {
    const arcPath = `/api/athletes/${ilse.id}/arc`;
    const sent = open({
      ...full,
      [`GET ${arcPath}`]: {
        ...turning,
        headline: { code: 'x', sentence: '244 cm of cable leaves 11 cm of spare arc' },
        hands: { ...turning.hands, leftOutM: 0.55, rightOutM: 0.55 },
      },
    });
    const right = await screen.findByRole('slider', { name: 'Right hand' });
    right.focus();
    await userEvent.keyboard('{Shift>}{ArrowRight}{ArrowRight}{/Shift}');
    expect(right).toHaveAttribute('aria-valuetext', '55 cm out, 92 cm high');
    expect(screen.getByRole('slider', { name: 'Left hand' })).toHaveAttribute(
      'aria-valuetext',
      '55 cm out, 92 cm high',
    );
    expect(
      await screen.findByRole('heading', { level: 1, name: '244 cm of cable leaves 11 cm of spare arc' }),
    ).toBeVisible();
    const last = sent.filter((one) => one.path.startsWith(arcPath)).at(-1);
    expect(last?.path).toContain('cable=244.00+cm');
    expect(last?.path).toContain('leftOutM=0.55&');
    await userEvent.click(screen.getByRole('checkbox', { name: 'Both hands together' }));
    right.focus();
    await userEvent.keyboard('{ArrowUp}');
    expect(right).toHaveAttribute('aria-valuetext', '55 cm out, 93 cm high');
    expect(screen.getByRole('slider', { name: 'Left hand' })).toHaveAttribute(
      'aria-valuetext',
      '55 cm out, 92 cm high',
    );
    await userEvent.click(screen.getByRole('button', { name: 'Put the hands back' }));
    expect(right).toHaveAttribute('aria-valuetext', '45 cm out, 92 cm high');
  });

  it('tells when the hands are further apart than the cable is long', async () => {
    open({
      ...full,
      [`GET /api/athletes/${ilse.id}/arc`]: new Refused(422, 'A cable of 244 cm is shorter.'),
    });
    (await screen.findByRole('slider', { name: 'Hands from the side' })).focus();
    await userEvent.keyboard('{ArrowUp}');
    expect(await screen.findByText('A cable of 244 cm is shorter.')).toBeVisible();
  });

  it('keeps taped landmarks and the athlete’s own trim school', async () => {
    const sent = open(full);
    await userEvent.click(await screen.findByText('Tape, handles, sizing method'));
    await userEvent.type(screen.getByLabelText('Armpit taped'), '131');
    await userEvent.clear(screen.getByLabelText('Their handle'));
    await userEvent.type(screen.getByLabelText('Their handle'), '12');
    await userEvent.click(screen.getByRole('button', { name: 'Save tape, handles and method' }));
    await waitFor(() =>
      expect(sent.find((one) => one.path.endsWith('/measures'))).toMatchObject({
        body: { armpit: '131', chest: null, trimSchool: null, school: null, handle: '12' },
        headers: { 'If-Match': '"3"' },
      }),
    );
  });

  const withoutHandles = {
    ...sizing,
    handleLengthM: null,
    turning: null,
    cable: null,
    goalCableM: null,
    schools: sizing.schools.map((rope) => ({
      ...rope,
      cableLengthM: null,
      cutLengthM: null,
      spareArcM: null,
    })),
  };

  it('gives the overall length to go on with while the handles are not known', async () => {
    open({ ...full, [sizingPath]: withoutHandles });
    expect(
      await screen.findByRole('heading', {
        level: 1,
        name: 'Ask for the handles: the cable depends on them',
      }),
    ).toBeVisible();
    expect(screen.getByRole('group', { name: 'The rope to order' })).toHaveTextContent(
      '274 cmoverall, handles included',
    );
    expect(screen.getByLabelText('Handle length')).toHaveAttribute('placeholder', 'not known');
    expect(screen.queryByRole('button', { name: /^Keep/ })).toBeNull();
  });

  it('leaves whoever is at the methods where they are when the handles become known', async () => {
    open({ ...full, [sizingPath]: withoutHandles, [`${sizingPath}?handle=15+cm`]: sizing });
    const chosen = await screen.findByRole('button', { name: '15 cm handles' });
    const method = screen.getByRole('radio', { name: /armpit/ });
    chosen.click();
    method.focus();
    await screen.findByRole('img', { name: /from the front/ });
    expect(method).toHaveFocus();
  });

  it('asks the server again for another school', async () => {
    const sent = open(full);
    await userEvent.click(await screen.findByRole('radio', { name: /rule of height/ }));
    expect(screen.getByRole('radio', { name: /rule of height/ })).toBeChecked();
    await waitFor(() =>
      expect(sent.map((one) => one.path)).toContain(`/api/athletes/${ilse.id}/sizing?school=height`),
    );
  });

  it('keeps the rope once, and takes it back', async () => {
    const kept = { id: 'r1', version: 1 };
    const sent = open(
      new Proxy(full, {
        get: (all, key: string) => (/^(PUT|DELETE) \/api\/ropes/.test(key) ? kept : all[key]),
      }),
    );
    await userEvent.click(await screen.findByRole('button', { name: 'Keep 244 cm for Ilse' }));
    const put = await waitFor(() => {
      const found = sent.find((one) => one.method === 'PUT');
      expect(found).toBeDefined();
      return found;
    });
    expect(put?.body).toMatchObject({
      athleteId: ilse.id,
      school: 'armpit',
      family: 'medium-cord',
      cable: null,
    });
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() =>
      expect(sent.some((one) => one.method === 'DELETE' && one.path === '/api/ropes/r1')).toBe(true),
    );
  });

  it('takes another length with its reason', async () => {
    const sent = open(full);
    await userEvent.click(await screen.findByRole('button', { name: 'Set another length' }));
    await userEvent.type(screen.getByLabelText('Cable'), '238{Enter}');
    await userEvent.type(screen.getByLabelText('Why'), 'quiet hands');
    expect(
      within(screen.getByRole('group', { name: 'The rope to cut' })).getByText(
        /Set by hand; computed 244 cm/,
      ),
    ).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: /^Keep/ }));
    await waitFor(() =>
      expect(sent.find((one) => one.method === 'PUT')?.body).toMatchObject({
        cable: '238',
        overrideReason: 'quiet hands',
      }),
    );
  });

  it('shows what the server could not read, and keeps the last arc', async () => {
    open({
      ...full,
      [`${sizingPath}?handle=90`]: new Refused(422, 'Handle length 90 cm: between 5 and 30 cm.'),
    });
    await userEvent.type(await screen.findByLabelText('Handle length'), '90{Enter}');
    expect(await screen.findByText('Handle length 90 cm: between 5 and 30 cm.')).toBeVisible();
  });

  it('offers helpers no button', async () => {
    open({ ...full, 'GET /api/me': helper });
    await screen.findByRole('img', { name: /from the front/ });
    expect(screen.queryByRole('button', { name: /^Keep/ })).toBeNull();
  });
});
