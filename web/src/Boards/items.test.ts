import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import { inside, under } from './draw';
import { itemsOf, runMillimetres, seenThrough, type MapItem } from './items';
import { MapView } from './view.svelte';

const capacitor = (designator: string, stand: Schemas['CapacitorStand'], more: object = {}) =>
  ({
    capacitor: {
      id: designator,
      boardId: 'b',
      designator,
      spec: { microfarads: 47, ratedVolts: 16 },
      side: 'front',
      x: 0.5,
      y: 0.5,
    },
    stand,
    does: '',
    onOrder: false,
    ...more,
  }) as unknown as Schemas['CapacitorRow'];
const screen = (more: object) =>
  ({
    boards: [{ id: 'b' }],
    capacitors: [],
    areas: [],
    nets: [],
    hotParts: [],
    soldered: [],
    cell: null,
    ...more,
  }) as unknown as Schemas['CapacitorsScreen'];

describe('the list of everything on a board', () => {
  it('puts what the hand has begun first, then what has to be done, then what is not known, what waits, and the rest', () => {
    const items = itemsOf(
      screen({
        capacitors: [
          capacitor('C1', 'sound'),
          capacitor('C2', 'notMeasured'),
          capacitor('C3', 'comesOut'),
          capacitor('C4', 'comesOut', { onOrder: true }),
          capacitor('C5', 'exchanging'),
        ],
      }),
      'b',
    );
    expect(items.map((i) => i.name)).toEqual(['C5', 'C3', 'C2', 'C4', 'C1']);
    expect(items.find((i) => i.name === 'C4')).toMatchObject({ mark: 'waiting', end: 'in the post' });
  });

  it('has the battery before what it ate, and that before the capacitors', () => {
    const area = {
      area: { id: 'a', boardId: 'b', name: 'the corner', side: 'front', outline: [], looks: [{ stage: 'bloom' }] },
      next: 'rinse',
      nextWords: 'rinse it',
      squareCentimetres: 4,
      due: false,
      netsToMeasure: 0,
    };
    const items = itemsOf(
      screen({
        capacitors: [capacitor('C3', 'comesOut')],
        areas: [area],
        cell: { boardId: null, name: 'Cell', state: 'leaks', done: false },
      }),
      'b',
    );
    expect(items.map((i) => i.kind)).toEqual(['cell', 'area', 'capacitor']);
  });

  it('leaves what is on another board out', () => {
    expect(itemsOf(screen({ capacitors: [capacitor('C1', 'sound')] }), 'other')).toEqual([]);
  });
});

describe('what is seen through the board', () => {
  const side = (xTimes: number, xPlus: number, yTimes: number, yPlus: number) => ({ xTimes, xPlus, yTimes, yPlus });
  const sheet = (outcome = 'yes') =>
    ({
      frontOnBack: side(-1, 1, 1, 0),
      backOnFront: side(-1, 1.1, 1, 0.2),
      registration: { outcome },
    }) as unknown as Schemas['BoardSheet'];
  const item = (id: string, side: 'front' | 'back', x: number, y: number) =>
    ({ id, side, at: { x, y }, outline: [{ x, y }] }) as unknown as MapItem;

  it('lies where the core says that it does, outlines with it', () => {
    const items = [item('C1', 'front', 0.2, 0.3), item('C2', 'back', 0.4, 0.4)];
    expect(seenThrough(items, sheet(), 'back').map((i) => [i.id, i.through, i.at, i.outline])).toEqual([
      ['C1', true, { x: 0.8, y: 0.3 }, [{ x: 0.8, y: 0.3 }]],
    ]);
    const seen = seenThrough(items, sheet(), 'front')[0]!.at!;
    expect(seen.x).toBeCloseTo(0.7, 9);
    expect(seen.y).toBeCloseTo(0.6, 9);
  });

  it('is nothing when the two sides do not lie on each other', () =>
    expect(seenThrough([item('C1', 'front', 0.2, 0.3)], sheet('no'), 'back')).toEqual([]));
});

describe('sizes and hits on the map', () => {
  it('measures a run along its bends, and not at all without a scale', () => {
    const side = { widthMillimetres: 200, heightMillimetres: 100 } as Schemas['SideSheet'];
    expect(
      runMillimetres(
        [
          { x: 0, y: 0 },
          { x: 0.15, y: 0 },
          { x: 0.15, y: 0.4 },
        ],
        side,
      ),
    ).toBeCloseTo(70, 9);
    expect(
      runMillimetres(
        [
          { x: 0, y: 0 },
          { x: 1, y: 0 },
        ],
        undefined,
      ),
    ).toBeNull();
  });

  it('gives a finger the mark before the area that it lies in', () => {
    const view = new MapView();
    view.width = view.height = 100;
    view.aspect = 1;
    const at = (id: string, more: object) => ({ id, rank: 1, ...more }) as unknown as MapItem;
    const items = [
      at('area', {
        outline: [
          { x: 0, y: 0 },
          { x: 1, y: 0 },
          { x: 1, y: 1 },
          { x: 0, y: 1 },
        ],
      }),
      at('net', {
        path: [
          { x: 0, y: 0.9 },
          { x: 1, y: 0.9 },
        ],
      }),
      at('part', { at: { x: 0.5, y: 0.5 } }),
    ];
    expect(under(view, items, 52, 49)?.id).toBe('part');
    expect(under(view, items, 20, 88)?.id).toBe('net');
    expect(under(view, items, 12, 12)?.id).toBe('area');
    expect(under(view, items, 130, 130)).toBeUndefined();
  });

  it('knows inside from outside', () => {
    const l = [
      { x: 0, y: 0 },
      { x: 2, y: 0 },
      { x: 2, y: 1 },
      { x: 1, y: 1 },
      { x: 1, y: 2 },
      { x: 0, y: 2 },
    ];
    expect(inside(l, 0.5, 1.5)).toBe(true);
    expect(inside(l, 1.5, 1.5)).toBe(false);
  });
});
