import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MapView } from './view.svelte';

function view() {
  const v = new MapView();
  v.width = 800;
  v.height = 600;
  v.aspect = 0.8;
  return v;
}

describe('the board map', () => {
  it('shows the whole board at first, in the middle', () => {
    const v = view();
    expect(v.boardWidth).toBe(750);
    expect(v.left).toBe(25);
    expect(v.top).toBe(0);
  });

  it('keeps the point under the pointer where it is while zooming in', () => {
    const v = view();
    v.zoomAt(3, 400, 300);
    const before = v.under(300, 200);
    v.zoomAt(1.5, 300, 200);
    const after = v.under(300, 200);
    expect(after.x).toBeCloseTo(before.x, 6);
    expect(after.y).toBeCloseTo(before.y, 6);
  });

  it('never lets the board leave the window, whatever the hand does', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.double({ min: 0.2, max: 5, noNaN: true }),
            fc.integer({ min: -900, max: 900 }),
            fc.integer({ min: -900, max: 900 }),
          ),
          { maxLength: 20 },
        ),
        (moves) => {
          const v = view();
          for (const [f, x, y] of moves) {
            v.zoomAt(f, Math.abs(x) % 800, Math.abs(y) % 600);
            v.pan(x, y);
          }
          if (v.boardWidth > v.width) expect(v.left <= 0 && v.left + v.boardWidth >= v.width - 0.001).toBe(true);
          if (v.boardHeight > v.height) expect(v.top <= 0 && v.top + v.boardHeight >= v.height - 0.001).toBe(true);
          expect(v.zoom).toBeGreaterThanOrEqual(1);
          expect(v.zoom).toBeLessThanOrEqual(8);
        },
      ),
    );
  });

  it('brings a part that is outside into the window', () => {
    const v = view();
    v.zoomAt(6, 0, 0);
    v.show(0.9, 0.9);
    const px = v.left + 0.9 * v.boardWidth;
    expect(px).toBeGreaterThan(0);
    expect(px).toBeLessThan(800);
  });

  it('draws the marks on one sheet that covers the window wherever a pan takes it, and on the same one for a small pan', () => {
    const v = view();
    v.zoomAt(4, 400, 300);
    const first = v.sheet;
    v.pan(60, -60);
    expect(v.sheet).toBe(first);
    fc.assert(
      fc.property(fc.integer({ min: -4000, max: 4000 }), fc.integer({ min: -4000, max: 4000 }), (x, y) => {
        v.pan(x, y);
        const s = v.sheet;
        // Its own edges in the window, after it was moved along.
        const [left, top] = [v.left - s.left, v.top - s.top];
        expect(left <= 0 && top <= 0 && left + s.width >= v.width && top + s.height >= v.height).toBe(true);
      }),
    );
    v.zoomAt(1.2, 400, 300);
    expect(v.sheet.boardWidth).toBe(v.boardWidth);
  });
});
