import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { DayScale } from './scale';
import { startOfDay } from './words';

const now = new Date(2026, 10, 27, 19, 30).getTime();

describe('the days side by side', () => {
  it('has today first and widest, and every day once, also where the clock changes', () => {
    for (const at of [now, new Date(2026, 2, 27, 9).getTime(), new Date(2026, 9, 23, 9).getTime()]) {
      const s = new DayScale(at, 14);
      expect(new Set(s.days.map((d) => d.at)).size).toBe(14);
      expect(s.days[0]!.at).toBe(startOfDay(at));
      expect(s.days.every((d, i) => i === 0 || d.w < s.days[0]!.w)).toBe(true);
      expect(s.days.at(-1)!.x + s.days.at(-1)!.w).toBe(s.width);
    }
  });

  it('never goes back as time goes on, and stays within the picture', () => {
    const s = new DayScale(now, 14);
    fc.assert(
      fc.property(fc.integer({ min: -5, max: 30 * 1440 }), fc.integer({ min: 0, max: 10_000 }), (m, more) => {
        const [a, b] = [s.x(now + m * 60_000), s.x(now + (m + more) * 60_000)];
        return a <= b && a >= 0 && b <= s.width;
      }),
    );
  });

  it('says which day an instant falls on', () => {
    const s = new DayScale(now, 14);
    expect(s.index(now)).toBe(0);
    expect(s.index(now + 86_400_000)).toBe(1);
    expect(s.index(now - 86_400_000)).toBe(-1);
    expect(s.index(now + 60 * 86_400_000)).toBe(14);
  });
});
