import { describe, expect, it } from 'vitest';
import { themeFor } from './theme';
import { colours, graphicColours, grounds, nightColours, textColours, type ColourName } from './tokens';

/** Relative luminance, WCAG 2.2. */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5]
    .map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255)
    .map((part) => (part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(one: ColourName, other: ColourName): number {
  return between(colours[one], colours[other]);
}

function between(one: string, other: string): number {
  const [light = 0, dark = 0] = [luminance(one), luminance(other)].sort((a, b) => b - a);
  return (light + 0.05) / (dark + 0.05);
}

describe('the palette', () => {
  const pairs = (names: ColourName[]) =>
    names.flatMap((name) => grounds.map((ground) => [name, ground] as const));

  it.each(pairs(textColours))('text in %s on %s has 4.5:1', (name, ground) => {
    expect(contrast(name, ground)).toBeGreaterThanOrEqual(4.5);
  });

  it.each(pairs(graphicColours))('graphics in %s on %s have 3:1', (name, ground) => {
    expect(contrast(name, ground)).toBeGreaterThanOrEqual(3);
  });

  it.each(['controlItemBgActive', 'controlItemBgActiveHover', 'controlItemBgHover'] as const)(
    'a chosen option on %s stays readable',
    (ground) => {
      const name = (Object.keys(colours) as ColourName[]).find(
        (one) => colours[one] === themeFor(true, false).token?.[ground],
      );
      expect(contrast('ink', name ?? 'ink')).toBeGreaterThanOrEqual(4.5);
    },
  );

  it.each(['night-ink', 'night-rest', 'night-work', 'night-over'] as const)(
    'on the wall %s has 7:1',
    (name) => {
      expect(between(nightColours[name], nightColours.night)).toBeGreaterThanOrEqual(7);
    },
  );

  it('knows black on white as 21:1', () => {
    expect((luminance('#FFFFFF') + 0.05) / (luminance('#000000') + 0.05)).toBeCloseTo(21, 5);
  });
});
