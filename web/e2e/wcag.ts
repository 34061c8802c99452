import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Holds what is on the screen to the rules, and names the view when one is broken. */
export function checker(page: Page) {
  return async (name: string) => {
    // What scrolls under the bar at the thumb is judged where it is whole.
    await page.addStyleTag({ content: 'main > :last-child { position: static !important }' });
    // No page holds another in a frame: the way that opens no second page takes half the time.
    const found = await new AxeBuilder({ page })
      .setLegacyMode(true)
      .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
      .analyze();
    expect(
      found.violations.map(
        (one) => `${one.id}: ${one.nodes.map((node) => node.target.join(' ')).join(', ')}`,
      ),
      name,
    ).toEqual([]);
  };
}
