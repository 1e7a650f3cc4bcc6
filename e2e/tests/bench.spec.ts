import { execFile } from 'node:child_process';
import { connect } from 'node:net';
import { promisify } from 'node:util';
import { cooled } from '../boards';
import { expect, test } from '../fixture';

test('two browsers change one machine: the second sees both versions and chooses', async ({ page, haar }) => {
  const id = await haar.machine('Lifeboat editor');
  await page.goto(`${haar.url}/m/${id}/arrive`);
  await page.getByRole('button', { name: /^Change/ }).click();
  const { machine: m } = await haar.api<{
    machine: Record<string, unknown> & { version: number };
  }>(`/api/machines/${id}`);
  const { name, kind, model, class: c, yearFrom, yearTo, traits, paid, claimed, recapSchool, restorationSchool } = m;
  expect(
    (
      await haar.put(
        `/api/machines/${id}`,
        {
          name: `${name as string} of the other hand`,
          kind,
          model,
          class: c,
          yearFrom,
          yearTo,
          traits,
          cameFrom: 'x',
          paid,
          claimed,
          recapSchool,
          restorationSchool,
        },
        m.version,
      )
    ).ok,
  ).toBe(true);
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
  const told = async (line: string) =>
    new Promise<void>((resolve, reject) => {
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
  await page
    .getByRole('listitem')
    .filter({ hasText: 'by hand' })
    .first()
    .getByRole('button', { name: 'Restore' })
    .click();
  await page.getByRole('button', { name: 'Restore it' }).click();
  await expect(page.getByRole('banner').getByText('Skerrow Harbour workshop')).toBeVisible();
  // What was there before the restore is the newest backup now, and the one taken by hand can make room.
  await expect(page.getByText(/free on the disk/)).toBeVisible();
  const byHand = page.getByRole('listitem').filter({ hasText: 'by hand' });
  await byHand.getByRole('button', { name: 'Delete' }).click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(byHand).toHaveCount(0);
  await expect(page.getByText('before a restore', { exact: false }).first()).toBeVisible();
});

test('the map and the list are one: choosing, zooming, placing by pointer and by keys', async ({ page, haar }) => {
  const id = await haar.machine('Newsletter desktop');
  await page.goto(`${haar.url}/m/${id}/capacitors`);
  const map = page.getByRole('group', { name: /^Map of/ });
  await page.getByRole('button', { name: /^comes out C33/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('C33 comes out');
  await page.getByRole('button', { name: 'Place on the map' }).click();
  // The page moves when a row of the list is brought into sight, so the map is looked for each time.
  const middle = async () => {
    await map.scrollIntoViewIfNeeded();
    const box = (await map.boundingBox())!;
    await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
  };
  await middle();
  await expect(map).toHaveAccessibleName(/C33 is (49|50|51) % across/);
  // The mark is where it was put: choosing another, and then this one by its place.
  await page.getByRole('button', { name: /^comes out C9/ }).click();
  await middle();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('C33 comes out');
  // Zoomed in about the middle it still is; then moved by keys alone.
  await map.focus();
  await page.keyboard.press('+');
  await page.keyboard.press('+');
  await page.getByRole('button', { name: /^comes out C9/ }).click();
  await map.focus();
  await page.keyboard.press('0');
  await middle();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('C33 comes out');
  await page.getByRole('button', { name: 'Place on the map' }).click();
  await map.focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Enter');
  await expect(map).toHaveAccessibleName(/C33 is 70 % across/);
});

test('a stage is worked: added, left to wait, done, closed and opened again', async ({ page, haar }) => {
  await page.goto(`${haar.url}/m/${await haar.machine('Lifeboat editor')}/case`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Nothing is listed under case');
  await page
    .getByRole('button', { name: /^Add work/ })
    .first()
    .click();
  await page.getByLabel('What the hand does').fill('Wash the fan guard');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Wash the fan guard');
  await page.getByRole('button', { name: 'It waits' }).click();
  await page.getByLabel('It waits for').fill('drying');
  await page.getByLabel('For how many hours').fill('1,5');
  await page.getByRole('button', { name: 'Let it wait' }).click();
  await expect(page.getByText(/drying, 1:(29|30|31) h left/)).toBeVisible();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Wash the fan guard' })
    .getByRole('button', { name: 'Done', exact: true })
    .click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Case is done');
  await page.getByRole('button', { name: 'Close the stage' }).click();
  await page.getByLabel('Why it needs nothing more').fill('Clean enough.');
  await page.getByRole('button', { name: 'Close it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Case is closed: Clean enough.');
  await page.getByRole('button', { name: 'Open it again' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Case is done');
});

test('a foreign client asks a rule with curl', async ({ haar }) => {
  const { stdout } = await promisify(execFile)('curl', [
    '-s',
    '-H',
    'content-type: application/json',
    '-d',
    '{"text":"226C","kind":"tantalumSurfaceMount"}',
    `${haar.url}/api/calc/markings/capacitor`,
  ]);
  expect(JSON.parse(stdout).readings[0]).toMatchObject({
    microfarads: 22,
    ratedVolts: 16,
  });
});

test('paste or pad, and the difference is real', async ({ page, haar }) => {
  await cooled(page, haar);
});

test('a photo is straightened and scaled, and the sheet for the bench is paper', async ({ page, haar }) => {
  const id = await haar.machine('Newsletter desktop');
  await page.goto(`${haar.url}/m/${id}/capacitors`);
  await page.getByRole('button', { name: 'Photo and scale' }).click();
  await page.getByRole('button', { name: 'Straighten it' }).click();
  const photo = page.getByRole('button', { name: /^Mark on the photo of/ });
  const box = (await photo.boundingBox())!;
  for (const [x, y] of [
    [0.03, 0.04],
    [0.97, 0.04],
    [0.97, 0.96],
    [0.03, 0.96],
  ] as const)
    await page.mouse.click(box.x + x * box.width, box.y + y * box.height);
  await page.getByRole('button', { name: 'Straighten it' }).click();
  await expect(page.getByText(/^Tap one end of a length/)).toBeVisible({
    timeout: 20_000,
  });
  await photo.focus();
  for (const key of [
    'Shift+ArrowLeft',
    'Shift+ArrowLeft',
    'Enter',
    'Shift+ArrowRight',
    'Shift+ArrowRight',
    'Shift+ArrowRight',
    'Shift+ArrowRight',
    'Enter',
  ])
    await page.keyboard.press(key);
  await page.getByLabel('Millimetres').fill('80');
  await page.getByRole('button', { name: 'Set the scale' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  const { boards } = await haar.api<{
    boards: { front: { widthMillimetres: number } }[];
  }>(`/api/machines/${id}/capacitors`);
  expect(boards[0]!.front.widthMillimetres).toBeCloseTo(200, 0);
  const pdf = await page.pdf({ format: 'A4', printBackground: true });
  expect(pdf.length).toBeGreaterThan(20_000);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('heading', { name: /^Newsletter desktop: Main board/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /^\d+ C14 47 µF/ })).toBeVisible();
});
