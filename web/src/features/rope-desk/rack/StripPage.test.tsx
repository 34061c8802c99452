import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { HeightBand, HeightStrip } from '../../../api/rack';
import { maren } from '../../../testing/people';
import { answerWith, Refused, renderPage } from '../../../testing/render';
import { StripPage } from './StripPage';

const band = (fromM: number, toM: number, tag: string | null): HeightBand => ({
  fromM,
  toM,
  tag,
  cableLengthM: tag === null ? null : 2.3,
});

const strip = (...bands: HeightBand[]): HeightStrip => ({
  bands,
  rule: { code: 'why.strip', sentence: 'armpit school, both feet.' },
  day: '2026-11-24',
});

describe('the height strip', () => {
  it('is waited for', () => {
    answerWith({});
    renderPage(<StripPage />);
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the strip');
  });

  it('tells a failure', async () => {
    answerWith({ 'GET /api/rack/strip': new Refused(500, 'The server stumbled.') });
    renderPage(<StripPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('The server stumbled.');
  });

  it('needs shared ropes first', async () => {
    answerWith({ 'GET /api/rack/strip': strip(band(1.1, 2.1, null)) });
    renderPage(<StripPage />);
    expect(await screen.findByRole('link', { name: 'to the files' })).toBeVisible();
  });

  it('says for each band of heights which rope to take', async () => {
    answerWith({
      'GET /api/me': maren,
      'GET /api/rack/strip': strip(band(1.1, 1.5, null), band(1.5, 1.7, 'R7')),
    });
    renderPage(<StripPage />);
    expect(
      await screen.findByRole('img', { name: /^110 cm to 150 cm: ask a coach; 150 cm to 170 cm: R7/ }),
    ).toBeVisible();
    expect(screen.getByText('R7 · 230 cm')).toBeVisible();
    expect(screen.getByText('armpit school, both feet. 2026-11-24')).toBeVisible();
    expect(screen.getByRole('button', { name: 'Print the strip' })).toBeVisible();
  });

  it('writes the tag of every band, neighbours beside each other', async () => {
    const thin = Array.from({ length: 9 }, (_, i) => band(1.5 + i / 100, 1.51 + i / 100, `R${i}`));
    answerWith({ 'GET /api/me': maren, 'GET /api/rack/strip': strip(...thin) });
    renderPage(<StripPage />);
    const places = await Promise.all(
      thin.map(async ({ tag }) => (await screen.findByText(`${tag ?? ''} · 230 cm`)).getAttribute('x')),
    );
    places.slice(1).forEach((place, i) => expect(place).not.toBe(places[i]));
  });
});
