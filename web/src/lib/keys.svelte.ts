import { onMount } from 'svelte';

export interface KeyAct {
  key: string;
  words: string;
  run: () => void;
}

/** The single-key acts that hold on the screen now; a newer one wins over an older one of the same key. */
export class Keys {
  acts = $state.raw<KeyAct[]>([]);

  add(added: KeyAct[]) {
    this.acts = [...this.acts, ...added];
    return () => {
      this.acts = this.acts.filter((a) => !added.includes(a));
    };
  }

  /** Does what a key means here; false when it means nothing. Keys with modifiers and keys typed into a field are left alone. */
  press(e: KeyboardEvent): boolean {
    if (e.ctrlKey || e.metaKey || e.altKey || e.defaultPrevented) return false;
    const at = e.target as HTMLElement | null;
    const typing =
      at instanceof HTMLInputElement
        ? !['checkbox', 'radio', 'button', 'file'].includes(at.type)
        : !!at && (at.isContentEditable || ['TEXTAREA', 'SELECT'].includes(at.tagName));
    // Enter and the space bar belong to whatever has the focus.
    if (typing || (['Enter', ' '].includes(e.key) && at && ['BUTTON', 'A', 'INPUT', 'SUMMARY'].includes(at.tagName)))
      return false;
    // A sheet, an open list or a field that goes to what is typed has the keys to itself.
    if (at?.getAttribute('role') === 'combobox' || document.querySelector('[role="dialog"], [role="listbox"]'))
      return false;
    const found = this.acts.findLast((a) => a.key.toLowerCase() === e.key.toLowerCase());
    if (!found) return false;
    e.preventDefault();
    found.run();
    return true;
  }
}

export const keys = new Keys();

/** Registers a screen's keys while it is shown. Call it while a component is set up; `acts` is read when the key is pressed. */
export function useKeys(acts: KeyAct[]) {
  onMount(() => keys.add(acts));
}
