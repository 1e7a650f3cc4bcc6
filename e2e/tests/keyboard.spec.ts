import { Keyboard } from '../hands';
import { expect, test } from '../fixture';
import { journey } from '../journey';

test('the first journey by keyboard alone, killed without a word in the middle', async ({ page, haar }) => {
  test.setTimeout(480_000);
  const name = 'Signalman’s machine';
  await journey(page, haar, new Keyboard(page), name, async () => {
    const id = new URL(page.url()).pathname.split('/')[2]!;
    const before = await (await fetch(`${haar.url}/api/machines/${id}/export`)).text();
    await haar.crash();
    expect(await (await fetch(`${haar.url}/api/machines/${id}/export`)).text()).toBe(before);
    expect(await haar.api('/health')).toMatchObject({ sound: true });
    await page.reload();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Fitted. Look at it by');
  });
});

test('single keys, their list, the palette and undo', async ({ page, haar }) => {
  await page.goto(haar.url);
  await expect(page.getByRole('heading', { name: /Have the mains filter/ })).toBeVisible();
  await page.keyboard.press('w');
  await expect(page.getByText('The rule: a danger first')).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys on this screen' })).toContainText('Take a machine in');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('/');
  await expect(page.getByRole('dialog').getByRole('combobox')).toBeFocused();
  await page.keyboard.type('palmtop');
  await expect(page.getByRole('option', { name: /^Harbour log palmtop/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.waitForURL(/\/m\//);
  await page.keyboard.press('[');
  await expect(page.getByRole('navigation', { name: /^Screens of/ })).toBeVisible();
  const id = await haar.machine('Harbour log palmtop');
  await page.goto(`${haar.url}/m/${id}/survey`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('f');
  await page.getByLabel('What you see').fill('A hair crack.');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'A hair crack.' }).first()).toBeVisible();
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('u');
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: 'A hair crack.' })
      .filter({ has: page.getByRole('heading') }),
  ).toHaveCount(0);
  await page.goto(`${haar.url}/m/${id}/log`);
  await expect(page.getByText(/^Undone: Found/)).toBeVisible();
});
