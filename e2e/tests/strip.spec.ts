import type { Page } from '@playwright/test';
import { deaf, expect, test } from '../fixture';
import { choose } from '../hands';

test('two devices on one machine see each other’s step, and two steps at once are two', async ({
  page,
  haar,
  browser,
}) => {
  const id = await haar.machine('Fish-auction server');
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
  await deaf(phone);
  const other = await phone.newPage();
  for (const p of [page, other]) {
    await p.goto(`${haar.url}/m/${id}/stripdown`);
    await expect(p.getByRole('heading', { level: 1 })).toHaveText('Drive cage comes off');
  }
  await other.keyboard.press('n');
  await other.getByRole('combobox', { name: 'What came off' }).fill('Cable clamp');
  await other.getByRole('button', { name: 'Name it' }).click();
  await expect(other.getByText('on this device', { exact: true })).toHaveCount(0);
  await expect(page.getByRole('button', { name: '15 Cable clamp' })).toBeVisible({ timeout: 4_000 });
  await Promise.all([page.keyboard.press('n'), other.keyboard.press('n')]);
  for (const p of [page, other]) await expect(p.getByRole('heading', { name: '17 steps' })).toBeVisible();
  await other.context().close();
});

test('the laptop goes back together: a long screw is refused, the left-over one finds its home, the way round is looked at twice', async ({
  page,
  haar,
}) => {
  const id = await haar.machine('Pilot-launch laptop');
  await page.goto(`${haar.url}/m/${id}/fasteners`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'One screw left over: M2.5 × 6 pan from step 9, main board.',
  );
  await page.getByRole('button', { name: 'It has found its home' }).click();
  await page.getByLabel('Length, mm').fill('14');
  await page.getByRole('button', { name: 'It goes in here' }).click();
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText('could pierce the magnesium shell');
  await page.getByLabel('Length, mm').fill('6');
  await page.getByRole('button', { name: 'It goes in here' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: 'To the rebuild' }).click();
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toHaveText('On the adapter: the lamp comes on and it beeps');
  await page.getByRole('button', { name: 'It has passed' }).click();
  await expect(heading).toHaveText('Put back the memory module');
  await expect(page.getByRole('button', { name: 'It is back in' })).toBeDisabled();
  await page
    .getByRole('checkbox', {
      name: 'I have looked a second time, and it is so.',
    })
    .check();
  await page.getByRole('button', { name: 'It is back in' }).click();
  await expect(heading).toHaveText('Put back the memory door');
  await page.getByRole('button', { name: 'It is back in' }).click();
  await expect(heading).not.toHaveText('Put back the memory door');
  // Its screw holds it once it sits, and not before.
  await page.getByRole('button', { name: '1 × M2.5 × 5 in' }).click();
  await expect(page.getByRole('button', { name: '1 × M2.5 × 5 in' })).toHaveCount(0);
  // What covers something that still cures is refused, and says why.
  await page.getByRole('button', { name: /Palm rest/ }).click();
  await expect(
    page.getByText('Lid with its hinge sits behind it and is not back in', {
      exact: false,
    }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'It is back in' })).toBeDisabled();
  await page.getByRole('link', { name: 'Nothing on?' }).last().click();
  await expect(heading).toContainText('Plug out, then');
});

/** Kept on the device and sent, before one leaves the page. */
async function keepAndSend(page: Page) {
  const sent = page.waitForResponse((r) => r.request().method() === 'PUT' && r.url().includes('/strip/steps/'));
  await page.getByRole('button', { name: 'Keep it' }).click();
  expect((await sent).status()).toBe(200);
  await expect(page.getByRole('dialog')).toBeHidden();
}

test('a contradiction is shown as its loop, and corrected where it was recorded', async ({ page, haar }) => {
  const id = await haar.machine('Fish-auction server');
  await page.goto(`${haar.url}/m/${id}/stripdown`);
  await page.getByRole('button', { name: '1 Side panel A1' }).click();
  await page.getByRole('button', { name: 'Change the step' }).click();
  await page.getByRole('dialog').getByText('2 Front panel').click();
  await keepAndSend(page);
  await page.goto(`${haar.url}/m/${id}/rebuild`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('The record contradicts itself');
  await page.getByRole('link', { name: 'Correct step 1' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Side panel comes off');
  await page.getByRole('button', { name: 'Change the step' }).click();
  await page.getByRole('dialog').getByText('2 Front panel').click();
  await keepAndSend(page);
  await page.goto(`${haar.url}/m/${id}/rebuild`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Put back the');
  // A step that others name is not taken away by accident.
  await page.goto(`${haar.url}/m/${id}/stripdown`);
  await page.getByRole('button', { name: '1 Side panel A1' }).click();
  await page.getByRole('button', { name: 'Take it away' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Take it away' }).click();
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText('sat behind step 1');
});

test('a lot is sorted: locked, summed again, carried out and undone', async ({ page, haar }) => {
  const id = await haar.machine('House-clearance lot');
  await page.goto(`${haar.url}/m/${id}/lot`);
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toContainText('Finish Grey tower, Second desktop and Home micro');
  await choose(page, 'What becomes of box 4', 'Keep aside');
  await expect(heading).toContainText('Finish Grey tower and Second desktop');
  await page.getByRole('button', { name: /^Budget and prices/ }).click();
  await page.getByLabel('Money, €').fill('5');
  await page.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
  await expect(heading).toContainText('None is worth it');
  await page.getByRole('button', { name: /^Budget and prices/ }).click();
  await page.getByLabel('Money, €').fill('120');
  await page.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: 'Sort it like this' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Sort it' }).click();
  await expect(page.getByRole('link', { name: 'Grey tower' })).toBeVisible();
  await page.goto(`${haar.url}/store`);
  await expect(
    page
      .getByText('from Flat desktop, box 2 of House-clearance lot', {
        exact: false,
      })
      .first(),
  ).toBeVisible();
  await page.goto(`${haar.url}/m/${id}/log`);
  await page.getByRole('button', { name: /^Undo: Sorted/ }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Undone: Sorted' }).first()).toBeVisible();
  await page.goto(`${haar.url}/m/${id}/lot`);
  await expect(heading).toContainText('Finish Grey tower and Second desktop');
});

test('a supply that nobody can vouch for is kept off the board until it is read on a load', async ({ page, haar }) => {
  const id = await haar.machine('Lifeboat editor');
  await haar.lookOver(id);
  await page.goto(`${haar.url}/m/${id}/power`);
  await page.getByRole('checkbox', { name: /I am trained/ }).check();
  await page.getByRole('button', { name: /^Type \+3\.3 V/ }).click();
  for (const [rail, volts] of [
    ['+3.3 V', '3.31'],
    ['+5 V', '5.05'],
    ['+12 V', '12.1'],
    ['−12 V', '-12.0'],
    ['+5 V sb', '5.01'],
  ] as const) {
    await expect(page.getByRole('dialog', { name: `${rail}: what do you read?` })).toBeVisible();
    await page.getByLabel('Volts', { exact: true }).fill(volts);
    await page.getByLabel('Ripple, millivolts peak to peak').fill('20');
    await page.getByLabel('Read with').click();
    await page.getByRole('option', { name: 'an oscilloscope, 20 MHz' }).click();
    await page.getByRole('button', { name: 'Keep this reading' }).click();
  }
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: 'This step is through' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Idle only');
  await page.getByRole('button', { name: 'Read it on a load' }).click();
  await page.getByLabel('The load').fill('2 A on +5');
  await page.getByRole('button', { name: 'The load is on' }).click();
  await expect(page.getByText(/^On its load/).first()).toBeVisible();
  await haar.onLoadFor(12);
  await page.getByRole('checkbox', { name: /I am trained/ }).check();
  await page.getByRole('button', { name: 'This step is through' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Bare board, speaker only');
});
