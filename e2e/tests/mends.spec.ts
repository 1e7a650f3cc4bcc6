import type { Page } from '@playwright/test';
import { expect, sound, test } from '../fixture';
import { choose } from '../hands';

const heading = (page: Page) => page.getByRole('heading', { level: 1 });

async function pick(page: Page, name: RegExp) {
  await expect(heading(page)).toBeVisible();
  const field = page.getByRole('combobox', { name: /^Which of/ });
  if (await field.isVisible()) {
    await field.click();
    await page.getByRole('option', { name }).click();
  } else
    await page.getByRole('navigation', { name: 'What is cleaned and mended' }).getByRole('button', { name }).click();
}

for (const phone of [false, true]) {
  test.describe(phone ? 'in one hand' : 'at the bench', () => {
    test.use(phone ? { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } : {});

    test('a crack is glued in its order and waits for the glue', async ({ page, haar }) => {
      const id = await haar.machine("Boat-builder's micro");
      await page.goto(`${haar.url}/m/${id}/cleaning`);
      await pick(page, /Crack at the cartridge slot/);
      await expect(heading(page)).toContainText('Solvent cement for ABS');
      await sound(page, 'mending');
      const steps = page.getByRole('list', { name: 'Steps' });
      await page.getByRole('button', { name: 'This step is done' }).click();
      await expect(steps.getByRole('img', { name: 'done' })).toHaveCount(3);
      await page.getByRole('button', { name: 'This step is done' }).click();
      await expect(page.getByText('The glue holds from')).toBeVisible();
      await expect(page.getByRole('button', { name: 'This step is done' })).toBeDisabled();
      expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
    });

    test('a button is tried until it comes back, and a soil is asked where it sits', async ({ page, haar }) => {
      const id = await haar.machine("Boat-builder's micro");
      await page.goto(`${haar.url}/m/${id}/cleaning`);
      await pick(page, /Reset button/);
      await page.getByRole('button', { name: 'Keep how it went' }).click();
      await page.getByRole('radio', { name: 'Yes' }).click();
      await page.getByRole('button', { name: 'Keep it' }).click();
      await expect(heading(page)).toHaveText('Mended.');
      await page.getByRole('button', { name: 'Put something on the list' }).click();
      await page.getByRole('textbox', { name: 'What is cleaned' }).fill('the window');
      const screen = await haar.api<{ whitenings: { photoHash: string }[] }>(`/api/machines/${id}/cleaning`);
      const photo = await (await fetch(`${haar.url}/api/photos/${screen.whitenings[0].photoHash}`)).arrayBuffer();
      await page
        .getByLabel('A photo of it: take or choose')
        .setInputFiles({ name: 'window.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(photo) });
      await expect(page.getByRole('button', { name: 'Another photo' })).toBeEnabled();
      await page.getByRole('button', { name: 'Put it on the list' }).click();
      await page.getByRole('button', { name: 'Say what the tests showed' }).click();
      await page
        .getByRole('radiogroup', { name: /A wet white swab/ })
        .getByRole('radio', { name: 'No', exact: true })
        .click();
      await choose(page, 'A fingernail across it feels', 'It falls in');
      await page.getByRole('button', { name: 'Keep it' }).click();
      await expect(heading(page)).toContainText('Stop: it is the surface: pits');
      await expect(page.getByRole('img', { name: 'the window as it was' })).toBeVisible();
      await sound(page, 'where it sits');
    });
  });
}

test('what a pass uses comes off the shelf, and the shelf is counted', async ({ page, haar }) => {
  const id = await haar.machine("Boat-builder's micro");
  await page.goto(`${haar.url}/m/${id}/cleaning`);
  await pick(page, /Lower shell/);
  await page.getByRole('button', { name: 'Keep how it went' }).click();
  await page.getByRole('checkbox', { name: /A hidden place bore it/ }).check();
  await page
    .getByRole('radiogroup', { name: /Fifths that came off/ })
    .getByRole('radio', { name: '2', exact: true })
    .click();
  await page.getByRole('button', { name: 'Came loose, and what it took' }).click();
  await page.getByLabel('Hand’s breadths that it went over').fill('4');
  await page
    .getByRole('radiogroup', { name: /How much came loose/ })
    .getByRole('radio', { name: '3', exact: true })
    .click();
  await page.getByRole('button', { name: 'Keep this pass' }).click();
  await expect(heading(page)).toContainText('Carry off what lies loose');
  await page.goto(`${haar.url}/store`);
  const shelf = page.getByRole('region', { name: 'On the shelf' });
  await expect(shelf.getByRole('button', { name: /380 ml Isopropyl alcohol/ })).toBeVisible();
  await expect(shelf.getByRole('button', { name: /Label remover.*past its day/ })).toBeVisible();
  await sound(page, 'store with the shelf');
  await page.keyboard.press('s');
  await page.getByLabel('What it is').fill('distilled water');
  await page.getByLabel('How much is there').fill('2000');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(shelf.getByRole('button', { name: /2000 ml Distilled water/ })).toBeVisible();
});
