import { queries } from './api/act.svelte';

/**
 * Listens for what others do, and has every screen read again. Open while the page is looked at: a hidden page reads anew when
 * it is shown.
 */
class Live {
  private source: EventSource | undefined;
  private soon: ReturnType<typeof setTimeout> | undefined;

  start() {
    if (typeof EventSource === 'undefined') return;
    const look = () => (document.visibilityState === 'visible' ? this.open() : this.close());
    document.addEventListener('visibilitychange', look);
    window.addEventListener('pagehide', () => this.close());
    look();
  }

  private open() {
    if (this.source) return;
    this.source = new EventSource('/api/live');
    this.source.onmessage = () => {
      // Several acts in one breath are one reading.
      this.soon ??= setTimeout(() => {
        this.soon = undefined;
        void queries.invalidateQueries();
      }, 150);
    };
  }

  private close() {
    this.source?.close();
    this.source = undefined;
  }
}

export const live = new Live();
