import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import type { TakeReport } from '../../../api/rhythm';
import { ilse, maren } from '../../../testing/people';
import { answerWith, renderPage } from '../../../testing/render';
import { take } from '../../../testing/rhythm';
import { today } from '../../../testing/tonight';
import { LogTake } from './LogTake';

async function logged(heard: TakeReport) {
  const sent = answerWith({
    'GET /api/me': maren,
    'GET /api/athletes': [ilse],
    [`GET /api/athletes/${ilse.id}/today`]: today,
    'PUT /api/attempts/{id}': {},
  });
  renderPage(<LogTake take={heard} />);
  await userEvent.click(screen.getByLabelText('Whose take'));
  await userEvent.click(await screen.findByText('Ilse Tannow'));
  await userEvent.click(await screen.findByRole('button', { name: /^Log .+ for Ilse$/ }));
  const put = () => sent.find(({ method }) => method === 'PUT');
  await expect.poll(put).toBeDefined();
  return put()?.body as Record<string, unknown>;
}

describe('a take that is logged', () => {
  beforeEach(() => sessionStorage.clear());

  it('keeps its beat', async () => {
    const body = await logged({ ...take, jumps: 24, cadencePerMin: 104.2, variation: 0.041 });
    expect(body).toMatchObject({ cadencePerMin: 104.2, variation: 0.041 });
  });

  it('keeps none of a few jumps', async () => {
    expect(await logged({ ...take, jumps: 4 })).not.toHaveProperty('cadencePerMin');
  });
});
