import { deflateSync } from 'node:zlib';
import { expect, type Page } from '@playwright/test';
import type { Haar } from './haar';
import { toStage, type Hands } from './hands';

/** A small PNG, made here: grey, with a darker square. */
export function picture(): Buffer {
  const [w, h] = [64, 48];
  const raw = Buffer.alloc((w + 1) * h, 0x99);
  for (let y = 0; y < h; y++) raw[y * (w + 1)] = 0;
  for (let y = 10; y < 30; y++) raw.fill(0x44, y * (w + 1) + 12, y * (w + 1) + 40);
  const table = Array.from({ length: 256 }, (_, n) => {
    let c = n;
    for (let k = 0; k < 8; k++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
    return c >>> 0;
  });
  const crc = (b: Buffer) => (b.reduce((c, x) => table[(c ^ x) & 255]! ^ (c >>> 8), 0xffffffff) ^ 0xffffffff) >>> 0;
  const chunk = (type: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(type), data]);
    const out = Buffer.alloc(body.length + 8);
    out.writeUInt32BE(data.length, 0);
    body.copy(out, 4);
    out.writeUInt32BE(crc(body), body.length + 4);
    return out;
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(w, 0);
  head.writeUInt32BE(h, 4);
  head.set([8, 0, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(raw)),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

const list =
  'designator,marking,kind,role,x,y\n' +
  Array.from(
    { length: 26 },
    (_, i) =>
      `C${i + 1},${i % 3 ? '47 16V' : '10 25V'},aluminiumSurfaceMount,decoupling,${(0.1 + 0.12 * (i % 7)).toFixed(2)},${(0.15 + 0.2 * Math.floor(i / 7)).toFixed(2)}`,
  ).join('\n');

/** One machine from the box it came in to the sheet that leaves with it. Answers its id. `midway` runs between the battery and the boards. */
export async function journey(
  page: Page,
  haar: Haar,
  hands: Hands,
  name: string,
  midway: () => Promise<void> = async () => {},
): Promise<string> {
  const heading = page.getByRole('heading', { level: 1 });

  // 1 and 2: the workshop, and a machine is taken in.
  await page.goto(haar.url);
  await expect(
    page.getByRole('heading', {
      name: 'Have the mains filter capacitor exchanged',
    }),
  ).toBeVisible();
  await hands.press('link', /^Take a machine in/);
  await hands.fill('What you call it', name);
  await hands.attach('Photos', {
    name: 'front.png',
    mimeType: 'image/png',
    buffer: picture(),
  });
  await hands.fill('From year', '1991');
  await hands.fill('To year', '1993');
  // That the mains goes in says nothing of a tube: it is asked, and answered.
  await page
    .getByRole('radiogroup', { name: 'Is there a picture tube?' })
    .getByRole('radio', { name: 'No', exact: true })
    .focus();
  await page.keyboard.press('Space');
  await hands.press('button', 'What is seen in it');
  await hands.choose('Class', '386-level');
  await hands.press('checkbox', 'Mains supply inside');
  await hands.press('checkbox', 'Barrel cell');
  await hands.press('button', 'Where it came from, and money');
  await hands.fill('Where it came from', 'a barn');
  await hands.fill('Paid', '12,50');
  await hands.press('button', 'Take it in');

  // 3: looked at; a danger raises its caution and stops power.
  await expect(heading).toContainText('Case, corners and hinges');
  const id = new URL(page.url()).pathname.split('/')[2]!;
  await hands.press('button', /^Note a finding/);
  await hands.choose('It is a', 'leaking cell');
  await expect(page.getByText('This stops power until it is dealt with.')).toBeVisible();
  await hands.fill('Where', 'by the memory sockets');
  await hands.fill('What you see', 'Green crust, one socket wet.');
  await hands.press('button', 'Note it');
  await expect(heading).toContainText('Leave it unplugged: take the leaking cell out first.');
  await expect(page.getByRole('note', { name: 'Caution: Leaking cell' })).toBeVisible();
  await hands.press('button', 'Close it without the rest');
  await hands.fill('Why are they left out?', 'Only the inside was open today.');
  await hands.press('button', 'Close it');
  await hands.press('link', 'First power');
  await expect(heading).toContainText('Leave it unplugged');
  await hands.press('button', 'What is found');

  // 4: the battery.
  await toStage(page, hands, /^Boards/);
  await hands.press('link', 'Battery');
  await hands.press('button', /^Change/);
  await hands.fill('Where it sits', 'by the memory sockets');
  await hands.fill('Charging line, volts', '4.9');
  await hands.fill('The chip needs at least, V', '2.4');
  await hands.fill('The chip bears at most, V', '5.5');
  await hands.fill('Drain with the machine off, µA', '18');
  await hands.choose('What it keeps alive', 'Somebody’s data');
  await hands.choose('Room for a holder in the case?', 'Yes');
  await hands.press('button', 'Save');
  await expect(heading).toContainText('Not yet. The cell keeps somebody’s data alive'.replace('’', "'"));
  await hands.press('radio', /straight to the line/);
  await expect(
    page.getByText('Do not fit: this line charges, and a primary lithium cell must never be charged.'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Refused: it burns' })).toBeDisabled();
  await hands.press('radio', /Holder with 3 AA/);
  await hands.press('button', 'Choose this one');
  await hands.press('button', 'It is copied and read back, or bridged');
  await expect(heading).toContainText('Yes. The data is copied');
  await hands.press('button', 'The old cell is out');
  await expect(heading).toContainText('The old cell is out. Fit what was chosen.');
  await hands.press('button', 'It is fitted');
  await expect(heading).toContainText('Fitted. Look at it by');

  await midway();

  // 5: the capacitors of a board, from a list.
  await hands.press('link', 'Board map');
  await hands.press('button', 'Add a board');
  await hands.fill('Another board', 'System board');
  await hands.press('button', 'Add the board');
  await hands.press('button', 'Lists');
  await hands.fill('One part a line', list.replace('C26,', 'C1,'));
  await hands.press('button', 'Take the list');
  await expect(page.getByRole('alert')).toContainText('C1 is on this board already');
  await hands.fill('One part a line', list);
  await hands.press('button', 'Take the list');
  await expect(page.getByRole('heading', { name: '26 not measured' })).toBeVisible();
  await hands.press('button', /^Read C\d+ from the meter/);
  await expect(page.getByRole('heading', { name: '25 not measured' })).toBeVisible({ timeout: 20_000 });
  await hands.press('button', /^not measured C3 47/);
  await hands.press('button', /^Type/);
  await hands.fill('Capacitance, µF', '28,1');
  await hands.fill('ESR, Ω', '9.2');
  await hands.press('button', 'Keep the readings');
  await expect(heading).toContainText('C3 comes out. It has lost 40 % of its capacitance and has an ESR of 9.2 Ω.');
  await hands.press('button', 'Choose a part for C3');
  await hands.press('button', /^Set aside/);
  await expect(page.getByText(/^Set aside:/)).toBeVisible();
  await hands.press('button', 'Remove C3');
  await hands.press('button', 'Its minus points left');
  await hands.press('button', 'Look at the pads');
  await hands.press('button', /^Sound/);
  await hands.press('button', 'Clean the pads');
  await hands.press('button', 'Fit C3');
  await hands.press('button', 'Check the way round');
  await hands.press('button', 'Its minus points right');
  await expect(page.getByRole('alert')).toContainText('Turn it round');
  await hands.press('button', 'Its minus points left');
  await hands.press('button', 'Measure C3 again');
  await expect(heading).toContainText('C3 is sound.', { timeout: 20_000 });
  await expect(page.getByRole('heading', { name: '1 exchanged' })).toBeVisible();

  // 6: first power. The cell that was taken out at the battery screen is known here.
  // Another evening with more light: nothing is plugged in before every place is known.
  await haar.lookOver(id);
  await toStage(page, hands, /^Survey/);
  await expect(heading).toContainText('Nothing found is still open');
  await expect(page.getByText('The old cell is out.').first()).toBeVisible();
  await hands.press('button', 'First power');
  await expect(heading).toContainText('Rails measured for shorts');
  for (const rail of ['+5 V', '+12 V', '−5 V', '−12 V'])
    await hands.press('button', new RegExp(`^Read ${rail.replace('+', '\\+')} from the meter`));
  await expect(heading).toContainText('No short', { timeout: 20_000 });
  await hands.press('button', 'This step is through');
  await hands.press('checkbox', 'I am trained for this, and the covers stay on.');
  await hands.fill('Seen', 'Nothing swollen.');
  await hands.press('button', 'This step is through');
  await expect(heading).toContainText('Supply alone, on a load');
  await hands.fill('The load', '2 A on +5, 1 A on +12, 5 min');
  await hands.press('button', 'The load is on');
  await expect(page.getByText(/^On its load/).first()).toBeVisible();
  await haar.onLoadFor(12);
  for (const rail of ['+5 V', '+12 V', '−5 V', '−12 V'])
    await hands.press('button', new RegExp(`^Read ${rail.replace('+', '\\+')} from the meter`));
  await expect(heading).toContainText('Go no further. +12 V reads 11.21 V and its ripple is 3 times the limit.', {
    timeout: 20_000,
  });
  await hands.press('button', 'Stop here, and keep the readings');
  await expect(page.getByText('dried output capacitors in the supply')).toBeVisible();
  await hands.press('button', 'Read it again');
  // Another supply, read by hand; what it replaced is kept.
  await hands.press('button', /^Type a reading/);
  await hands.choose('Rail', '+12 V');
  await hands.fill('Volts', '12.04');
  await hands.fill('Ripple, millivolts peak to peak', '48');
  await hands.choose('Read with', 'an oscilloscope, 20 MHz');
  await hands.press('button', 'Keep this reading');
  await expect(heading).toContainText('Every rail holds under load');
  await expect(page.getByText('Kept from before')).toBeVisible();
  // What the multimeter read of ripple clears none of the others.
  await expect(page.getByText('Volts only: its ripple is not known')).toBeVisible();
  for (const rail of ['+5 V', '−5 V', '−12 V']) {
    await hands.press('button', /^Type a reading/);
    await hands.choose('Rail', rail);
    await hands.fill('Ripple, millivolts peak to peak', '22');
    await hands.choose('Read with', 'an oscilloscope, 20 MHz');
    await hands.press('button', 'Keep this reading');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
  await expect(page.getByText('Trusted under load')).toBeVisible();
  await hands.press('button', 'This step is through');
  await expect(heading).toContainText('Bare board, speaker only');
  // The sheet goes on to the next rail by itself until all are read.
  await hands.press('button', /^Type \+5 V/);
  for (const [rail, volts] of [
    ['+5 V', '5.02'],
    ['+12 V', '12.01'],
    ['−5 V', '-5.05'],
    ['−12 V', '-11.9'],
  ] as const) {
    await expect(page.getByRole('dialog', { name: `${rail}: what do you read?` })).toBeVisible();
    await hands.fill('Volts', volts);
    await hands.fill('Ripple, millivolts peak to peak', '20');
    await hands.press('button', 'Keep this reading');
  }
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await hands.press('button', 'This step is through');
  for (const [title, seen] of [
    ['One bank of memory', 'Another beep than before.'],
    ['Picture', 'A cursor, top left.'],
  ] as const) {
    await expect(heading).toContainText(title);
    await hands.fill('Seen', seen);
    await hands.press('button', 'This step is through');
  }
  await expect(heading).toContainText('What it said, beeped and counted');
  await hands.fill('What it said, beeped and counted', 'One long beep, 8192 KB.');
  await hands.press('button', 'This step is through');
  await expect(heading).toContainText('It said: One long beep, 8192 KB.');

  // 7: proved.
  await toStage(page, hands, /^Prove/);
  await hands.press('button', 'Measure one thing');
  await hands.fill('What', 'Start to prompt');
  await hands.press('button', 'Set it up');
  await hands.fill('Runs before', '41.2 40.8 41.9 41.0');
  await hands.press('button', 'Keep before');
  await expect(page.getByRole('button', { name: 'Strike 41 before' })).toBeVisible();
  await hands.fill('Runs after', '33.0 32.6 33.4 32.9');
  await hands.press('button', 'Keep after');
  await expect(heading).toContainText('Yes, it is real, and better');

  // 8: handed over.
  await toStage(page, hands, /^Arrive/);
  await hands.press('link', 'Money and hours');
  await hands.fill('What for', 'Holder, diode, three cells');
  await hands.fill(/^Money/, '6,20');
  await hands.fill('Minutes', '140');
  await hands.press('button', 'Count it');
  // Paid, spent by hand, and the part from the drawer that was fitted.
  await expect(page.getByRole('heading', { name: /€(18\.84|18\.89|19\.12) and 2 h 20/ })).toBeVisible();
  await toStage(page, hands, /^Hand over/);
  await expect(page.getByText('exchanged for', { exact: false }).first()).toBeVisible();
  await expect(
    page.getByText('Leaking cell, by the memory sockets: Green crust, one socket wet. The old cell is out.'),
  ).toBeVisible();
  await hands.press('button', 'Hand it over');
  await expect(page.getByText(/^Handed over on/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^Handed over on/)).toBeVisible();
  return id;
}
