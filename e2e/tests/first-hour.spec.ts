import { AxeBuilder } from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { deaf } from '../fixture';
import { Pointer, toStage } from '../hands';
import { Haar } from '../haar';
import { picture } from '../journey';

test.describe.configure({ mode: 'serial' });
const shot = () => ({ name: 'shed.png', mimeType: 'image/png', buffer: picture() });

/** Taps and fields, as a person spends them. */
class Counted {
  taps = 0;
  fields = 0;
  constructor(readonly page: Page) {}

  async tap(role: 'button' | 'link' | 'option', name: string | RegExp) {
    this.taps++;
    await this.page
      .getByRole(role, { name, exact: typeof name === 'string' })
      .filter({ visible: true })
      .first()
      .click();
  }
  async type(label: string | RegExp, text: string) {
    this.fields++;
    await this.page
      .getByLabel(label, { exact: typeof label === 'string' })
      .filter({ visible: true })
      .first()
      .fill(text);
  }
  said(what: string) {
    console.log(`${what}: ${this.taps} taps, ${this.fields} ${this.fields === 1 ? 'field' : 'fields'}`);
  }
}

let haar: Haar;
test.beforeAll(async () => {
  test.setTimeout(120_000);
  haar = await Haar.open(false);
});
test.afterAll(async () => haar.close());
test.beforeEach(async ({ context }) => deaf(context));

test('an empty workshop: from a photo and one word to the right first act', async ({ page }) => {
  await page.goto(haar.url);
  await expect(page.getByRole('heading', { name: 'No machine yet' })).toBeVisible();
  for (const beginning of ['Take a machine in', 'Take a lot in', 'Take in a document'])
    await expect(page.getByRole('link', { name: beginning })).toBeVisible();
  const hand = new Counted(page);
  await hand.tap('link', 'Take a machine in');
  await page.getByLabel('Photos').setInputFiles(shot());
  await hand.type('What you call it', 'Shed');
  await hand.tap('button', 'Take it in');
  await expect(page.getByText(/0 of \d+ looked at/)).toBeVisible();
  await hand.tap('button', 'Leaking cell');
  // Nobody has said what feeds it: that comes before any cutters.
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Unplug it, then say what it is');
  await expect(page.getByRole('note', { name: 'Caution: Leaking cell' }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: /cutters|Cut/ })).toHaveCount(0);
  hand.said('A leaking cell, from a photo to the first act');
  expect([hand.taps, hand.fields]).toEqual([3, 1]);

  // It is answered there, and the next act is the cell's own question.
  await page
    .getByRole('radiogroup', { name: 'Does it take a mains lead?' })
    .getByRole('radio', { name: 'Yes' })
    .click();
  await page
    .getByRole('radiogroup', { name: 'Is there a picture tube?' })
    .getByRole('radio', { name: 'No', exact: true })
    .click();
  await page.getByRole('button', { name: 'Keep these answers' }).click();
  await expect(page.getByRole('button', { name: 'Say what the cell keeps alive' })).toBeVisible();
  await page.getByRole('button', { name: 'Say what the cell keeps alive' }).click();
  await expect(page).toHaveURL(/\/battery$/);
});

test('a machine of any maker: two taps bring what is usual of its kind', async ({ page }) => {
  await page.goto(`${haar.url}/take-in`);
  const hand = new Counted(page);
  await hand.type('What you call it', 'Terminal from the shed');
  await page.getByLabel('What kind is it?').click();
  await hand.tap('option', 'serial terminal');
  await expect(page.getByText('Usual:')).toBeVisible();
  await hand.tap('button', 'Take it in');
  await expect(page.getByRole('note', { name: 'Caution: Picture tube' }).first()).toBeVisible();
  await toStage(page, new Pointer(page), /^Arrive/);
  await expect(page.getByRole('region', { name: 'Usual of its kind' })).toContainText('serial terminal');
  hand.said('A machine of a kind');
  const axe = await new AxeBuilder({ page }).setLegacyMode().withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
  expect(axe.violations.map((v) => `${v.id}: ${v.nodes[0]?.target.join(' ')}`)).toEqual([]);
});

test('twenty capacitors typed one after the other, twenty pasted, and a shopping list without a supplier', async ({
  page,
}) => {
  await page.goto(`${haar.url}/take-in`);
  await page.getByLabel('What you call it').fill('Recap');
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByText(/looked at/).first()).toBeVisible();
  const id = new URL(page.url()).pathname.split('/')[2]!;
  await page.goto(`${haar.url}/m/${id}/capacitors`);
  await page.getByRole('button', { name: 'Add a board' }).click();
  await page.getByLabel('Another board').fill('Main');
  await page.getByRole('button', { name: 'Add the board' }).click();

  const hand = new Counted(page);
  await hand.tap('button', 'Put a capacitor on the board');
  await page.getByLabel('Kind').click();
  await hand.tap('option', 'Radial electrolytic');
  for (let i = 1; i <= 20; i++) {
    await expect(page.getByLabel('Designator')).toHaveValue(`C${i}`);
    await hand.type('Marking, as printed', i % 2 ? '47 16V' : '100/25');
    await hand.tap('button', 'Put it on the board');
    await expect(page.getByText(`${i} put down, C${i} last`)).toBeVisible();
  }
  hand.said('Twenty capacitors typed');
  expect(hand.taps).toBeLessThan(30);
  expect(hand.fields).toBeLessThanOrEqual(25);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: '20 not measured' })).toBeVisible();

  const paste = new Counted(page);
  await page.getByRole('button', { name: 'Lists' }).click();
  await paste.type(
    'One part a line',
    Array.from({ length: 20 }, (_, i) => `C${i + 101} 10/35 electrolytic`).join('\n'),
  );
  await paste.tap('button', 'Take the list');
  await expect(page.getByRole('heading', { name: '40 not measured' })).toBeVisible();
  paste.said('Twenty capacitors pasted');
  expect(paste.taps + paste.fields).toBeLessThanOrEqual(2);

  // One of them reads bad, and no supplier is known.
  await page.getByRole('button', { name: /^not measured C3 / }).click();
  await page.getByRole('button', { name: /^Type/ }).click();
  await page.getByLabel('Capacitance, µF').fill('12');
  await page.getByRole('button', { name: /^Keep/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('C3 comes out');
  await page.goto(`${haar.url}/order`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('1 sort');
  await expect(page.getByText('Recap C3')).toBeVisible();
  await page.getByLabel(/^Price of one 47 µF/).fill('0,25');
  await expect(page.getByText('all of it')).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Save as a table' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('shopping-list.csv');
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
});
