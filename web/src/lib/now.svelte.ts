/** The time, told anew every half minute, for waits that run on a screen. */
class Now {
  value = $state(Date.now());

  constructor() {
    if (typeof window !== 'undefined') setInterval(() => (this.value = Date.now()), 30_000);
  }
}

export const now = new Now();
