import { execFile } from 'node:child_process';
import { connect } from 'node:net';
import { promisify } from 'node:util';
import { expect, test } from '../fixture';

test('two browsers change one machine: the second sees both versions and chooses', async ({ page, haar }) => {
  const id = await haar.machine('Lifeboat editor');
  await page.goto(`${haar.url}/m/${id}/arrive`);
  await page.getByRole('button', { name: /^Change/ }).click();
  const { machine: m } = await haar.api<{ machine: Record<string, unknown> & { version: number } }>(`/api/machines/${id}`);
  const { name, kind, model, class: c, yearFrom, yearTo, traits, paid, claimed, recapSchool, restorationSchool } = m;
  expect((await haar.put(`/api/machines/${id}`, { name: `${name as string} of the other hand`, kind, model, class: c, yearFrom, yearTo, traits, cameFrom: 'x', paid, claimed, recapSchool, restorationSchool }, m.version)).ok).toBe(true);
  await page.getByLabel('What you call it').fill('My name for it');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('Somebody else has changed this');
  await expect(page.getByText('Lifeboat editor of the other hand', { exact: false }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Save mine over it' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('My name for it');
});

test('out of reach is said, what was read stays, and it comes back', async ({ page, haar, context }) => {
  await page.goto(`${haar.url}/m/${await haar.machine('Tide-gauge terminal')}/survey`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Leave it unplugged');
  await context.setOffline(true);
  await page.getByRole('button', { name: /^Note a finding/ }).click();
  await page.getByLabel('What you see').fill('A mouse nest.');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByRole('alert')).toContainText('Haar cannot be reached');
  await expect(page.getByLabel('What you see')).toHaveValue('A mouse nest.');
  await context.setOffline(false);
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText('A mouse nest.').first()).toBeVisible();
});

test('a meter that drops off is said and nothing is written', async ({ page, haar }) => {
  const id = await haar.machine('Newsletter desktop');
  const told = async (line: string) => new Promise<void>((resolve, reject) => {
    const s = connect(haar.meterPort, '127.0.0.1', () => s.end(`${line}\n`, () => resolve()));
    s.once('error', reject);
  });
  await told('FIXT:MOOD GARBAGE');
  await page.goto(`${haar.url}/m/${id}/capacitors`);
  await page.getByRole('button', { name: /^not measured C38/ }).click();
  await page.getByRole('button', { name: 'Read C38 from the meter' }).click();
  await expect(page.getByRole('alert')).toContainText('no number');
  await told('FIXT:MOOD WELL');
  await page.getByRole('button', { name: 'Read C38 from the meter' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0, { timeout: 20_000 });
});

test('a backup is taken and put back from the screen', async ({ page, haar }) => {
  await page.goto(`${haar.url}/settings`);
  await page.getByRole('button', { name: 'Take one now' }).click();
  await expect(page.getByText('by hand', { exact: false }).first()).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Renamed by mistake');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('banner').getByText('Renamed by mistake')).toBeVisible();
  await page.getByRole('listitem').filter({ hasText: 'by hand' }).first().getByRole('button', { name: 'Restore' }).click();
  await page.getByRole('button', { name: 'Restore it' }).click();
  await expect(page.getByRole('banner').getByText('Skerrow Harbour workshop')).toBeVisible();
});

test('the map and the list are one: choosing, zooming, placing by keys and by pointer', async ({ page, haar }) => {
  const id = await haar.machine('Newsletter desktop');
  await page.goto(`${haar.url}/m/${id}/capacitors`);
  const map = page.getByRole('group', { name: /^Map of/ });
  await map.getByRole('button', { name: 'C33, comes out' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('C33 comes out');
  const pin = map.getByRole('button', { name: 'C33, comes out' });
  const before = await pin.boundingBox();
  await map.focus();
  await page.keyboard.press('+');
  await page.keyboard.press('+');
  await expect.poll(async () => (await pin.boundingBox())!.x).not.toBe(before!.x);
  expect((await pin.boundingBox())!.height).toBeCloseTo(before!.height, 0);
  await page.keyboard.press('0');
  await page.getByRole('button', { name: 'Place on the map' }).click();
  const box = (await map.boundingBox())!;
  await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
  await expect.poll(async () => {
    const { capacitors } = await haar.api<{ capacitors: { capacitor: { designator: string; x: number } }[] }>(`/api/machines/${id}/capacitors`);
    return Math.round(capacitors.find((c) => c.capacitor.designator === 'C33')!.capacitor.x * 10);
  }).toBe(5);
});

test('a stage is worked: added, left to wait, done, closed and opened again', async ({ page, haar }) => {
  await page.goto(`${haar.url}/m/${await haar.machine('Lifeboat editor')}/case`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Nothing is listed under case');
  await page.getByRole('button', { name: /^Add work/ }).first().click();
  await page.getByLabel('What the hand does').fill('Wash the fan guard');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Wash the fan guard');
  await page.getByRole('button', { name: 'It waits' }).click();
  await page.getByLabel('It waits for').fill('drying');
  await page.getByLabel('For how many hours').fill('1,5');
  await page.getByRole('button', { name: 'Let it wait' }).click();
  await expect(page.getByText(/drying, 1:(29|30|31) h left/)).toBeVisible();
  await page.getByRole('listitem').filter({ hasText: 'Wash the fan guard' }).getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Case is done');
  await page.getByRole('button', { name: 'Close the stage' }).click();
  await page.getByLabel('Why it needs nothing more').fill('Clean enough.');
  await page.getByRole('button', { name: 'Close it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Case is closed: Clean enough.');
  await page.getByRole('button', { name: 'Open it again' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Case is done');
});

test('a foreign client asks a rule with curl', async ({ haar }) => {
  const { stdout } = await promisify(execFile)('curl', ['-s', '-H', 'content-type: application/json', '-d', '{"text":"226C","kind":"tantalumSurfaceMount"}', `${haar.url}/api/calc/markings/capacitor`]);
  expect(JSON.parse(stdout).readings[0]).toMatchObject({ microfarads: 22, ratedVolts: 16 });
});
