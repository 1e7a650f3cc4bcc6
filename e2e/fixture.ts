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
    { scope: 'worker', timeout: 240_000 },
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

/** Every control that can be seen is one that a finger gets at: scrolled to, nothing lies over its middle, also at the page's end. */
export async function reachable(page: Page, what: string) {
  const covered = await page.evaluate(() => {
    const sheet = document.querySelector('[role="dialog"]');
    const controls = [
      ...(sheet ?? document).querySelectorAll<HTMLElement>(
        'a[href], button, input, select, textarea, summary, [role="button"], [tabindex="0"]',
      ),
    ].filter(
      (e) =>
        e.checkVisibility({ visibilityProperty: true, opacityProperty: true }) &&
        !e.closest('[inert], .sr-only') &&
        !e.matches(':disabled') &&
        Math.min(e.getBoundingClientRect().width, e.getBoundingClientRect().height) > 1,
    );
    const over: string[] = [];
    for (const e of controls) {
      e.scrollIntoView({ block: 'center', inline: 'center', behavior: 'instant' });
      // The first line of it: the middle of a link that wraps is nobody's.
      const r = e.getClientRects()[0]!;
      const hit = document.elementFromPoint(r.x + r.width / 2, r.y + r.height / 2);
      // A field may be tapped by its label, and a link about a line by the line's own link.
      const label = hit?.closest('label');
      const row = e.parentElement?.closest('li, tr, label');
      if (hit && (e.contains(hit) || label?.control === e || label?.contains(e) || row?.contains(hit))) continue;
      const name = e.getAttribute('aria-label') ?? (e.textContent || e.id);
      over.push(
        `${name.trim().slice(0, 40)}: under ${hit?.closest('[aria-label]')?.getAttribute('aria-label') ?? hit?.tagName}`,
      );
    }
    scrollTo(0, 0);
    return { over, controls: controls.length };
  });
  expect(covered.over, `what lies over a control of ${what}`).toEqual([]);
  expect(covered.controls, `controls of ${what}`).toBeGreaterThan(0);
}
