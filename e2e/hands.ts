import { expect, type Locator, type Page } from '@playwright/test';

type Role = 'button' | 'link' | 'checkbox' | 'radio';

/** How a person does things: with a pointer, or with the keyboard alone. */
export interface Hands {
  press(role: Role, name: string | RegExp): Promise<void>;
  fill(label: string | RegExp, text: string): Promise<void>;
  choose(label: string | RegExp, option: string): Promise<void>;
  attach(label: string | RegExp, file: { name: string; mimeType: string; buffer: Buffer }): Promise<void>;
}

const find = (page: Page, role: Role, name: string | RegExp) =>
  page
    .getByRole(role, { name, exact: typeof name === 'string' })
    .filter({ visible: true })
    .first();
const labelled = (page: Page, label: string | RegExp) =>
  page
    .getByLabel(label, { exact: typeof label === 'string' })
    .filter({ visible: true })
    .first();

/** One of a list that opens under its field. */
export async function choose(page: Page, label: string | RegExp, option: string) {
  const field = labelled(page, label);
  const one = page.getByRole('option', { name: option, exact: true });
  // What is drawn anew under the finger takes no tap: a person taps once more.
  await expect(async () => {
    if (!(await one.isVisible())) await field.click();
    await one.click({ timeout: 5_000 });
    await expect(field).toContainText(option, { timeout: 2_000 });
  }).toPass({ timeout: 20_000 });
}

export class Pointer implements Hands {
  constructor(private readonly page: Page) {}
  async press(role: Role, name: string | RegExp) {
    await find(this.page, role, name).click();
  }
  async fill(label: string | RegExp, text: string) {
    await labelled(this.page, label).fill(text);
  }
  async choose(label: string | RegExp, option: string) {
    await choose(this.page, label, option);
  }
  async attach(label: string | RegExp, file: { name: string; mimeType: string; buffer: Buffer }) {
    await labelled(this.page, label).setInputFiles(file);
  }
}

/** Tab, Enter, the space bar, letters: no pointer and no focus by script. */
export class Keyboard implements Hands {
  constructor(private readonly page: Page) {}

  private async reach(target: Locator) {
    await expect(target).toBeVisible();
    await expect(target).toBeEnabled();
    // Most of the way is counted, so that not every key has to be answered; the last steps are looked at one by one.
    const away = await target.evaluate((e) => {
      const stops = [
        ...document.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea, summary, [tabindex]'),
      ].filter(
        (x) =>
          x.tabIndex >= 0 &&
          !x.matches(':disabled') &&
          !x.closest('[inert]') &&
          x.checkVisibility({ visibilityProperty: true }),
      );
      const from = stops.indexOf(document.activeElement as HTMLElement);
      return stops.indexOf(e as HTMLElement) - from;
    });
    // What lies behind is gone back to, as a person would.
    const key = away < 0 ? 'Shift+Tab' : 'Tab';
    for (let i = 0; i < Math.abs(away) - 6; i++) await this.page.keyboard.press(key);
    for (let i = 0; i < 220; i++) {
      if (await target.evaluate((e) => e === document.activeElement)) return;
      await this.page.keyboard.press(key);
    }
    throw new Error(`The keyboard does not reach ${target}.`);
  }
  async press(role: Role, name: string | RegExp) {
    const target = find(this.page, role, name);
    await this.reach(target);
    await this.page.keyboard.press(role === 'checkbox' || role === 'radio' ? 'Space' : 'Enter');
  }
  async fill(label: string | RegExp, text: string) {
    await this.reach(labelled(this.page, label));
    await this.page.keyboard.press('Control+A');
    await this.page.keyboard.insertText(text);
  }
  async choose(label: string | RegExp, option: string) {
    const target = labelled(this.page, label);
    await this.reach(target);
    await this.page.keyboard.press('Enter');
    const wanted = this.page.getByRole('option', { name: option, exact: true });
    await expect(wanted).toBeVisible();
    // The first word goes to what begins so; the arrow goes on from there.
    await this.page.keyboard.type(/^[A-Za-z0-9]*/.exec(option)![0]);
    for (let i = 0; i < 12 && (await wanted.getAttribute('data-highlighted')) === null; i++)
      await this.page.keyboard.press('ArrowDown');
    await expect(wanted).toHaveAttribute('data-highlighted', '');
    await this.page.keyboard.press('Enter');
    await expect(wanted).toHaveCount(0);
    await expect(target).toContainText(option);
  }
  async attach(label: string | RegExp, file: { name: string; mimeType: string; buffer: Buffer }) {
    // The system's own file dialog lies outside the page; the field is reached by keyboard all the same.
    const target = labelled(this.page, label);
    await this.reach(target);
    await target.setInputFiles(file);
  }
}

/** To a stage by the tideline: a basin each where there is room, and a list of them on a phone. */
export async function toStage(page: Page, hands: Hands, stage: RegExp) {
  const all = /^Stages of/;
  if (await page.getByRole('button', { name: all }).isVisible()) await hands.press('button', all);
  await hands.press('link', stage);
}
