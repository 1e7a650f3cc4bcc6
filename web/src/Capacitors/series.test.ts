import { beforeEach, describe, expect, it, vi } from 'vitest';
import { MeasurementSeries } from './series.svelte';

const post = vi.hoisted(() => vi.fn());
vi.mock('$lib/api/client', () => ({ api: { POST: post }, ask: (x: unknown) => x }));
vi.mock('$lib/api/act.svelte', () => ({ act: (x: unknown) => x }));
const meter = vi.hoisted(() => vi.fn());
vi.mock('../Meters/read', () => ({ readMeter: meter }));

const part = (designator: string, farads: number) => ({
  id: designator,
  designator,
  label: `${designator} 47 µF`,
  farads,
});

describe('a measurement series at the meter', () => {
  beforeEach(() => {
    post.mockReset().mockReturnValue({ verdict: { outcome: 'yes' } });
    meter.mockReset();
    sessionStorage.clear();
  });

  it('is judged by a reference read first and last and by one part read again', async () => {
    const s = new MeasurementSeries('m');
    s.begin();
    meter
      .mockResolvedValueOnce({ value: 1e-6 })
      .mockResolvedValueOnce({ value: 46.9e-6 })
      .mockResolvedValueOnce({ value: 1.02e-6 });
    await s.reference();
    s.took(part('C1', 47e-6));
    await s.repeat();
    s.took(part('C2', 22e-6));
    await s.reference();
    await s.finish();
    expect(meter.mock.calls.map((c) => c[1] as string)).toEqual(['reference', 'C1 47 µF', 'reference']);
    expect(post).toHaveBeenCalledWith('/api/calc/capacitors/sitting', {
      body: { referenceStart: 1e-6, referenceEnd: 1.02e-6, repeats: [47e-6, 46.9e-6] },
    });
    expect(s.going).toBe(false);
    expect(s.check).toBeDefined();
  });

  it('says nothing of drift when the reference was read only once, and goes on with the same part when another is read again', async () => {
    const s = new MeasurementSeries('m');
    s.begin();
    meter.mockResolvedValue({ value: 1e-6 });
    await s.reference();
    s.took(part('C1', 47e-6));
    await s.repeat();
    s.took(part('C2', 22e-6));
    await s.repeat();
    await s.finish();
    expect(post).toHaveBeenCalledWith('/api/calc/capacitors/sitting', {
      body: { referenceStart: null, referenceEnd: null, repeats: [47e-6, 1e-6, 1e-6] },
    });
  });

  it('keeps nothing of an open reading, and a part measured twice counts once and is struck twice', async () => {
    const s = new MeasurementSeries('m');
    s.begin();
    meter.mockResolvedValue({ value: null });
    await expect(s.reference()).rejects.toThrow(/open/);
    expect(s.start).toBeUndefined();
    s.took(part('C1', 47e-6));
    s.took(part('C1', 46e-6));
    expect(s.parts).toBe(1);
    await s.voidAll('m');
    expect(post).toHaveBeenCalledWith('/api/machines/{id}/capacitors/readings/strike', {
      params: { path: { id: 'm' } },
      body: { capacitorIds: ['C1', 'C1'] },
    });
  });

  it('of nothing measured is simply over', async () => {
    const s = new MeasurementSeries('m');
    s.begin();
    await s.finish();
    expect(post).not.toHaveBeenCalled();
    expect(s.check).toBeUndefined();
  });

  it('goes on where it was when the page is loaded again, and is over when it was ended', async () => {
    const s = new MeasurementSeries('m');
    s.begin();
    meter.mockResolvedValue({ value: 1e-6 });
    await s.reference();
    s.took(part('C1', 47e-6));
    const again = new MeasurementSeries('m');
    expect([again.going, again.parts, again.start]).toEqual([true, 1, 1e-6]);
    expect(new MeasurementSeries('another').going).toBe(false);
    await again.finish();
    expect(new MeasurementSeries('m').going).toBe(false);
  });

  it('forgets what it cannot read', () => {
    sessionStorage.setItem('haar-series-m', '{');
    expect(new MeasurementSeries('m').going).toBe(false);
    expect(sessionStorage.getItem('haar-series-m')).toBeNull();
  });
});
