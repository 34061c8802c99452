import { act, render, screen } from '@testing-library/react';
import { Profiler } from 'react';
import { describe, expect, it } from 'vitest';
import { BeatHead } from '../../lib/beatHead';
import { BeatStrip } from './BeatStrip';

const beat = (kind: string | null, i: number) => ({ kind, atS: i * 0.6, endS: (i + 1) * 0.6 });
const strip = (kinds: (string | null)[]) => kinds.map(beat);

describe('the beat strip', () => {
  it('draws one arc for a single, two for a double, three for a triple, a bar for a rest, a dot for each landing', () => {
    const { container } = render(
      <BeatStrip beats={strip(['s', 'd', 't', null])} text="1 single, 1 double, 1 triple, rest" />,
    );
    expect(container.querySelectorAll('path')).toHaveLength(6);
    expect(container.querySelectorAll('rect')).toHaveLength(1);
    expect(container.querySelectorAll('circle')).toHaveLength(4);
    expect(screen.getByRole('img', { name: '1 single, 1 double, 1 triple, rest' })).toBeVisible();
  });

  it('draws a tall single taller than a quick one', () => {
    const top = (kind: string) => {
      const { container, unmount } = render(<BeatStrip beats={strip([kind])} text="x" />);
      const [, height = '0'] =
        /C[\d.]+ ([\d.]+)/.exec(container.querySelector('path')?.getAttribute('d') ?? '') ?? [];
      unmount();
      return Number(height);
    };
    expect(top('S')).toBeLessThan(top('s'));
    expect(top('s')).toBeLessThan(top('q'));
  });

  it('moves the head with the beat, and draws nothing anew for it', () => {
    const head = new BeatHead();
    let drawn = 0;
    const { container } = render(
      <Profiler id="strip" onRender={() => (drawn += 1)}>
        <BeatStrip beats={strip(['s', 's'])} text="2 singles" head={head} />
      </Profiler>,
    );
    const line = container.querySelectorAll('line')[1];
    expect(line?.getAttribute('visibility')).toBe('hidden');
    act(() => {
      for (let at = 0; at <= 0.9; at += 0.01) {
        head.move(at);
      }
      head.move(0.9);
    });
    expect(line?.getAttribute('visibility')).toBe('visible');
    const [, x] = /translate\(([\d.]+)/.exec(line?.style.transform ?? '') ?? [];
    expect(Number(x)).toBeCloseTo(8 + 0.9 * 42, 1);
    expect(drawn).toBe(1);
    act(() => head.move(null));
    expect(line?.getAttribute('visibility')).toBe('hidden');
  });

  it('names footwork once below the jumps it is done in, as far as there is room', () => {
    const beats = ['boxer step', 'boxer step', 'boxer step', 'alternate foot', null].map((footwork, i) => ({
      ...beat('s', i),
      footwork,
    }));
    const { container } = render(<BeatStrip beats={beats} text="3 singles (boxer step), …" />);
    const names = [...container.querySelectorAll('text')].map((name) => name.textContent);
    expect(names).toEqual(['boxer step', 'alter…']);
    expect(container.querySelector('svg')?.getAttribute('viewBox')).toMatch(/ 51$/);
  });

  it('says that a long pattern goes on', () => {
    render(<BeatStrip beats={strip(Array.from({ length: 40 }, () => 's'))} text="40 singles" />);
    expect(screen.getByText('…')).toBeInTheDocument();
  });
});
