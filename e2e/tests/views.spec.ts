import { expect, sound, test } from '../fixture';

const screens: [string, string][] = [
  ['Fish-auction server', 'battery'],
  ['Fish-auction server', 'boards'],
  ['Fish-auction server', 'arrive'],
  ['Newsletter desktop', 'capacitors'],
  ['Fish-auction server', 'capacitors'],
  ['Lifeboat editor', 'capacitors'],
  ['Pilot-launch laptop', 'battery'],
  ['Newsletter desktop', 'prove'],
  ['Newsletter desktop', 'handover'],
  ['Newsletter desktop', 'costs'],
  ['Newsletter desktop', 'log'],
  ['Tide-gauge terminal', 'survey'],
  ['Tide-gauge terminal', 'power'],
  ['Lifeboat editor', 'power'],
  ['Fish-auction server', 'shipped'],
  ['Fish-auction server', 'stripdown'],
  ['Fish-auction server', 'rebuild'],
  ['Pilot-launch laptop', 'rebuild'],
  ['Pilot-launch laptop', 'fasteners'],
  ['Pilot-launch laptop', 'nothingon'],
  ['Tide-gauge terminal', 'checklist'],
  ['Tide-gauge terminal', 'stripdown'],
  ['House-clearance lot', 'lot'],
  ['House-clearance lot', 'capacitors'],
  ['House-clearance lot', 'battery'],
  ['House-clearance lot', 'prove'],
];

for (const theme of ['light', 'dark'] as const) {
  test(`every view is sound to a machine’s eye, ${theme}`, async ({ page, haar }) => {
    test.setTimeout(480_000);
    await page.emulateMedia({ colorScheme: theme, reducedMotion: 'reduce' });
    for (const path of [
      '/',
      '/take-in',
      '/take-in-lot',
      '/store',
      '/drawer',
      '/order',
      '/reference',
      '/settings',
      '/nowhere',
    ]) {
      await page.goto(haar.url + path);
      await expect(page.getByRole('heading').first()).toBeAttached();
      await expect(page.getByText(/^Reading the /)).toHaveCount(0);
      await sound(page, path);
    }
    for (const [name, screen] of screens) {
      await page.goto(`${haar.url}/m/${await haar.machine(name)}/${screen}`);
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
      await sound(page, `${name}, ${screen}`);
    }
    expect(await page.evaluate(() => document.documentElement.dataset.theme)).toBe(theme);
    for (const button of [/^Fastener/, /^Connector/, /^Say it/, 'Change the step']) {
      await page.goto(`${haar.url}/m/${await haar.machine('Fish-auction server')}/stripdown`);
      await page.getByRole('button', { name: button }).click();
      await expect(page.getByRole('dialog')).toBeVisible();
      await sound(page, `the recorder, ${String(button)}`);
    }
    for (const button of [/^Budget and prices/, /^Another box/]) {
      await page.goto(`${haar.url}/m/${await haar.machine('House-clearance lot')}/lot`);
      await page.getByRole('button', { name: button }).click();
      await expect(page.getByRole('dialog')).toBeVisible();
      await sound(page, `the lot, ${String(button)}`);
    }
    // Sheets too: the drawer’s proposals and a reading.
    await page.goto(`${haar.url}/m/${await haar.machine('Newsletter desktop')}/capacitors`);
    await page.getByRole('button', { name: /^comes out C14/ }).click();
    await page.getByRole('button', { name: /^Choose a part for/ }).click();
    await expect(
      page
        .getByRole('dialog')
        .getByRole('button', { name: /^Set aside/ })
        .first(),
    ).toBeVisible();
    await sound(page, 'what will do');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /^Type/ }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await sound(page, 'typing a reading');
    for (const [name, screen, button] of [
      ['Fish-auction server', 'battery', /^Side by side/],
      ['Fish-auction server', 'battery', /^Charging/],
      ['Newsletter desktop', 'capacitors', 'Recap now, or wait?'],
      ['Newsletter desktop', 'capacitors', 'Photo and scale'],
      ['Newsletter desktop', 'capacitors', 'Lists'],
    ] as const) {
      await page.goto(`${haar.url}/m/${await haar.machine(name)}/${screen}`);
      await page.getByRole('button', { name: button }).first().click();
      await expect(page.getByRole('dialog')).toBeVisible();
      await sound(page, `${screen}, ${String(button)}`);
    }
  });
}
