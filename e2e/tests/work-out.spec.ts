import { expect, test } from '../fixture';
import described from '../../web/src/Verdicts/rules.json' with { type: 'json' };

test('every rule is worked out from its example, on its own screen', async ({ page, haar }) => {
  test.setTimeout(480_000);
  await page.goto(`${haar.url}/work-out`);
  for (const rule of described.rules) {
    await page.locator(`a[href="/work-out/${rule.id}"]`).first().click();
    await page.getByRole('button', { name: /^Fill in the example/ }).click();
    await page.getByRole('button', { name: 'Work it out' }).click();
    const answer = page.getByRole('region', { name: 'Answer' });
    await expect(answer, rule.id).toBeVisible();
    expect((await answer.innerText()).trim().length, rule.id).toBeGreaterThan(10);
    expect(await answer.innerText(), rule.id).not.toMatch(/\[object|undefined|NaN/);
    await expect(page.getByText('Answered', { exact: true }), rule.id).toHaveCount(0);
    await page.goBack();
  }
  console.log(`${described.rules.length} rules worked out`);
});

test('what was worked out stays in a list, goes on a machine, and a slip is said at its field', async ({
  page,
  haar,
}) => {
  await page.goto(`${haar.url}/`);
  await page.getByRole('link', { name: 'Work out' }).click();
  await page.getByRole('link', { name: 'A resistor for a load' }).click();
  await page.getByLabel('Voltage, V').fill('230');
  await page.getByLabel('Current, A').fill('1');
  await page.getByRole('button', { name: 'Work it out' }).click();
  await expect(page.getByText(/volts must be a number from/).first()).toBeVisible();
  await page.getByLabel('Voltage, V').fill('12');
  await page.getByRole('button', { name: 'Work it out' }).click();
  const answer = page.getByRole('region', { name: 'Answer' });
  await expect(answer).toContainText('12 Ω, bought for 25 W');
  await answer.getByRole('button', { name: 'Why' }).click();
  await expect(answer).toContainText('IEC 60063');
  await page.getByRole('button', { name: 'Put this on a machine' }).click();
  await page.getByLabel('Machine', { exact: true }).click();
  await page.getByRole('option', { name: 'Tide-gauge terminal' }).click();
  await page.getByRole('button', { name: 'Write it in its log' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto(`${haar.url}/m/${await haar.machine('Tide-gauge terminal')}/log`);
  await expect(page.getByText(/12 Ω, bought for 25 W/)).toBeVisible();

  await page.goto(`${haar.url}/work-out`);
  await page.getByRole('button', { name: /12 Ω, bought for 25 W/ }).click();
  await expect(page.getByLabel('Voltage, V')).toHaveValue('12');
  await page.getByRole('link', { name: 'Every rule' }).click();
  await page.getByLabel('Find a rule').fill('rinse share');
  await expect(page.getByRole('link', { name: /Rinses until/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /What is printed/ })).toHaveCount(0);
});
