import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { maren } from '../../../testing/people';
import { answerWith, Refused, renderPage } from '../../../testing/render';
import { frames } from '../../../testing/rhythm';
import { FramesPage } from './FramesPage';

async function type(label: string, value: string) {
  await userEvent.clear(screen.getByLabelText(label));
  await userEvent.type(screen.getByLabelText(label), `${value}{Enter}`);
}

describe('frames of a clip', () => {
  it('tell height and rate with their errors', async () => {
    const sent = answerWith({ 'GET /api/frames': frames, 'GET /api/me': maren });
    renderPage(<FramesPage />);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Mark four frames');
    expect(sent.some((one) => one.path.includes('frames'))).toBe(false);
    await type('Pass 1', '26');
    await type('Pass 2', '95');
    await type('Landing', '120');
    expect(await screen.findByText('31 cm ± 0.4 cm')).toBeVisible();
    expect(screen.getByText('209 ± 3')).toBeVisible();
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('higher than a double needs');
  });

  it('that can not be are refused in words', async () => {
    answerWith({ 'GET /api/frames': new Refused(422, 'Passes 1 frames apart: more than 2 frames apart.') });
    renderPage(<FramesPage />);
    await type('Landing', '120');
    expect(await screen.findByRole('alert')).toHaveTextContent('more than 2 frames apart');
  });
});
