import type { Schemas } from '$lib/api/client';

/** Where a whitening's readings, fit and target lie on a sheet of the given size. */
export function curve(row: Schemas['WhiteningRow'], width: number, height: number) {
  const points = row.run.readings.map((r) => ({ x: r.dose, y: r.b }));
  const xs = [...points.map((p) => p.x), ...row.curve.map((p) => p.hours), 4];
  const ys = [
    ...points.map((p) => p.y),
    ...row.curve.map((p) => p.b),
    ...(row.run.targetB == null ? [] : [row.run.targetB]),
  ];
  const most = Math.max(...xs);
  const pad = row.noise + 1;
  const [low, high] = [Math.floor((Math.min(...ys) - 2) / 5) * 5, Math.ceil((Math.max(...ys) + pad) / 5) * 5];
  const left = 34;
  const bottom = height - 26;
  const x = (v: number) => left + (v / most) * (width - left - 10);
  const y = (v: number) => bottom - ((v - low) / (high - low)) * (bottom - 10);
  const step = most > 40 ? 10 : most > 16 ? 4 : most > 8 ? 2 : 1;
  return {
    x,
    y,
    left,
    bottom,
    points: points.map((p) => ({ x: x(p.x), y: y(p.y), top: y(p.y + row.noise), low: y(p.y - row.noise), b: p.y })),
    path: row.curve.map((p, i) => `${i ? 'L' : 'M'}${x(p.hours).toFixed(1)} ${y(p.b).toFixed(1)}`).join(''),
    target: row.run.targetB == null ? null : y(row.run.targetB),
    ticksX: Array.from({ length: Math.floor(most / step) + 1 }, (_, i) => i * step),
    ticksY: Array.from({ length: (high - low) / 5 + 1 }, (_, i) => low + i * 5),
  };
}
