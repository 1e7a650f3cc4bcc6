import type { Page } from '@playwright/test';
import { expect, reachable, sound, test } from '../fixture';

/** A view: a path, or a screen of one of the demo workshop's machines, and the button that opens what lies on it. */
interface View {
  machine?: string;
  at: string;
  open?: (string | RegExp)[];
}

const server = 'Fish-auction server';
const desktop = 'Newsletter desktop';
const terminal = 'Tide-gauge terminal';
const laptop = 'Pilot-launch laptop';
const editor = 'Lifeboat editor';
const lot = 'House-clearance lot';
const on = (machine: string, ...screens: string[]): View[] => screens.map((at) => ({ machine, at }));
const opened = (machine: string, at: string, ...buttons: (string | RegExp)[]): View[] =>
  buttons.map((b) => ({ machine, at, open: [b] }));

const views: View[] = [
  ...[
    '/',
    '/take-in',
    '/take-in-lot',
    '/store',
    '/drawer',
    '/order',
    '/work-out',
    '/work-out/capacitors/substitute',
    '/work-out/no/rule',
    '/reference',
    '/settings',
    '/tonight',
    '/days',
    '/the-day',
    '/waits',
    '/people',
    '/parts',
    '/nowhere',
  ].map((at) => ({ at })),
  ...on(server, 'where', 'before', 'battery', 'boards', 'arrive', 'capacitors', 'shipped', 'stripdown', 'rebuild'),
  ...on(desktop, 'capacitors', 'prove', 'handover', 'costs', 'log'),
  ...on(editor, 'capacitors', 'power'),
  ...on(laptop, 'battery', 'rebuild', 'fasteners', 'nothingon'),
  ...on(terminal, 'survey', 'power', 'stripdown'),
  ...on(lot, 'lot', 'capacitors', 'battery', 'prove'),
  ...opened(server, 'stripdown', /^Fastener/, /^Connector/, /^Say it/, 'Change the step'),
  ...opened(lot, 'lot', /^Budget and prices/, /^Another box/),
  ...opened(server, 'battery', /^Side by side/, /^Charging/),
  ...opened(desktop, 'capacitors', 'Recap now, or wait?', 'Photo and scale', 'Lists', /^Add/),
  { machine: desktop, at: 'capacitors', open: [/^comes out C14/, /^Choose a part for/] },
  { machine: desktop, at: 'capacitors', open: [/^comes out C14/, /^Type/] },
];

async function open(page: Page, path: string, view: View) {
  await page.goto(path);
  await expect(page.getByRole('heading').first()).toBeAttached();
  if (view.machine) await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await expect(page.getByText(/^Reading the /)).toHaveCount(0);
  for (const button of view.open ?? []) await page.getByRole('button', { name: button }).first().click();
  if (view.open) {
    await expect(page.getByRole('dialog')).toBeVisible();
    await expect(page.getByRole('dialog').getByText(/^Reading the /)).toHaveCount(0);
  }
}

// In handfuls, so that both workers have their share. The dark theme differs from the light one in its colours alone: it is
// looked at for those on the desktop, as the system's evening brings it, without loading the page again.
const handful = 6;
for (let first = 0; first < views.length; first += handful) {
  const some = views.slice(first, first + handful);
  test(`views ${first + 1} to ${first + some.length} are sound to a machine’s eye`, async ({ page, haar }, info) => {
    for (const view of some) {
      const path = view.machine ? `/m/${await haar.machine(view.machine)}/${view.at}` : view.at;
      await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
      await open(page, haar.url + path, view);
      const what = [view.machine, view.at, ...(view.open ?? [])].join(', ');
      await sound(page, what);
      if (info.project.name === 'phone') {
        await reachable(page, what);
        continue;
      }
      await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' });
      await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
      await sound(page, `${what}, dark`, ['color-contrast']);
    }
  });
}
