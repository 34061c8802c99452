import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { helper, maren, tomasz } from '../../../testing/people';
import { answerWith, Refused, renderPage, type Answers } from '../../../testing/render';
import { rack, terms, tonightsRopes } from '../../../testing/ropes';
import { RackPage } from './RackPage';

const full: Answers = {
  'GET /api/rack': rack,
  'GET /api/rack/tonight': tonightsRopes,
  'GET /api/rope-terms': terms,
  'GET /api/me': maren,
};

function open(answers: Answers) {
  const sent = answerWith(answers);
  renderPage(<RackPage />);
  return sent;
}

describe('the rack', () => {
  it('is waited for, and a failure is told', async () => {
    open({ ...full, 'GET /api/rack': new Refused(500, 'Our fault.') });
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the rack');
    expect(await screen.findByRole('alert')).toHaveTextContent('Our fault.');
  });

  it('teaches how it fills when it is empty', async () => {
    open({ ...full, 'GET /api/rack': [], 'GET /api/rack/tonight': { ...tonightsRopes, given: [] } });
    expect(await screen.findByText(/Hang the first rope/)).toBeVisible();
    expect(await screen.findByText(/nothing is needed from the rack/)).toBeVisible();
  });

  it('says who gets which and why, what to buy, and what must not be given out', async () => {
    open(full);
    expect(
      await screen.findByRole('heading', { level: 1, name: '2 shared ropes, 1 not to be given out' }),
    ).toBeVisible();
    const tonight = await screen.findByRole('region', { name: 'Tonight' });
    expect(within(tonight).getByRole('row', { name: /^Tomasz/ })).toHaveTextContent(
      'R1, 230 cm: as long as 231 cm asks. The same rope as last time.',
    );
    expect(tonight).toHaveTextContent('To buy or cut: 290 cm.');
    expect(screen.getByRole('button', { name: 'R2, 250 cm, failed: kinked' })).toBeVisible();
  });

  it.each([
    ['nothing', null, []],
    ['another rope', rack[1]?.id, [{ athleteId: tomasz.id, rackRopeId: rack[1]?.id }]],
  ])('hands out what is computed, and puts back what was written before: %s', async (_, before, back) => {
    const given = tonightsRopes.given.map((one) =>
      one.athleteId === tomasz.id ? { ...one, writtenRopeId: before } : one,
    );
    const tonight = { ...tonightsRopes, given };
    const sent = open(
      new Proxy(full, {
        get: (all, key: string) =>
          /^(PUT \/api\/nights|GET \/api\/rack\/tonight)/.test(key) ? tonight : all[key],
      }),
    );
    await userEvent.click(await screen.findByRole('button', { name: 'Hand out 1 rope' }));
    const pairs = [{ athleteId: tomasz.id, rackRopeId: rack[0]?.id }];
    await waitFor(() => expect(sent.find((one) => one.method === 'PUT')?.body).toEqual({ pairs }));
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() =>
      expect(sent.filter((one) => one.method === 'PUT').at(-1)?.body).toEqual({ pairs: back }),
    );
  });

  it('pins a rope to somebody; one that failed is not offered', async () => {
    const sent = open(full);
    await userEvent.click(await screen.findByRole('combobox', { name: 'Pin a rope to Tomasz' }));
    expect(screen.queryByText('pin R2')).toBeNull();
    await userEvent.click(await screen.findByText('pin R1'));
    await waitFor(() =>
      expect(sent.find((one) => one.path.startsWith('/api/pins/'))?.body).toEqual({
        athleteId: tomasz.id,
        rackRopeId: rack[0]?.id,
      }),
    );
  });

  it('hangs a rope, and shows what could not be read', async () => {
    const sent = open(
      new Proxy(full, {
        get: (all, key: string) =>
          key.startsWith('PUT /api/rack') ? new Refused(422, 'Cable: "x": not a length.') : all[key],
      }),
    );
    const form = await screen.findByRole('group', { name: 'Hang a rope' });
    await userEvent.type(within(form).getByLabelText('Tag on the handle'), 'R3');
    await userEvent.type(within(form).getByLabelText('Cable between the handles'), 'x');
    await userEvent.click(within(form).getByRole('button', { name: 'Hang it on the rack' }));
    expect(await within(form).findByRole('alert')).toHaveTextContent('Cable: "x": not a length.');
    expect(sent.find((one) => one.method === 'PUT')?.body).toMatchObject({ tag: 'R3', cable: 'x' });
  });

  it('looks a rope over: what is ticked is not in order', async () => {
    const sent = open(full);
    await userEvent.click(await screen.findByRole('button', { name: /^R1, 230 cm/ }));
    const card = screen.getByRole('group', { name: 'Inspection' });
    expect(card).toHaveTextContent('Looked over on 2026-11-13, next on 2026-12-13.');
    await userEvent.click(await within(card).findByRole('checkbox', { name: /the screws hold/ }));
    await userEvent.click(within(card).getByRole('button', { name: 'It failed: 1 not in order' }));
    await waitFor(() =>
      expect(sent.find((one) => one.path.endsWith('/inspection'))).toMatchObject({
        body: { failed: ['screws-tight'] },
        headers: { 'If-Match': '"2"' },
      }),
    );
  });

  it('changes a rope from the version seen', async () => {
    const sent = open(full);
    await userEvent.click(await screen.findByRole('button', { name: /^R1, 230 cm/ }));
    const form = screen.getByRole('group', { name: 'Rope R1' });
    await userEvent.click(within(form).getByRole('checkbox', { name: /Reserve/ }));
    await userEvent.click(within(form).getByRole('button', { name: 'Keep the changes' }));
    await waitFor(() =>
      expect(sent.find((one) => one.method === 'PATCH')).toMatchObject({
        body: { tag: 'R1', keptBack: true },
        headers: { 'If-Match': '"2"' },
      }),
    );
  });

  it('says of each rope when it is looked over next, and when that day has come', async () => {
    const [first] = rack;
    open({ ...full, 'GET /api/rack': [{ ...first, lookDue: true }, ...rack.slice(1)] });
    expect(
      await screen.findByRole('button', { name: 'R1, 230 cm, look it over: due since 2026-12-13' }),
    ).toBeVisible();
  });

  it('offers helpers the inspection, but no pins and no form', async () => {
    open({ ...full, 'GET /api/me': helper });
    await userEvent.click(await screen.findByRole('button', { name: /^R1, 230 cm/ }));
    expect(screen.getByRole('group', { name: 'Inspection' })).toBeVisible();
    expect(screen.queryByRole('combobox', { name: /Pin/ })).toBeNull();
    expect(screen.queryByRole('group', { name: 'Rope R1' })).toBeNull();
  });
});
