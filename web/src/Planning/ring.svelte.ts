import { SvelteSet } from 'svelte/reactivity';
import type { Schemas } from '$lib/api/client';

type Wait = Schemas['WaitRow'];
const seenKey = 'haar-waits-seen';

/** Rings once for each wait that runs out while the page is open; opened again, says which ran out meanwhile. Kept on the device. */
export class Ring {
  on = $state(false);
  missed = $state<Wait[]>([]);
  private audio?: AudioContext;
  private readonly rung = new SvelteSet<string>();
  private first = true;

  /** Called with every answer and every half minute. */
  hear(waits: Wait[], now: number) {
    if (!waits.length) return;
    const last = this.last();
    const over = waits.filter((w) => w.until && Date.parse(w.until) <= now);
    if (this.first) {
      this.first = false;
      this.missed = last ? over.filter((w) => Date.parse(w.until!) > last) : [];
      over.forEach((w) => this.rung.add(this.id(w)));
    } else {
      const fresh = over.filter((w) => !this.rung.has(this.id(w)));
      fresh.forEach((w) => this.rung.add(this.id(w)));
      if (fresh.length && this.on) this.ring();
    }
    try {
      localStorage.setItem(seenKey, String(now));
    } catch {
      // A device that keeps nothing tells nothing later.
    }
  }

  /** A browser lets a page sound only after a press. */
  toggle() {
    this.on = !this.on;
    if (this.on) {
      this.audio ??= new AudioContext();
      this.ring();
    }
  }

  private id = (w: Wait) => `${w.path}${w.until}`;

  private last(): number | null {
    try {
      const at = Number(localStorage.getItem(seenKey));
      return at > 0 ? at : null;
    } catch {
      return null;
    }
  }

  private ring() {
    const audio = this.audio;
    if (!audio) return;
    // Two strokes of a ship's bell.
    for (const at of [0, 0.35]) {
      const tone = audio.createOscillator();
      const gain = audio.createGain();
      tone.frequency.value = 660;
      gain.gain.setValueAtTime(0.25, audio.currentTime + at);
      gain.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 1.2);
      tone.connect(gain).connect(audio.destination);
      tone.start(audio.currentTime + at);
      tone.stop(audio.currentTime + at + 1.2);
    }
    navigator.vibrate?.([200, 100, 200]);
  }
}
