import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { ilse, maren } from '../../../testing/people';
import { answerWith, renderPage } from '../../../testing/render';
import { PlacePage } from './PlacePage';

const placed = {
  stage: 'range',
  mayBe: 'snap',
  drillTitle: 'Ten quick, ten tall',
  cue: 'every jump the same',
  reasons: [
    { code: 'place.tall', sentence: 'Placed at Range: quiet singles.', values: {} },
    { code: 'place.may_be', sentence: 'May be Snap already.', values: {} },
  ],
};

function touch(group: RegExp, option: string) {
  return userEvent.click(within(screen.getByRole('radiogroup', { name: group })).getByText(option));
}

describe('two minutes with a newcomer', () => {
  it('are touches, and end in stage, cue and rope', async () => {
    const sent = answerWith({
      'GET /api/me': maren,
      [`GET /api/athletes/${ilse.id}`]: ilse,
      'PUT /api/placements/{id}': placed,
      'GET /api/rack/tonight': {
        given: [{ athleteId: ilse.id, firstName: 'Ilse', tag: 'R10' }],
        served: 1,
        toBuyM: [],
        handedOut: false,
      },
    });
    renderPage(<PlacePage />, '/class/place/:athleteId', `/class/place/${ilse.id}`);
    expect(await screen.findByRole('heading', { name: /Two minutes with Ilse/ })).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Touch what you saw' })).toBeDisabled();
    await touch(/hops halted/, 'never');
    await touch(/^The rope/, 'one landing each turn');
    await touch(/^Misses/, '1');
    await userEvent.type(screen.getByLabelText('Turns, if you counted'), '31');
    await touch(/^Tall singles/, '2');
    await touch(/^Doubles landed/, '1');
    await userEvent.click(screen.getByRole('button', { name: 'Place Ilse' }));
    await waitFor(() => expect(sent.some(({ method }) => method === 'PUT')).toBe(true));
    expect(sent.find(({ method }) => method === 'PUT')?.body).toEqual({
      athleteId: ilse.id,
      halts: 0,
      rope: 'quiet',
      misses: 1,
      turns: 31,
      tall: 2,
      doubles: 1,
      best: null,
    });
    const result = await screen.findByRole('status');
    expect(result).toHaveTextContent('Placed at Range');
    expect(result).toHaveTextContent('“every jump the same”');
    expect(result).toHaveTextContent('Rope tonight: R10');
    await touch(/link doubles/, '10 to 19');
    expect(screen.queryByRole('radiogroup', { name: /^Tall singles/ })).not.toBeInTheDocument();
    await userEvent.click(screen.getByRole('button', { name: 'Place anew' }));
    await waitFor(() =>
      expect(sent.filter(({ method }) => method === 'PUT').at(-1)?.body).toMatchObject({ best: 10 }),
    );
  }, 20_000);
});
