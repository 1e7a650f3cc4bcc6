import { expect, sound, test } from '../fixture';
import { picture } from '../journey';

const shot = () => ({
  name: 'step.png',
  mimeType: 'image/png',
  buffer: picture(),
});
interface Strip {
  steps: {
    step: { number: number; title: string; photoId: string | null };
    photoHash: string | null;
    fasteners: { thread: string; count: number }[];
  }[];
}

test('the recorder goes on with the network gone and the page closed, and catches up', async ({
  page,
  haar,
  context,
}) => {
  const id = await haar.machine('Fish-auction server');
  await page.goto(`${haar.url}/m/${id}/stripdown`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Drive cage comes off');
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  // Once more with the worker in charge, so that everything this screen needs is kept.
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Drive cage comes off');
  await context.setOffline(true);
  await page.getByLabel('Photo of the next step').setInputFiles(shot());
  await page.getByRole('combobox', { name: 'What came off' }).fill('Cable clamp');
  await page.getByRole('button', { name: 'Name it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Cable clamp comes off');
  await page.getByRole('button', { name: 'Fastener', exact: true }).click();
  // Nothing is filled in that nobody said; the sizes of this machine are one tap.
  await expect(page.getByLabel('Thread')).toHaveValue('');
  await page
    .getByRole('group', { name: 'Sizes used on this machine' })
    .getByRole('button', { name: /^M3 × 6/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'One more' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('The network is gone.')).toBeVisible();
  await expect(page.getByText('on this device', { exact: true })).toBeVisible();
  // The phone sleeps, the page is gone; opened again it has everything, photo and all.
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Cable clamp comes off');
  await expect(page.getByRole('img', { name: 'Step 15: Cable clamp' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^2× M3 × 6/ })).toBeVisible();
  expect((await haar.api<Strip>(`/api/machines/${id}/strip`)).steps).toHaveLength(14);
  await context.setOffline(false);
  await expect(page.getByText('on this device', { exact: true })).toHaveCount(0, { timeout: 30_000 });
  const steps = (await haar.api<Strip>(`/api/machines/${id}/strip`)).steps;
  expect(steps).toHaveLength(15);
  expect(steps[14]).toMatchObject({
    step: { number: 15, title: 'Cable clamp' },
    fasteners: [{ thread: 'M3', count: 2 }],
  });
  expect(steps[14]!.photoHash).toHaveLength(64);
});

test('a phone that returns after the machine was taken off the list loses nothing', async ({ page, haar, context }) => {
  const id = await haar.machine('Fish-auction server');
  await page.goto(`${haar.url}/m/${id}/stripdown`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Drive cage comes off');
  await context.setOffline(true);
  await page.getByLabel('Photo of the next step').setInputFiles(shot());
  await expect(page.getByText('The network is gone.')).toBeVisible();
  await haar.act('DELETE', `/api/machines/${id}`);
  await context.setOffline(false);
  await expect(page.getByRole('alert')).toContainText('was taken off the list', { timeout: 30_000 });
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save it as a file' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('recorded on this device.json');
  await page.getByRole('button', { name: 'Put the machine back on the list and send' }).click();
  await expect(page.getByText('on this device', { exact: true })).toHaveCount(0, { timeout: 30_000 });
  expect((await haar.api<Strip>(`/api/machines/${id}/strip`)).steps).toHaveLength(15);
});

test('the list is answered with one thumb', async ({ page, haar }) => {
  const id = await haar.machine('Lifeboat editor');
  await page.goto(`${haar.url}/m/${id}/checklist`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Case, corners and hinges');
  await page.getByRole('button', { name: 'Sound', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Outside screws');
  await page.getByRole('button', { name: 'Not here', exact: true }).click();
  await page.getByRole('button', { name: 'Droppings, nest, gnawed leads' }).click();
  await page.getByLabel('Note').fill('Behind the drive.');
  await page.getByRole('button', { name: 'Bad', exact: true }).click();
  await expect(page.getByText('Refused: droppings were found', { exact: false })).toBeVisible();
  await expect(page.getByRole('button', { name: /^not looked at Wet clean/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Rodents have been in/ })).toBeVisible();
});

test('forty photos go up with progress, and none twice', async ({ page, haar }) => {
  test.setTimeout(240_000);
  const id = await haar.machine('Lifeboat editor');
  await page.goto(`${haar.url}/m/${id}/arrive`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  const before = (await haar.api<{ photos: unknown[] }>(`/api/machines/${id}`)).photos.length;
  await page
    .getByLabel('Add photos')
    .setInputFiles(Array.from({ length: 40 }, (_, i) => ({ ...shot(), name: `${i}.png` })));
  await expect(page.getByRole('progressbar', { name: 'Sent' })).toBeVisible();
  await expect
    .poll(async () => (await haar.api<{ photos: unknown[] }>(`/api/machines/${id}`)).photos.length, {
      timeout: 120_000,
    })
    .toBe(before + 40);
  await expect(page.getByRole('progressbar', { name: 'Sent' })).toHaveCount(0);
});

test('a dozen pieces go on the list and through a pass with a few taps', async ({ page, haar }) => {
  const id = await haar.machine('Fish-auction server');
  let taps = 0;
  const tap = async (role: 'button' | 'radio' | 'checkbox', name: string | RegExp) => {
    taps++;
    await page.getByRole(role, { name }).filter({ visible: true }).first().click();
  };
  await page.goto(`${haar.url}/m/${id}/cleaning`);
  await tap('button', /more came off or were found/);
  await tap('button', /^Put all \d+ on the list/);
  await expect(page.getByRole('button', { name: /more came off/ })).toHaveCount(0);
  const { items } = await haar.api<{ items: { item: { id: string; name: string } }[] }>(`/api/machines/${id}/cleaning`);
  expect(items.length).toBeGreaterThan(5);
  await page.goto(`${haar.url}/m/${id}/cleaning?item=${items[0]!.item.id}`);
  await tap('button', /^Keep one pass for all/);
  const sheet = page.getByRole('dialog');
  // One of them looks otherwise.
  await tap('checkbox', 'Standoffs');
  await sheet.getByLabel('How they stood').fill('Jumpers photographed, labels none.');
  await tap('checkbox', /A hidden place of each/);
  await tap('radio', '4');
  await sound(page, 'one pass for all');
  await tap('button', /^Keep this pass for/);
  await expect(sheet).toHaveCount(0);
  expect(taps).toBeLessThan(10);
  const after = await haar.api<{ items: { item: { name: string }; wet: boolean }[] }>(`/api/machines/${id}/cleaning`);
  expect(after.items.filter((r) => !r.wet).map((r) => r.item.name)).toEqual(['Standoffs']);
});
