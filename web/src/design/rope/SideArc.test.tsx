import { render } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { SideArc } from './SideArc';

const body = {
  statureM: 2.05,
  shoulderM: 1.68,
  hipM: 1.09,
  kneeM: 0.58,
  shoulderBreadthM: 0.53,
  footLengthM: 0.31,
  handHeightM: 1.0,
};

/** The view box and the circle as they are drawn, centimetres, up is minus. */
function drawn(radiusM: number, aheadM: number, heightM: number) {
  const { container } = render(
    <SideArc
      body={body}
      side={{ radiusM, toesAheadM: 0.2, meetsAheadM: null, meets: { sentence: 'it passes' } }}
      aheadM={aheadM}
      heightM={heightM}
      topM={2.2}
      said="hands"
      onHands={() => undefined}
    />,
  );
  const [left = 0, top = 0, width = 0] = (container.querySelector('svg')?.getAttribute('viewBox') ?? '')
    .split(' ')
    .map(Number);
  return { left, right: left + width, top };
}

describe('the rope from the side', () => {
  it.each([
    [0.9, 0.1, 0.95],
    [1.25, 0.1, 1.0],
    [1.45, 0.6, 1.3],
    [1.45, -0.2, 1.1],
  ])('is never cut off: a circle of %s m about hands %s m ahead, %s m high', (radiusM, aheadM, heightM) => {
    const { left, right, top } = drawn(radiusM, aheadM, heightM);
    expect(left).toBeLessThan(100 * (aheadM - radiusM));
    expect(right).toBeGreaterThan(100 * (aheadM + radiusM));
    expect(top).toBeLessThan(-100 * (heightM + radiusM));
  });
});
