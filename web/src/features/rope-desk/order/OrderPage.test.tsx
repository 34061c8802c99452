import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { OrderLine } from '../../../api/orders';
import { maren } from '../../../testing/people';
import { answerWith, Refused, renderPage } from '../../../testing/render';
import { OrderPage } from './OrderPage';

const line = (given: Partial<OrderLine>): OrderLine => ({
  what: 'cable',
  for: 'Tomasz Wende',
  cableLengthM: 2.52,
  overallLengthM: 2.82,
  familyName: 'Thick solid cord (5–6 mm)',
  why: { code: 'rope.too-short', sentence: 'It is 6 cm too short.' },
  care: null,
  ...given,
});

const listed = (...lines: OrderLine[]) =>
  answerWith({ 'GET /api/me': maren, 'GET /api/order-list': { day: '2026-11-24', lines } });

describe('the order list', () => {
  it('tells a failure', async () => {
    answerWith({ 'GET /api/order-list': new Refused(500, 'The server stumbled.') });
    renderPage(<OrderPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('The server stumbled.');
  });

  it('says when nothing has to be bought', async () => {
    listed();
    renderPage(<OrderPage />);
    expect(await screen.findByRole('heading', { name: 'Nothing has to be bought' })).toBeVisible();
  });

  it('gives each thing its length and its reason, the overall one while the handles are not known', async () => {
    listed(
      line({}),
      line({ what: 'rope', for: 'Ilse Brandt', cableLengthM: null, overallLengthM: 2.74 }),
      line({ what: 'handles', for: 'R3', cableLengthM: null, overallLengthM: null }),
      line({
        for: 'Wim Aalders',
        care: { code: 'order.covered_shins', sentence: 'With covered shins only.' },
      }),
    );
    renderPage(<OrderPage />);
    expect(await screen.findByRole('heading', { name: '4 things to order' })).toBeVisible();
    const [, tomasz, ilse, handles, wim] = within(screen.getByRole('table')).getAllByRole('row');
    expect(tomasz).toHaveTextContent('252 cm of cable');
    expect(tomasz).toHaveTextContent('It is 6 cm too short.');
    expect(ilse).toHaveTextContent('274 cm overall');
    expect(handles).toHaveTextContent('Pair of handlesR3Thick');
    expect(wim).toHaveTextContent('It is 6 cm too short. With covered shins only.');
  });

  it('is printed', async () => {
    const print = vi.spyOn(window, 'print').mockImplementation(() => undefined);
    listed(line({}));
    renderPage(<OrderPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Print the list' }));
    expect(print).toHaveBeenCalledOnce();
    print.mockRestore();
  });
});
