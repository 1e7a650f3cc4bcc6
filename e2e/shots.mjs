// Takes the pictures in docs/screenshots from the demo workshop. Called by ./haar shots.
import { chromium } from '@playwright/test';
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const out = join(root, 'docs/screenshots');
const folder = mkdtempSync(join(tmpdir(), 'haar-shots-'));
const [port, meterPort] = [5290, 5025];
const url = `http://127.0.0.1:${port}`;
const children = [
  spawn('dotnet', [join(root, 'artifacts/app/standins/Haar.StandIns.dll'), '--meter-port', String(meterPort)], {
    stdio: 'ignore',
  }),
  spawn('dotnet', [join(root, 'artifacts/app/Haar.Web.dll'), '--urls', url, '--data', folder, '--demo=true'], {
    env: { ...process.env, HAAR_WEB: join(root, 'web/dist') },
    stdio: 'ignore',
  }),
];
try {
  for (let i = 0; ; i++) {
    try {
      if ((await fetch(`${url}/health`)).ok) break;
    } catch {
      if (i > 300) throw new Error('Haar did not open.');
    }
    await new Promise((r) => setTimeout(r, 100));
  }
  const { machines } = await (await fetch(`${url}/api/workshop`)).json();
  const at = (name, screen) => `/m/${machines.find((m) => m.name === name).id}/${screen}`;
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
  });
  // The page listens for others all the time, so the network is never idle: still is when nothing is being read and every picture is there.
  const still = async (page) => {
    await page.getByRole('heading').first().waitFor({ state: 'attached' });
    await page.waitForFunction(
      () => !/Reading the |One moment …/.test(document.body.innerText) && [...document.images].every((i) => i.complete),
    );
    await page.waitForTimeout(400);
  };
  const take = async (name, path, { phone = false, dark = false, act = async () => {} } = {}) => {
    const context = await browser.newContext({
      viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
      isMobile: phone,
      hasTouch: phone,
      colorScheme: dark ? 'dark' : 'light',
      reducedMotion: 'reduce',
      locale: 'en-GB',
    });
    const page = await context.newPage();
    await page.goto(url + path);
    await still(page);
    await act(page);
    await page.evaluate(() => document.fonts.ready);
    await still(page);
    await page.screenshot({ path: join(out, `${name}.png`) });
    await context.close();
    console.log(`· ${name}.png`);
  };
  await take('workshop', '/');
  await take('tonight', '/tonight?person=Ines');
  await take('days', '/days', {
    act: async (page) => {
      await page.getByText(/within \d|proven/).waitFor();
      await page.getByText('Looking for a better one').waitFor({ state: 'detached' });
    },
  });
  await take('the-day', '/the-day', {
    act: async (page) => {
      await page
        .getByText(/points more/)
        .first()
        .waitFor({ timeout: 60_000 });
    },
  });
  await take('before', at('Lifeboat editor', 'before'));
  await take('howdeep', at('Lifeboat editor', 'howdeep'));
  await take('lot', at('House-clearance lot', 'lot'));
  await take('checklist', at('Tide-gauge terminal', 'survey'));
  await take('phone-strip', at('Fish-auction server', 'stripdown'), {
    phone: true,
  });
  await take('rebuild', at('Pilot-launch laptop', 'rebuild'), {
    act: async (page) => {
      await page.getByRole('button', { name: '5 Lid with its hinge' }).click();
      await page.evaluate(() => scrollTo(0, 0));
    },
  });
  await take('cleaning', at('Newsletter desktop', 'cleaning'), {
    act: async (page) => {
      await page.evaluate(async () => {
        const { token } = await (await fetch('/api/session')).json();
        const id = location.pathname.split('/')[2];
        const post = async (path, body) =>
          (
            await fetch(`/api/machines/${id}/cleaning${path}`, {
              method: 'POST',
              headers: { 'Content-Type': 'application/json', 'X-Haar-Token': token },
              body: JSON.stringify(body),
            })
          ).json();
        const keys = await post('', {
          name: 'Key caps',
          materials: ['abs'],
          features: [],
          soils: ['grease'],
          dries: 'shell',
        });
        await post(`/${keys.id}/try`, { method: 'soap', removedShare: 1, damage: false });
        const lid = await post('', {
          name: 'Lid',
          materials: ['abs'],
          features: ['printedLegend', 'foilLabel'],
          soils: ['vapourFilm', 'ink'],
        });
        await post(`/${lid.id}/try`, { method: 'alcohol', removedShare: 0.4, damage: false, spotTested: true });
        history.replaceState(null, '', `${location.pathname}?item=${lid.id}`);
      });
      await page.reload();
    },
  });
  await take('whitening', at("Boat-builder's micro", 'cleaning'), {
    act: async (page) => {
      await page.getByRole('button', { name: /^in the light/ }).click();
    },
  });
  await take('keyboard', at('Tide-gauge terminal', 'cleaning'), {
    act: async (page) => {
      await page.getByRole('button', { name: /Keyboard.*caps off/ }).click();
      await page.getByRole('button', { name: 'F, off' }).click();
      await page.evaluate(() => scrollTo(0, 190));
    },
  });
  await take('mechanism', at('Fish-auction server', 'cleaning'), {
    act: async (page) => {
      await page.getByRole('button', { name: /Floppy drive.*of/ }).click();
    },
  });
  await take('boards', at('Fish-auction server', 'capacitors'), {
    act: async (page) => {
      await page
        .getByRole('button', {
          name: /^to be cleaned The keyboard socket/,
        })
        .click();
    },
  });
  await take('order', '/order');
  const c14 = async (page) => {
    await page.getByRole('button', { name: /^comes out C14/ }).click();
    await page.evaluate(() => scrollTo(0, 0));
  };
  await take('capacitors', at('Newsletter desktop', 'capacitors'), {
    act: c14,
  });
  await take('power', at('Lifeboat editor', 'power'), {
    act: async (page) => {
      await page.getByLabel('The load').fill('2.0 A on +5, 1.0 A on +12, 5 min');
      await page.getByRole('button', { name: 'The load is on' }).click();
      await page.getByRole('checkbox').check();
      for (const rail of ['+3.3 V', '+5 V', '+12 V', '−12 V', '+5 V sb'])
        await page
          .getByRole('button', {
            name: `Read ${rail} from the meter`,
          })
          .click();
      await page
        .getByRole('button', {
          name: 'Stop here, and keep the readings',
        })
        .click();
      await page.getByRole('button', { name: 'Read it again' }).waitFor();
      // What was said is gone again after some seconds.
      await page.locator('[data-sonner-toast]').last().waitFor({ state: 'detached', timeout: 15_000 });
    },
  });
  await take('handover', at('Newsletter desktop', 'handover'));
  await browser.close();
} finally {
  for (const c of children) {
    if (c.exitCode === null && c.signalCode === null) {
      const gone = new Promise((r) => c.once('exit', r));
      c.kill('SIGTERM');
      const late = setTimeout(() => c.kill('SIGKILL'), 10_000);
      await gone;
      clearTimeout(late);
    }
  }
  rmSync(folder, { recursive: true, force: true });
}
