import { expect, sound, test } from '../fixture';
import { choose } from '../hands';

test('a shell is cleaned rung by rung, and kept from power until it is dry', async ({ page, haar }) => {
  const id = await haar.machine('Lifeboat editor');
  await page.goto(`${haar.url}/m/${id}/cleaning`);
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toContainText('Nothing is on the list yet');
  await page.getByRole('button', { name: 'Put something on the list' }).click();
  await page.getByLabel('What is cleaned', { exact: true }).fill('Front panel');
  await page.getByRole('checkbox', { name: 'Tobacco or vapour film' }).check();
  await page.getByRole('checkbox', { name: 'ABS', exact: true }).check();
  await page.getByRole('radio', { name: 'Yes' }).first().click();
  await page.getByRole('dialog').getByRole('button', { name: 'Put it on the list' }).click();
  await expect(heading).toContainText('A cloth wrung out of warm water.');
  // Nothing comes off: one rung harder.
  await page.getByRole('button', { name: 'Keep how it went' }).click();
  await page
    .getByRole('radiogroup', { name: /came off/ })
    .getByRole('radio', { name: 'The same' })
    .click();
  await page.getByRole('button', { name: 'Keep this pass' }).click();
  await expect(heading).toContainText('Not yet: it dries another');
  await page.getByRole('button', { name: /^Another pass/ }).click();
  await choose(page, 'What was tried', 'Washing-up liquid in warm water, with a soft brush');
  await page
    .getByRole('radiogroup', { name: /came off/ })
    .getByRole('radio', { name: 'All off' })
    .click();
  await page.getByRole('button', { name: 'Keep this pass' }).click();
  await sound(page, 'what is cleaned');
  await page.getByRole('button', { name: 'Rinsed with clean water' }).click();
  await page.getByRole('button', { name: 'Weigh it' }).click();
  await page.getByLabel('Weight, g').fill('412,5');
  await page.getByRole('button', { name: 'Keep the weight' }).click();
  await expect(page.getByText('412.5 g', { exact: true })).toBeVisible();
  expect(JSON.stringify(await haar.api(`/api/machines/${id}/power`))).toContain('front panel is wet');
  await page.goto(`${haar.url}/m/${id}/cleaning`);
  // Before its time no reason counts.
  await page.getByRole('button', { name: 'It is dry' }).click();
  await expect(page.getByRole('alert')).toContainText('Not yet');
  await expect(page.getByRole('alert').getByRole('textbox')).toHaveCount(0);
  // That it was washed days ago and is written down only now is a fact, and said as one; then a look does.
  await page.getByRole('button', { name: 'It was wetted earlier' }).click();
  await page.getByLabel('Hours ago').fill('200');
  await page.getByRole('button', { name: 'Then it is dry' }).click();
  await page.getByRole('alert').getByRole('textbox').fill('Looked into every corner: nothing wet.');
  await page.getByRole('button', { name: 'Do it, and keep the reason' }).click();
  await expect(heading).toContainText('Stop: it is clean.');
  await page.getByRole('button', { name: 'Clean enough' }).click();
  await expect(heading).toContainText('Done.');
});
