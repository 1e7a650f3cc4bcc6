import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { expect, sound, test } from '../fixture';
import { choose } from '../hands';

const heading = (page: Page) => page.getByRole('heading', { level: 1 });

/** A place of the case's list: from its side on a wide screen, from the field on a phone. */
async function pick(page: Page, name: RegExp, entry: RegExp) {
  await expect(heading(page)).toBeVisible();
  const field = page.getByRole('combobox', { name: /^Which of/ });
  if (await field.isVisible()) {
    await field.click();
    await page.getByRole('option', { name: entry }).click();
  } else
    await page.getByRole('navigation', { name: 'What is cleaned and mended' }).getByRole('button', { name }).click();
}

/** Taps places of a photo, in order, as shares of its width and height. */
async function tapAll(page: Page, name: RegExp, places: [number, number][]) {
  const photo = page.getByRole('button', { name });
  await expect(photo.locator('img')).toHaveJSProperty('complete', true);
  for (const [x, y] of places) {
    const box = (await photo.boundingBox())!;
    await photo.click({ position: { x: x * box.width, y: y * box.height } });
  }
}

for (const phone of [false, true]) {
  test.describe(phone ? 'in one hand' : 'at the bench', () => {
    test.use(phone ? { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } : {});

    test('the micro’s shell comes out of the light, is measured on a photo, and goes back with a forecast', async ({
      page,
      haar,
    }) => {
      const id = await haar.machine("Boat-builder's micro");
      await page.goto(`${haar.url}/m/${id}/cleaning`);
      await pick(page, /^in the light/, /whitened/);
      await expect(heading(page)).toContainText('In the light: look at it');
      await sound(page, 'whitening');
      await page.getByRole('button', { name: 'Out of the light' }).click();
      await page.getByRole('button', { name: 'Rinse and dry it' }).click();
      await page.getByRole('button', { name: 'Rinsed with clean water' }).click();
      await page.getByRole('button', { name: 'It was wetted earlier' }).click();
      await page.getByLabel('Hours ago').fill('200');
      await page.getByRole('button', { name: 'Then it is dry' }).click();
      await page.getByRole('alert').getByRole('textbox').fill('Looked into every post: nothing wet.');
      await page.getByRole('button', { name: 'Do it, and keep the reason' }).click();
      await pick(page, /^to be whitened/, /whitened/);
      await page.getByRole('button', { name: 'Photo under the card' }).click();
      const screen = await haar.api(`/api/machines/${id}/cleaning`);
      const photo = await (await fetch(`${haar.url}/api/photos/${screen.whitenings[0].photoHash}`)).arrayBuffer();
      await page.getByRole('radio', { name: 'Bought, with values' }).click();
      await page.getByRole('radio', { name: 'Two, light and dark' }).click();
      await page.getByLabel('L* a* b* of the lighter field of the card').fill('95.2 -0.4 1.1');
      await page.getByLabel('L* a* b* of the darker field of the card').fill('50.1 -0.2 0.3');
      await page
        .getByLabel('Photo with the card: take or choose')
        .setInputFiles({ name: 'shell.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(photo) });
      await tapAll(page, /^Mark on the photo of Upper shell/, [
        [0.14, 0.2],
        [0.14, 0.36],
        [0.42, 0.4],
        [0.86, 0.7],
      ]);
      await page.getByLabel('Place 3').fill('lid, left');
      await page.getByRole('checkbox', { name: 'Light never reached it' }).nth(1).check();
      // Not said to be clean: refused with what to do, and nothing is lost.
      await page.getByRole('button', { name: 'Keep this reading' }).click();
      await expect(page.getByRole('alert')).toContainText('Clean the places first');
      await page.getByRole('checkbox', { name: 'The places are clean and dry' }).check();
      await page.getByRole('button', { name: 'Keep this reading' }).click();
      await expect(page.getByRole('dialog')).toHaveCount(0);
      await expect(page.getByRole('table')).toContainText('lid, left');
      await expect(page.getByRole('img', { name: 'b* by dose of light' })).toBeVisible();
      await expect(
        page
          .getByText('hours to go', { exact: false })
          .or(page.getByText('Stop', { exact: true }))
          .first(),
      ).toBeVisible();
      await sound(page, 'whitening, measured');
    });

    test('the terminal’s caps go back by the map, key by key', async ({ page, haar }) => {
      const id = await haar.machine('Tide-gauge terminal');
      await page.goto(`${haar.url}/m/${id}/cleaning`);
      await pick(page, /Keyboard.*caps off/, /Keyboard, keyboards/);
      await expect(heading(page)).toContainText('31 caps go back by the map.');
      await sound(page, 'a keyboard');
      await page.getByRole('button', { name: 'The first cap that is off' }).click();
      await page.getByRole('button', { name: 'The cap of Q is on' }).click();
      await expect(heading(page)).toContainText('30 caps go back');
      // F can go in the wrong way round: looked at first.
      await page.getByRole('button', { name: 'F, off' }).click();
      await page.getByRole('button', { name: 'The cap of F is on' }).click();
      await page.getByRole('checkbox', { name: 'Looked at: it sits so' }).check();
      await page.getByRole('button', { name: 'It is on', exact: true }).click();
      await expect(heading(page)).toContainText('29 caps go back');
      await page.getByRole('button', { name: '4, back, with trouble' }).click();
      await page.getByRole('button', { name: 'Tried: no help' }).click();
      await expect(page.getByText('a drop of contact cleaner into the switch', { exact: false }).first()).toBeVisible();
      await page.getByRole('button', { name: 'Tried: it works' }).click();
      await page.getByRole('button', { name: 'Back, missing' }).click();
      await page.getByRole('button', { name: 'A donor’s cap for it' }).click();
      await page.getByLabel('From which donor').fill('the grey donor');
      await page.getByLabel('Its row, 1 at the back').fill('2');
      await page.getByLabel('Its width, in letter keys').fill('1');
      await page.getByRole('radio', { name: 'Yes' }).click();
      await page.getByRole('button', { name: 'It goes there' }).click();
      await expect(page.getByRole('alert')).toContainText('wants 2');
      await page.getByLabel('Its width, in letter keys').fill('2');
      await page.getByRole('button', { name: 'It goes there' }).click();
      await expect(page.getByRole('dialog')).toHaveCount(0);
      await expect(page.getByRole('region', { name: 'Key Back' })).toContainText('from the grey donor');
    });

    test('the server’s tower goes through rust and primer, and its drive through its service', async ({
      page,
      haar,
    }) => {
      const id = await haar.machine('Fish-auction server');
      await page.goto(`${haar.url}/m/${id}/cleaning`);
      await pick(page, /Left side cover/, /Left side cover/);
      await expect(heading(page)).toContainText('Ri 4: wet, with a mask, by remover.');
      await sound(page, 'a panel');
      await page.getByRole('button', { name: 'Take the rust off' }).click();
      // Dry is refused.
      await page.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
      await expect(page.getByRole('alert')).toContainText('Nothing dry');
      await page.getByRole('radio', { name: 'Yes' }).click();
      await page.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
      await page.getByRole('button', { name: 'Rinse and dry it warm' }).click();
      await expect(page.getByText('bare: primed before')).toBeVisible();
      await page.getByRole('button', { name: 'Prime it' }).click();
      await page.getByLabel('Air, °C').fill('19');
      await page.getByLabel('Humidity, %').fill('55');
      await page.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
      await page.getByRole('button', { name: 'Hold the dried test card against it' }).click();
      await page.getByRole('button', { name: 'By eye, in daylight, it is the shade' }).click();
      await expect(heading(page)).toContainText('lay the next coat, 1 of 2');
      await expect(page.getByText('next coat from')).toBeVisible();

      await pick(page, /Floppy drive.*of/, /Floppy drive/);
      await page.getByRole('button', { name: 'Lubricate what slides' }).click();
      await choose(page, 'Lubricated with', 'Light synthetic oil');
      await page.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
      await expect(page.getByRole('alert')).toContainText('safe for plastics');
      await choose(page, 'Lubricated with', 'Grease safe for plastics');
      await page.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
      await page.getByRole('button', { name: 'Turn it once through by hand' }).click();
      await page.getByRole('radio', { name: 'Yes' }).click();
      await page.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
      await page.getByRole('button', { name: 'Measure its speed' }).click();
      await page.getByLabel('Turns a minute', { exact: true }).fill('300.6');
      await page.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
      await page.getByRole('button', { name: 'A worthless known disk' }).click();
      await page.getByLabel('Errors read').fill('0');
      await page.getByRole('radio', { name: 'None' }).click();
      await page.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
      await expect(page.getByRole('alert')).toContainText('never a precious one');
      await page.getByRole('radio', { name: 'Yes, worthless' }).click();
      await page.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
      await page.getByRole('button', { name: 'Then one that matters' }).click();
      await page.getByRole('radio', { name: 'Yes' }).click();
      await page.getByRole('dialog').getByRole('button', { name: 'Keep it' }).click();
      await expect(heading(page)).toContainText('serviced, and it runs');
      await sound(page, 'a drive, serviced');
    });
  });
}

test('a piece that came off is put down by one tap, and goes into a bath that is worked out', async ({
  page,
  haar,
}) => {
  const id = await haar.machine('Fish-auction server');
  await page.goto(`${haar.url}/m/${id}/cleaning`);
  await page.getByRole('button', { name: /more came off/ }).click();
  await page.getByRole('button', { name: 'Put Side panel on the list' }).click();
  await expect(heading(page)).toContainText('A cloth wrung out of warm water');
  // Nobody has said what it is: how it stands is noted before it gets wet.
  await expect(page.getByRole('button', { name: 'Note how it stands' })).toBeVisible();
  await page.getByRole('button', { name: /^Change/ }).click();
  await page.getByRole('checkbox', { name: 'Grease' }).check();
  await page.getByRole('checkbox', { name: 'Plated steel' }).check();
  await page.getByRole('radio', { name: 'Yes' }).first().click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(heading(page)).toContainText('Washing-up liquid');
  await page.getByRole('button', { name: 'Into a bath' }).click();
  for (const [label, value] of [
    ['Tray, length, cm', '60'],
    ['Width, cm', '45'],
    ['Height, cm', '12'],
    ['Bath stands, cm', '6'],
  ] as const)
    await page.getByLabel(label, { exact: true }).fill(value);
  await page.getByRole('button', { name: 'How much goes in?' }).click();
  await expect(page.getByText('16.2 l', { exact: true })).toBeVisible();
  await sound(page, 'a bath');
  await page.getByRole('button', { name: 'It is in the bath' }).click();
  await expect(heading(page)).toContainText('In the grey tray: look at it');
  expect(JSON.stringify(await haar.api(`/api/machines/${id}/power`))).toContain('side panel is wet');
});

test('a photo is laid over by a layout only where there are keys', async ({ page, haar }) => {
  const id = await haar.machine('Tide-gauge terminal');
  const screen = await haar.api(`/api/machines/${id}/cleaning`);
  const photo = Buffer.from(
    await (await fetch(`${haar.url}/api/photos/${screen.keyboards[0].photoHash}`)).arrayBuffer(),
  );
  const rock = readFileSync(join(import.meta.dirname, '../../docs/screenshots/workshop.png'));
  await page.goto(`${haar.url}/m/${id}/cleaning`);
  await page.getByRole('button', { name: /^Add/ }).click();
  await page.getByRole('radio', { name: 'A keyboard' }).click();
  await page.getByLabel('What it is', { exact: true }).fill('Second keyboard');
  await page.getByRole('dialog').getByRole('button', { name: 'Put it on the list' }).click();
  await page.getByRole('button', { name: 'Photo of the keyboard' }).click();
  const dialog = page.getByRole('dialog');
  await choose(page, 'Layout', 'Terminal, a row of function keys and a block of digits');
  const corners: [number, number][] = [
    [0.06, 0.14],
    [0.94, 0.14],
    [0.94, 0.86],
    [0.06, 0.86],
  ];
  const send = (name: string, mimeType: string, buffer: Buffer) =>
    dialog.getByLabel('Photo of the keyboard: take or choose').setInputFiles({ name, mimeType, buffer });
  await send('rock.png', 'image/png', rock);
  await tapAll(page, /^Mark on the photo of Second keyboard/, corners);
  await dialog.getByRole('button', { name: 'Lay the keys over it' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Nothing in the photo lies where keys would');
  await send('keys.jpg', 'image/jpeg', photo);
  await expect(dialog.getByText('Tap the top left corner of the keys.')).toBeVisible();
  await tapAll(page, /^Mark on the photo of Second keyboard/, corners);
  await dialog.getByRole('button', { name: 'Lay the keys over it' }).click();
  await expect(dialog).toHaveCount(0);
  await expect(page.getByRole('group', { name: 'Map of the keys' }).getByRole('button')).toHaveCount(90);
});
