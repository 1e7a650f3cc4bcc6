import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Keys } from './keys.svelte';

describe('single-key acts', () => {
  const keys = new Keys();
  const run = vi.fn();
  let off: () => void;
  const press = (key: string, at: Element = document.body, more: KeyboardEventInit = {}) => {
    const e = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more });
    Object.defineProperty(e, 'target', { value: at });
    return keys.press(e);
  };
  const put = (html: string) => {
    document.body.innerHTML = html;
    return document.body.firstElementChild!;
  };

  beforeEach(() => {
    run.mockReset();
    off = keys.add([{ key: 'm', words: 'Read from the meter', run }]);
  });
  afterEach(() => {
    off();
    document.body.innerHTML = '';
  });

  it('do what they say, whatever the case of the letter', () => {
    expect(press('m')).toBe(true);
    expect(press('M')).toBe(true);
    expect(press('x')).toBe(false);
    expect(run).toHaveBeenCalledTimes(2);
  });

  it('are left alone with a modifier and while somebody types', () => {
    expect(press('m', document.body, { ctrlKey: true })).toBe(false);
    for (const html of ['<input>', '<textarea></textarea>', '<select></select>'])
      expect(press('m', put(html)), html).toBe(false);
    expect(press('m', put('<input type="checkbox">'))).toBe(true);
  });

  it('leave the keys to a sheet, an open list and a field that goes to what is typed', () => {
    put('<div role="dialog"></div>');
    expect(press('m')).toBe(false);
    put('<div role="listbox"></div>');
    expect(press('m')).toBe(false);
    expect(press('m', put('<button role="combobox">Yes</button>'))).toBe(false);
    put('<p></p>');
    expect(press('m')).toBe(true);
  });

  it('leave Enter to what has the focus', () => {
    const enter = vi.fn();
    const away = keys.add([{ key: 'Enter', words: 'Do what is next', run: enter }]);
    expect(press('Enter', put('<button>Close</button>'))).toBe(false);
    expect(press('Enter')).toBe(true);
    away();
  });

  it('the newest of one key wins, and goes when its screen goes', () => {
    const newer = vi.fn();
    const away = keys.add([{ key: 'm', words: 'Newer', run: newer }]);
    press('m');
    away();
    press('m');
    expect([newer.mock.calls.length, run.mock.calls.length]).toEqual([1, 1]);
  });
});
