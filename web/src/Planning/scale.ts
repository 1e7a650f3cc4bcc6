import { startOfDay } from './words';

/** Of one day in the picture of the days: where it begins and how wide it is. */
export interface DayColumn {
  at: number;
  x: number;
  w: number;
  word: string;
  weekend: boolean;
}

const day = 86_400_000;
/** The hours of a day that are drawn: nobody is at the bench before or after, and a wait goes on unseen. */
const from = 6;
const until = 24;

/** Days side by side, today much wider than the others. */
export class DayScale {
  readonly days: DayColumn[];
  readonly width: number;

  constructor(now: number, count: number, today = 210, each = 58) {
    const first = startOfDay(now);
    let x = 0;
    this.days = Array.from({ length: count }, (_, i) => {
      // Noon, so that a clock that is put forward does not make two days one.
      const at = startOfDay(first + i * day + day / 2);
      const w = i === 0 ? today : each;
      const d = new Date(at);
      const column = {
        at,
        x,
        w,
        word:
          i === 0
            ? 'Today'
            : each < 52
              ? `${d.toLocaleDateString('en-GB', { weekday: 'narrow' })} ${d.getDate()}`
              : d.toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric' }),
        weekend: d.getDay() === 0 || d.getDay() === 6,
      };
      x += w;
      return column;
    });
    this.width = x;
  }

  /** Which day an instant falls on; -1 before the first, the count after the last. */
  index(t: number): number {
    const start = startOfDay(t);
    if (start < this.days[0]!.at) return -1;
    const i = this.days.findIndex((d) => d.at === start);
    return i < 0 ? this.days.length : i;
  }

  /** Where an instant stands. */
  x(t: number): number {
    const i = this.index(t);
    if (i < 0) return 0;
    const d = this.days[i];
    if (!d) return this.width;
    const hours = (t - d.at) / 3_600_000;
    return d.x + d.w * Math.min(1, Math.max(0, (hours - from) / (until - from)));
  }
}
