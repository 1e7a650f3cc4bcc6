import { expect, type Page } from '@playwright/test';
import { choose } from './hands';
import { picture } from './journey';
import type { Haar } from './haar';

const heading = (page: Page) => page.getByRole('heading', { level: 1 });
const press = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name }).filter({ visible: true }).first().click();

/** Taps places on the map, as shares of the board as it lies in the window. */
async function tap(page: Page, ...points: [number, number][]) {
  const map = page.getByRole('group', { name: /^Map of/ });
  await map.scrollIntoViewIfNeeded();
  const box = (await map.boundingBox())!;
  const aspect = 809 / 1200;
  const width = Math.min(box.width, box.height / aspect);
  for (const [x, y] of points) {
    await page.mouse.click(
      box.x + (box.width - width) / 2 + x * width,
      box.y + (box.height - width * aspect) / 2 + y * width * aspect,
    );
  }
}

/** The server's leaked corner, from its first mark to nets that are whole again. */
export async function corner(page: Page, haar: Haar) {
  const id = await haar.machine('Fish-auction server');
  await page.goto(`${haar.url}/m/${id}/capacitors`);
  // A second place that the leak has reached, marked by its outline.
  await press(page, 'Mark an area');
  await tap(page, [0.42, 0.7], [0.5, 0.7], [0.5, 0.8], [0.42, 0.8]);
  await press(page, 'Close the outline');
  await page.getByLabel('Where it is', { exact: true }).fill('under slot 3');
  await choose(page, 'What leaked', 'A nickel cell');
  await choose(page, 'How far it has gone', '2, mask lifted');
  await press(page, 'Put it on the map');
  await expect(heading(page)).toContainText('White vinegar');
  await expect(page.getByText(/cm²/).first()).toBeVisible();
  // A trace across it, whose length comes from the map.
  await press(page, 'Mark a trace');
  await tap(page, [0.38, 0.74], [0.54, 0.74]);
  await press(page, 'That is its run');
  await page.getByLabel('Its name').fill('IRQ7');
  await expect(page.getByLabel('Length, mm')).toHaveValue(/^5[0-9.]+$/);
  await expect(page.getByText(/Whole, it reads/)).toBeVisible();
  await press(page, 'Put it on the list');
  await expect(heading(page)).toContainText('IRQ7 has not been measured');

  // Cleaned: the paper in the rinse water has the last word.
  await page.getByRole('button', { name: /^to be cleaned Under slot 3/ }).click();
  await press(page, 'Neutralised');
  await done(page, 'Neutralised', 6);
  await expect(heading(page)).toContainText('Rinse under slot 3 3 times');
  await press(page, 'Rinsed');
  await page.getByLabel('Times').fill('1');
  await page.getByLabel('pH of the last rinse water').fill('9');
  await done(page, 'Rinsed', 5.5);
  await expect(page.getByRole('alert')).toContainText('2 more');
  await page.getByLabel('Times').fill('3');
  await done(page, 'Rinsed', 5.5);
  await expect(page.getByRole('alert')).toContainText('still alkaline');
  await page.getByLabel('pH of the last rinse water').fill('7');
  await done(page, 'Rinsed', 5.5);
  await press(page, 'Alcohol is on');
  await done(page, 'Alcohol is on', 5);
  // Five hours in a room are not enough; in warm air they are.
  await press(page, 'It is dry');
  await done(page, 'It is dry');
  await expect(page.getByRole('alert')).toContainText('cannot be dry yet');
  await page.getByLabel('Warmth of the air').fill('40');
  await done(page, 'It is dry');
  // Nothing is covered that nobody has measured.
  await press(page, 'New mask is on');
  await done(page, 'New mask is on');
  await expect(page.getByRole('alert')).toContainText('IRQ7 has not been measured');
  await page.keyboard.press('Escape');

  // Measured end to end with the bench meter; what is not whole is bridged and measured again.
  await page.getByRole('button', { name: /IRQ7/ }).last().click();
  await press(page, 'Read IRQ7 from the meter');
  await page.getByRole('dialog').getByRole('button', { name: 'Four wires' }).click();
  await expect(heading(page)).toContainText(/IRQ7 is (sound|thin|open)/, {
    timeout: 20_000,
  });
  if (!(await heading(page).textContent())?.includes('sound')) await mend(page, 'IRQ7');
  else {
    await press(page, /^Type/);
    await page.getByLabel('Ohms').fill('0.4');
    await press(page, 'Keep the reading');
    await expect(heading(page)).toContainText('IRQ7 is thin');
    await mend(page, 'IRQ7');
  }
  await expect(heading(page)).toContainText('IRQ7 is sound', {
    timeout: 20_000,
  });
  await expect(page.getByText('Mended and sound')).toBeVisible();
  await page
    .getByRole('button', { name: /Under slot 3/ })
    .last()
    .click();
  await press(page, 'New mask is on');
  await done(page, 'New mask is on');
  await expect(heading(page)).toContainText('Look at it by');
}

/** A step of an area's cleaning, written down when it was done. */
async function done(page: Page, step: string, hoursAgo?: number) {
  const dialog = page.getByRole('dialog');
  if (hoursAgo) await dialog.getByLabel('Done how many hours ago').fill(String(hoursAgo));
  await dialog.getByRole('button', { name: step }).click();
}

async function mend(page: Page, net: string) {
  await press(page, `Mend ${net}`);
  await expect(page.getByLabel('With')).toHaveValue(/Jumper, AWG \d+/);
  await press(page, 'It is mended');
  await press(page, `Read ${net} from the meter`);
}

/** The newsletter desktop's recap: the drawer, the order, the post, and the parts fitted and measured. */
export async function recap(page: Page, haar: Haar) {
  await page.goto(`${haar.url}/order`);
  await expect(heading(page)).toContainText('are in the drawer');
  await press(page, /^Set aside \d+ from the drawer/);
  await expect(heading(page)).toContainText(/parcels? for €\d/i);
  await expect(page.getByText('Proven cheapest')).toBeVisible();
  await press(page, /^Order for/);
  await expect(
    page
      .getByRole('region', { name: 'Orders' })
      .getByText(/In the post/)
      .first(),
  ).toBeVisible({ timeout: 20_000 });
  for (let i = 0; i < 6; i++) {
    const come = page.getByRole('button', { name: 'It has come' }).first();
    if (!(await come.isVisible())) break;
    await come.click();
    await press(page, 'Book it in');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
  await expect(page.getByRole('region', { name: 'Orders' }).getByText('Here', { exact: false }).first()).toBeVisible();

  const id = await haar.machine('Newsletter desktop');
  await page.goto(`${haar.url}/m/${id}/capacitors`);
  await page.getByRole('button', { name: /^comes out C14/ }).click();
  await expect(heading(page)).toContainText('C14 comes out');
  await expect(page.getByText(/^Set aside:/)).toBeVisible();
  await expect(page.getByText('°C', { exact: false }).first()).toBeVisible();
  await press(page, 'Remove C14');
  await press(page, 'Look at the pads');
  await press(page, /^Lifted/);
  await expect(page.getByText(/^Lifted: measure first whether its trace is whole/)).toBeVisible();
  await press(page, 'The lifted pad is mended');
  await press(page, 'Clean the pads');
  await press(page, 'Fit C14');
  await press(page, 'Check the way round');
  await press(page, 'Its minus points down');
  await expect(page.getByRole('alert')).toContainText('Stop: its minus points down');
  await press(page, 'Its minus points up');
  await press(page, 'Measure C14 again');
  await expect(heading(page)).toContainText('C14 is sound', {
    timeout: 20_000,
  });
}

/** Paste or pad, and whether it helped. */
export async function cooled(page: Page, haar: Haar) {
  await page.goto(`${haar.url}/m/${await haar.machine('Lifeboat editor')}/capacitors`);
  await page.getByRole('button', { name: /The processor/ }).click();
  await expect(heading(page)).toContainText('Paste, a film of');
  await press(page, 'Fitted paste');
  await press(page, 'It is fitted');
  await press(page, 'Measure it again');
  await page.getByLabel('Readings, °C').fill('61 61.5 60.5 61 142');
  await page.getByLabel('The room, °C').fill('21');
  await press(page, 'Keep the readings');
  await expect(page.getByRole('alert')).toContainText('was that °F?');
  await page.getByLabel('Readings, °C').fill('61 61.5 60.5 61 62');
  await press(page, 'Keep the readings');
  await expect(heading(page)).toContainText('cooler, and the difference is real');
}

/** Parts measured in a row, with a reference and a repeat that show whether meter and hand held still; then the back, where the front is seen through. */
export async function inARow(page: Page, haar: Haar) {
  await page.goto(`${haar.url}/m/${await haar.machine('Fish-auction server')}/capacitors`);
  await press(page, 'Measure in a row');
  const row = page.getByRole('region', { name: 'Measuring in a row' });
  await row.getByRole('button', { name: 'Read the reference' }).click();
  await expect(row).toContainText('1 µF first');
  await press(page, 'Read C1 from the meter');
  await expect(row).toContainText('1 measured, 20 to go');
  await press(page, 'Read C2 from the meter');
  await expect(row).toContainText('2 measured, 19 to go');
  await row.getByRole('button', { name: 'Read C2 again' }).click();
  await expect(row).toContainText('C2, again: ');
  await row.getByRole('button', { name: 'Read the reference last' }).click();
  await expect(row).toContainText(' last.');
  await row.getByRole('button', { name: 'End the row' }).click();
  await expect(row.getByRole('heading')).toContainText('They can: neither the meter nor the hand moved.');
  await row.getByRole('button', { name: 'Good' }).click();
  await expect(row).toHaveCount(0);
  await press(page, 'Turn it over');
  await expect(page.getByRole('list', { name: 'Legend' })).toContainText('seen through');
  await press(page, /^Hide the front/);
  await expect(page.getByRole('list', { name: 'Legend' })).not.toContainText('seen through');
}

/** A fan's header exchanged: what is asked at each step, joints counted on a photo, neighbours measured. Reloading in the midst of it loses nothing. */
export async function header(page: Page, haar: Haar) {
  await page.goto(`${haar.url}/m/${await haar.machine('Lifeboat editor')}/capacitors`);
  await page.getByRole('button', { name: /J9, the fan/ }).click();
  await press(page, 'Note which way round it sits');
  await page.getByRole('radio', { name: 'Down' }).click();
  await press(page, 'Keep it');
  await press(page, 'Take the old one out');
  await press(page, 'Look at the pads');
  await press(page, 'Keep it');
  await press(page, 'Clean the pads');
  await press(page, 'Solder it');
  await page.getByRole('radio', { name: 'Gel' }).click();
  await press(page, 'Keep it');
  await press(page, 'Check which way round it sits');
  await page.getByRole('radio', { name: 'Up' }).click();
  await press(page, 'Keep it');
  await expect(page.getByRole('alert')).toContainText('pointed down before, and points up now');
  await page.getByRole('radio', { name: 'Down' }).click();
  await press(page, 'Keep it');
  await press(page, 'Count its joints on a photo');
  await page
    .getByLabel('Photo of the joints')
    .setInputFiles({ name: 'joints.png', mimeType: 'image/png', buffer: picture() });
  const joints = page.getByRole('button', { name: /^Mark on the photo/ });
  for (const x of [40, 80]) await joints.click({ position: { x, y: 30 } });
  await press(page, 'These are all');
  await expect(page.getByRole('alert')).toContainText('2 of 3 joints are counted');
  await joints.click({ position: { x: 120, y: 30 } });
  await press(page, 'These are all');
  await press(page, 'Measure each pin against the next');
  await page.getByLabel('Pairs measured').fill('1');
  await press(page, 'Keep it');
  await expect(page.getByRole('alert')).toContainText('1 of 2 pairs of neighbours are measured');
  await page.getByLabel('Pairs measured').fill('2');
  await press(page, 'Keep it');
  await expect(heading(page)).toContainText(
    'all 3 joints are good, and none of 2 pairs of neighbours is bridged; wash the flux off',
  );
  await press(page, 'Wash the flux off');
  await press(page, 'Let it dry');
  await expect(page.getByRole('alert')).toContainText('needs 60 minutes to leave');
  const { before } = await haar.api<{ before: { word: string; permit: { mayBeOverruled: boolean } }[] }>(
    `/api/machines/${await haar.machine('Lifeboat editor')}/power`,
  );
  expect(before.find((b) => b.word === 'wetParts')?.permit.mayBeOverruled).toBe(false);
}

/** Two hundred equal parts put down in one go, and taken back in one. */
export async function grid(page: Page, haar: Haar) {
  const id = await haar.machine('Lifeboat editor');
  const count = async () =>
    (await haar.api<{ capacitors: unknown[] }>(`/api/machines/${id}/capacitors`)).capacitors.length;
  const before = await count();
  await page.goto(`${haar.url}/m/${id}/capacitors`);
  await press(page, /^Add( A)?$/);
  await press(page, 'Tap them on the map');
  await page.getByLabel('Marking, as printed').fill('100 16V');
  await choose(page, 'Kind', 'Radial electrolytic');
  await press(page, 'A row or a grid');
  await page.getByLabel('In a row').fill('20');
  await page.getByLabel('Rows').fill('10');
  await expect(page.getByText('Tap the first of them.')).toBeVisible();
  await tap(page, [0.2, 0.3], [0.8, 0.3], [0.8, 0.6]);
  await press(page, 'Put 200 on the board');
  await expect(page.getByText(/200 put down/)).toBeVisible();
  expect(await count()).toBe(before + 200);
  await press(page, /^Done/);
  await page.keyboard.press('u');
  await expect.poll(count, { timeout: 20_000 }).toBe(before);
}
