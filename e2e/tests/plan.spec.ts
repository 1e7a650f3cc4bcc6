import type { Page } from '@playwright/test';
import { expect, sound, test } from '../fixture';

const heading = (page: Page) => page.getByRole('heading', { level: 1 });

for (const phone of [false, true]) {
  test.describe(phone ? 'in one hand' : 'at the bench', () => {
    test.use(phone ? { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } : {});

    test('an evening is asked for by name, work is begun, and it did not come out', async ({ page, haar }) => {
      await page.goto(`${haar.url}/tonight`);
      await page.getByRole('radio', { name: 'Ines' }).click();
      await expect(heading(page)).toContainText('of hands');
      await sound(page, 'tonight');
      await expect(page.getByRole('region', { name: 'Lay out' })).toBeVisible();
      const order = page.getByRole('region', { name: 'In this order' });
      const first = await order.locator('[aria-current=step]').getByRole('link').innerText();
      await page.getByRole('button', { name: /^Begin: about/ }).click();
      await expect(page).toHaveURL(/\/m\//);
      await page.goto(`${haar.url}/tonight`);
      await expect(heading(page)).toHaveText(first);
      await page.getByRole('button', { name: 'Stop: how was it left?' }).click();
      await page.getByRole('radio', { name: 'It did not come out' }).click();
      await page.getByLabel('Minutes at it').fill('25');
      await page.getByRole('button', { name: 'Keep it' }).click();
      await expect(page.getByText('25 min,')).toBeVisible();
      // It stays in the plan.
      await expect
        .poll(async () => JSON.stringify(await haar.api('/api/plan')))
        .toContain(JSON.stringify(first).slice(1, -1));
      expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
    });

    test('an evening missed and a late parcel move the work, and the days say why', async ({ page, haar }) => {
      await page.goto(`${haar.url}/days`);
      await expect(heading(page)).toContainText('All of it ready');
      await expect(page.getByText(/within \d|proven/)).toBeVisible();
      await sound(page, 'days');
      const plan = await haar.api('/api/plan');
      const task = [...plan.plan.tasks].sort((a, b) => (a.start < b.start ? -1 : 1))[0];
      const person = plan.people.find((p: { person: { name: string } }) => p.person.name === task.person).person;
      await page.goto(`${haar.url}/people`);
      await page.getByRole('button', { name: `A day of ${person.name} that differs` }).click();
      const [year, month, day] = task.start.slice(0, 10).split('-');
      const dialog = page.getByRole('dialog');
      await dialog.getByRole('spinbutton').first().focus();
      await page.keyboard.type(`${day}${month}${year}`);
      await dialog.getByRole('button', { name: 'Keep it' }).click();
      await expect(page.getByText(/: not here$/)).toBeVisible();
      await sound(page, 'people');
      // The post is late: what waits for it, and what hangs on that, goes back.
      const laptop = await haar.machine('Pilot-launch laptop');
      const job = plan.plan.tasks.find(
        (t: { machineId: string; work: { jobId?: string } }) => t.machineId === laptop && t.work.jobId,
      );
      await haar.act('POST', `/api/machines/${laptop}/jobs/${job.work.jobId}/state`, {
        state: 'waiting',
        waitsFor: 'the post',
        waitUntil: new Date(Date.now() + 9 * 86_400_000).toISOString(),
      });
      await page.goto(`${haar.url}/days`);
      const moved = page.getByRole('region', { name: 'What moved' });
      await expect(moved.getByText('What it waits for comes later.').first()).toBeVisible();
      await expect(
        moved
          .getByText(/no hours for it where it stood|was not begun|is ready later|is done then|has the time/)
          .first(),
      ).toBeVisible();
      await page.goto(`${haar.url}/the-day`);
      await expect(page.getByText('that all is ready by the day')).toBeVisible();
      await sound(page, 'the day');
    });
  });
}

test('work is laid down with two keys, split, and freed', async ({ page, haar }) => {
  await page.goto(`${haar.url}/days`);
  const work = page.getByRole('region', { name: 'The work of that day' });
  for (let i = 0; i < 8 && !(await work.getByRole('listitem').count()); i++) await page.keyboard.press('ArrowRight');
  const link = work.getByRole('link').first();
  const title = await link.innerText();
  await link.focus();
  await page.keyboard.press('l');
  await expect(work.getByRole('status')).toContainText(title);
  await page.keyboard.press('1');
  await expect(page.getByText(/Laid down: .*, by Ines/i)).toBeVisible();
});

test('something else, what waits, coming back, and before it is opened', async ({ page, haar }) => {
  await page.goto(`${haar.url}/tonight`);
  await page.getByRole('radio', { name: 'Odd' }).click();
  await page.keyboard.press('s');
  await page.getByRole('checkbox', { name: 'In ten minutes' }).click();
  await expect(page.getByRole('list', { name: 'Something else' })).toBeVisible();
  await page.goto(`${haar.url}/waits`);
  await expect(page.getByRole('list', { name: 'Waits' }).getByRole('listitem').first()).toBeVisible();
  await sound(page, 'waits');
  await page.getByRole('button', { name: 'Ring on this device' }).click();
  await expect(page.getByRole('button', { name: 'Stop ringing' })).toBeVisible();
  const id = await haar.machine('Fish-auction server');
  await page.goto(`${haar.url}/m/${id}/where`);
  await expect(page.getByRole('region', { name: 'Done last' })).toBeVisible();
  await sound(page, 'where were we');
  await page.goto(`${haar.url}/m/${id}/before`);
  await page.getByRole('button', { name: /^Skip: Copy its drive off/ }).click();
  await page.getByRole('button', { name: 'Skip it' }).click();
  await expect(page.getByRole('alert')).toContainText('cannot claim');
  await page.getByLabel('In a few words').fill('both drives are dead');
  await page.getByRole('button', { name: 'Skip it' }).click();
  await expect(page.getByText('Skipped: both drives are dead')).toBeVisible();
  await sound(page, 'before opening');
});

for (const phone of [false, true]) {
  test.describe(phone ? 'opened once, in one hand' : 'opened once, at the bench', () => {
    test.use(phone ? { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } : {});

    test('how deep is a choice with hours and risk, and a cheap job behind the cover is done too', async ({
      page,
      haar,
    }) => {
      const id = await haar.machine('Lifeboat editor');
      await page.goto(`${haar.url}/m/${id}/howdeep`);
      await expect(heading(page)).toHaveText('4 pieces come off, the board last.');
      await expect(page.getByRole('list', { name: 'Comes off, in this order' })).toContainText('Cover');
      await sound(page, 'how deep');
      const open = page.getByRole('region', { name: 'While it is open' });
      await open.getByRole('button', { name: /^Do it too: Brush the dust/ }).click();
      await expect(page.getByText(/Done while it is open/)).toBeVisible();
      await expect(open).toBeHidden();
      await page.getByRole('radio', { name: /^Board uncovered/ }).click();
      await expect(page.getByText(/Opened this time: board uncovered/)).toBeVisible();
      await expect(page.getByText('Some is left')).toBeVisible();
      const plan = await haar.api<{ plan: { tasks: { machineId: string; title: string }[]; said: string[] } }>(
        '/api/plan',
      );
      const mine = plan.plan.tasks.filter((t) => t.machineId === id).map((t) => t.title);
      expect(mine).toContain('Take off 3 pieces, the cards last');
      expect(mine.some((t) => t.startsWith('Exchange'))).toBe(false);
      expect(plan.plan.said.join(' ')).toContain('Lifeboat editor is opened less far');
      // Where a piece of work lies is a person's word.
      await page.getByRole('button', { name: 'Where the work lies' }).click();
      await page.getByRole('combobox', { name: /^Where it lies: Brush the dust/ }).click();
      await page.getByRole('option', { name: 'Outside: nothing comes off' }).click();
      await expect(page.getByText(/Nothing comes off for it: brush the dust/)).toBeVisible();
      // And so is what sits in front of what.
      await page.getByRole('button', { name: 'What sits in front of what' }).click();
      await sound(page, 'what sits in front of what');
      const sheet = page.getByRole('dialog');
      await sheet.getByRole('textbox', { name: 'What that destroys' }).first().fill('its four feet');
      await sheet.getByRole('button', { name: 'Keep it' }).click();
      await expect(page.getByText(/How it comes apart: cover/)).toBeVisible();
      await page.goto(`${haar.url}/m/${id}/before`);
      await expect(page.getByText('What opening destroys: its four feet')).toBeVisible();
    });
  });
}

test('places and tools: how many there are, and how many days are fit outdoors', async ({ page, haar }) => {
  await page.goto(`${haar.url}/people`);
  await page.getByRole('button', { name: 'Change yard' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Days of ten that are fit').fill('3');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText('Outdoors, on days that are fit: 3 of ten')).toBeVisible();
  await page.getByRole('button', { name: 'A place or tool' }).click();
  await sheet.getByLabel('What it is called').fill('Bath');
  await sheet.getByRole('button', { name: 'Keep it' }).click();
  await expect(sheet.getByText('There is “bath” already').first()).toBeVisible();
  await page.keyboard.press('Escape');
  // What nobody says of the yard is not that one may spray in it by night.
  await page.getByRole('button', { name: 'Change yard' }).click();
  await sheet.getByRole('button', { name: 'Forget what was said' }).click();
  await expect(page.getByText('Outdoors, on days that are fit, as is usual: nobody has said otherwise')).toBeVisible();
  await sound(page, 'places as usual');
  await page.getByRole('button', { name: 'Say of yard' }).click();
  await expect(sheet.getByLabel('What it is called')).toHaveValue('yard');
});

for (const phone of [false, true]) {
  test.describe(phone ? 'set aside, in one hand' : 'set aside, at the bench', () => {
    test.use(phone ? { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } : {});

    test('what is too dear neither nags nor counts, until it is seen at its price', async ({ page, haar }) => {
      const laptop = await haar.machine('Pilot-launch laptop');
      await page.goto(`${haar.url}/m/${laptop}/where`);
      await page.getByRole('button', { name: 'Set aside', exact: true }).click();
      await page.getByLabel('Why', { exact: true }).fill('A drive caddy is too dear');
      await page.getByLabel('A part that wakes it').fill('drive caddy');
      await page.getByLabel('A price that wakes it').fill('15');
      await sound(page, 'set aside');
      await page.getByRole('button', { name: 'Set it aside' }).click();
      await expect(page.getByText('or seen for 15.00 or less')).toBeVisible();
      await page.goto(haar.url);
      await expect(page.getByText('1 set aside')).toBeVisible();
      const see = async (price: string) => {
        await page.goto(`${haar.url}/m/${laptop}/where`);
        await page.getByRole('button', { name: 'Seen at a price' }).click();
        await page.getByRole('dialog').getByLabel('Price').fill(price);
        await page.getByRole('button', { name: 'Keep it' }).click();
        await expect(page.getByRole('dialog')).toBeHidden();
      };
      await see('22');
      await expect(page.getByText('Seen for 22.00 so far.')).toBeVisible();
      await see('14.50');
      await expect(page.getByText('Drive caddy was seen for 14.50.', { exact: true })).toBeVisible();
      await page.goto(haar.url);
      await expect(page.getByText('Set aside, and can go on.')).toBeVisible();
      await page.goto(`${haar.url}/m/${laptop}/where`);
      await page.getByRole('button', { name: 'Take it in hand again' }).click();
      await expect(page.getByRole('button', { name: 'Set aside', exact: true })).toBeVisible();
      await page.goto(haar.url);
      await expect(page.getByText(/set aside/i)).toHaveCount(0);
    });
  });
}
