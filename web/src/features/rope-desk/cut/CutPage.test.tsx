import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { ilse, maren, tomasz } from '../../../testing/people';
import { answerWith, Refused, renderPage, type Answers } from '../../../testing/render';
import { cutSheet } from '../../../testing/cables';
import { CutPage } from './CutPage';

const full: Answers = {
  'GET /api/athletes': [ilse, tomasz],
  'GET /api/cut-sheet': cutSheet,
  'GET /api/me': maren,
};

function open(answers: Answers) {
  const sent = answerWith(answers);
  renderPage(<CutPage />);
  return sent;
}

describe('the cut list', () => {
  it('cuts for whoever has no rope, from the fewest coils', async () => {
    const sent = open(full);
    expect(await screen.findByRole('heading', { level: 1, name: '3 cables from 2 coils' })).toBeVisible();
    expect(sent.some((one) => one.path.includes(`athletes=${tomasz.id}`))).toBe(true);
    const list = screen.getByRole('region', { name: 'Thick solid cord' });
    expect(list).toHaveTextContent('no way needs fewer');
    expect(within(list).getAllByRole('listitem')).toHaveLength(3);
    expect(list).toHaveTextContent('Coil 2 of 2: 2.62 m left over');
  });

  it('draws coils of different lengths to one scale, and names each', async () => {
    const [list] = cutSheet.lists;
    const bars = (list?.bars ?? []).map((bar, i) => ({ ...bar, stockM: i === 0 ? 5.2 : 2.6 }));
    open({
      ...full,
      [`GET /api/cut-sheet?athletes=${tomasz.id}`]: { ...cutSheet, lists: [{ ...list, bars }] },
    });
    const drawn = await screen.findByRole('region', { name: 'Thick solid cord' });
    expect(drawn).toHaveTextContent('Coil 1 of 2, 5.20 m: 0.04 m left over');
    expect(drawn).toHaveTextContent('Coil 2 of 2, 2.60 m: 2.62 m left over');
    const widths = [...drawn.querySelectorAll('i')].map((piece) => piece.style.width);
    expect(new Set(widths).size, 'the same cable is as long on each').toBe(1);
  });

  it('has a label for each rope: name, length, day', async () => {
    open(full);
    const labels = await screen.findByRole('region', { name: 'Labels' });
    expect(within(labels).getAllByRole('listitem')[0]).toHaveTextContent('Ilse Tannow244 cm2026-11-24');
  });

  it('says when nobody needs one', async () => {
    open({ ...full, 'GET /api/athletes': [ilse] });
    expect(await screen.findByRole('heading', { level: 1, name: 'Nobody to cut for' })).toBeVisible();
    expect(screen.getByRole('button', { name: 'Print sheet and labels' })).toBeDisabled();
  });

  it('keeps the sheet when a stock can not be read', async () => {
    const sent = open(
      new Proxy(full, {
        get: (all, key: string) =>
          key.includes('stock=2+m') ? new Refused(422, 'Stock: piece 2.58 m is longer.') : all[key],
      }),
    );
    const stock = await screen.findByLabelText('Coils, or pre-cut cables');
    await userEvent.clear(stock);
    await userEvent.type(stock, '2 m{Enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent('Stock: piece 2.58 m is longer.');
    expect(screen.getByRole('region', { name: 'Labels' })).toBeVisible();
    expect(sent.some((one) => one.path.includes('stock=2+m'))).toBe(true);
  });

  it('is printed', async () => {
    const print = vi.spyOn(window, 'print').mockImplementation(() => undefined);
    open(full);
    await userEvent.click(await screen.findByRole('button', { name: 'Print sheet and labels' }));
    await waitFor(() => expect(print).toHaveBeenCalledOnce());
  });
});
