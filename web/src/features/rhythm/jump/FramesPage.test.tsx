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
    expect(sent.some((one) => one.path.includes('frames'))).toBe(false);
    await type('Landing', '120');
    expect(await screen.findByText('30.6 ± 0.4 cm, at worst 29.6 to 31.7')).toBeVisible();
    expect(screen.getByText('209 ± 3, at worst 203 to any')).toBeVisible();
    expect(screen.getByText('15 ms to 198 ms')).toBeVisible();
    expect(screen.getByText('Legs drawn up make it look higher.')).toBeVisible();
    expect(sent.filter((one) => one.path.includes('frames'))).toHaveLength(1);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('higher than a double needs');
  });

  it('that can not be are refused in words', async () => {
    answerWith({ 'GET /api/frames': new Refused(422, 'Passes 1 frames apart: more than 2 frames apart.') });
    renderPage(<FramesPage />);
    await type('Pass 1', '3');
    await type('Pass 2', '4');
    await type('Landing', '120');
    expect(await screen.findByRole('alert')).toHaveTextContent('more than 2 frames apart');
  });
});
