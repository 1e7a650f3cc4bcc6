import { AxeBuilder } from '@axe-core/playwright';
import { expect, test as base, type BrowserContext, type Page } from '@playwright/test';
import { Haar } from './haar';

/** One Haar a worker; each test gets its demo workshop as if it had just been opened, and fails on anything that the browser complains of. */
export const test = base.extend<{ haar: Haar; quiet: string[] }, { one: { haar: Haar; used: boolean } }>({
  one: [
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const haar = await Haar.open();
      await use({ haar, used: false });
      await haar.close();
    },
    { scope: 'worker', timeout: 120_000 },
  ],
  haar: async ({ one }, use) => {
    if (one.used) await one.haar.putBack();
    one.used = true;
    await use(one.haar);
  },
  quiet: [
    async ({ page, context }, use) => {
      await deaf(context);
      const said: string[] = [];
      page.on('pageerror', (e) => said.push(e.message));
      page.on('console', (m) => {
        // A refused request is said on the screen; the browser's own line about it is not a fault.
        if (m.type() === 'error' && !m.text().startsWith('Failed to load resource')) said.push(m.text());
      });
      await use(said);
      expect(said, 'what the browser complained of').toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** The browser without a window has no speech service, and ends when it is asked for one. */
export const deaf = (context: BrowserContext) =>
  context.addInitScript(() => Reflect.deleteProperty(window, 'SpeechRecognition'));

/** WCAG 2.2 A and AA by machine (or those of its rules that are named), and nothing wider than the screen. */
export async function sound(page: Page, what: string, rules?: string[]) {
  await page.evaluate(() => document.fonts.ready);
  // There are no frames of others here, so it can all be done in the page, without opening another for each look.
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
  const result = await (
    rules ? axe.withRules(rules) : axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
  ).analyze();
  expect(
    result.violations.map(
      (v) =>
        `${v.id}: ${v.nodes
          .map((n) => n.target.join(' '))
          .slice(0, 3)
          .join(' | ')} ${v.nodes[0]?.failureSummary}`,
    ),
    what,
  ).toEqual([]);
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
    `${what} is wider than the screen`,
  ).toBeLessThanOrEqual(0);
}
