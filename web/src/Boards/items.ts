import type { Schemas } from '$lib/api/client';
import { plain, siText } from '$lib/format';
import type { MarkOf } from '$lib/ui/Mark.svelte';
import type { MarkedRow } from '$lib/ui/MarkedList.svelte';
import { standMarks } from '../Capacitors/stand';

export type Side = Schemas['Side'];
export type ItemKind = 'capacitor' | 'cell' | 'area' | 'net' | 'hot' | 'soldered';
export interface Point {
  x: number;
  y: number;
}

/** One thing on a board's map and in its list. */
export interface MapItem extends MarkedRow {
  kind: ItemKind;
  /** 0 the hand has begun; 1 has to be done; 2 not known; 3 waits for something else; 4 done or sound. */
  rank: number;
  side: Side;
  at?: Point;
  outline?: Point[];
  path?: Point[];
  /** It is on the other side and only seen through the board. */
  through?: boolean;
}

const kinds: ItemKind[] = ['cell', 'area', 'net', 'capacitor', 'soldered', 'hot'];
export const kindWord: Record<ItemKind, string> = {
  capacitor: 'Capacitors',
  cell: 'Cells',
  area: 'Corroded areas',
  net: 'Nets',
  hot: 'Hot parts',
  soldered: 'Soldered parts',
};

const netMark: Record<Schemas['NetState'], { mark: MarkOf; word: string; rank: number }> = {
  notMeasured: { mark: 'unknown', word: 'not measured', rank: 2 },
  measureBetter: { mark: 'unknown', word: 'measure better', rank: 2 },
  sound: { mark: 'sound', word: 'sound', rank: 4 },
  thin: { mark: 'out', word: 'thin', rank: 1 },
  open: { mark: 'out', word: 'open', rank: 1 },
  repaired: { mark: 'done', word: 'mended', rank: 4 },
  bridged: { mark: 'out', word: 'bridged', rank: 1 },
};

export const capacitorValue = (c: Schemas['Capacitor']) =>
  `${c.spec.microfarads ? siText(c.spec.microfarads * 1e-6, 'F') : 'not readable'}${c.spec.ratedVolts ? ` ${c.spec.ratedVolts} V` : ''}`;

/** Everything on one board, in the order in which it has to be done: battery, what it ate, the capacitors, the heat. */
export function itemsOf(screen: Schemas['CapacitorsScreen'], boardId: string | undefined): MapItem[] {
  const items: MapItem[] = [];
  const first = screen.boards[0]?.id;
  if (screen.cell && (screen.cell.boardId ?? first) === boardId) {
    const c = screen.cell;
    items.push({
      id: 'cell',
      kind: 'cell',
      name: c.name,
      mark: c.done ? 'done' : 'if',
      word: c.state,
      value: '',
      end: c.state,
      rank: c.done ? 4 : 1,
      side: 'front',
      at: c.x != null && c.y != null ? { x: c.x, y: c.y } : undefined,
    });
  }
  for (const a of screen.areas.filter((x) => x.area.boardId === boardId)) {
    const open = a.next != null || a.due;
    items.push({
      id: a.area.id,
      kind: 'area',
      name: a.area.name,
      mark: open ? 'out' : a.netsToMeasure ? 'unknown' : 'done',
      word: open ? (a.due ? 'look again' : 'to be cleaned') : 'cleaned',
      value: `${plain(a.squareCentimetres, 3)} cm², stage ${stageNumber(a.area)}`,
      end: a.next
        ? a.nextWords
        : a.due
          ? 'look at it again'
          : a.netsToMeasure
            ? `${a.netsToMeasure} nets to measure`
            : 'cleaned',
      rank: open ? 1 : 4,
      side: a.area.side,
      outline: a.area.outline,
    });
  }
  for (const n of screen.nets.filter((x) => x.net.boardId === boardId)) {
    const m = netMark[n.state];
    items.push({
      id: n.net.id,
      kind: 'net',
      name: n.net.name,
      mark: n.ready || n.state !== 'notMeasured' ? m.mark : 'waiting',
      word: n.ready || n.state !== 'notMeasured' ? m.word : 'waits',
      value: n.net.from && n.net.to ? `${n.net.from} to ${n.net.to}` : '',
      end:
        n.readOhms != null
          ? siText(n.readOhms, 'Ω')
          : n.state === 'open'
            ? 'open'
            : n.ready
              ? `whole ${siText(n.trace.expectedOhms, 'Ω')}`
              : `after ${n.under[0]}`,
      rank: n.ready ? m.rank : 3,
      side: n.net.side,
      path: n.net.path,
    });
  }
  for (const r of screen.capacitors.filter((x) => x.capacitor.boardId === boardId)) {
    const c = r.capacitor;
    const s = standMarks[r.stand];
    const waits = r.stand === 'comesOut' && r.onOrder;
    items.push({
      id: c.id,
      kind: 'capacitor',
      code: true,
      name: c.designator,
      mark: waits ? 'waiting' : s.mark,
      word: waits ? 'part in the post' : s.word,
      value: capacitorValue(c),
      end: waits ? 'in the post' : r.does,
      rank: waits ? 3 : { exchanging: 0, comesOut: 1, notMeasured: 2, undecided: 2, exchanged: 4, sound: 4 }[r.stand],
      side: c.side,
      at: c.x != null && c.y != null ? { x: c.x, y: c.y } : undefined,
    });
  }
  for (const h of screen.hotParts.filter((x) => (x.part.boardId ?? first) === boardId)) {
    const mark: MarkOf = !h.open ? 'done' : h.gap.options.length ? 'if' : 'unknown';
    items.push({
      id: h.part.id,
      kind: 'hot',
      name: h.part.name,
      mark,
      word: h.open || 'done',
      value: h.part.facts.watts == null ? '' : `${plain(h.part.facts.watts)} W`,
      end: h.open || (h.heat.savedKelvin != null ? `${plain(h.heat.savedKelvin, 3)} K cooler` : 'done'),
      rank: h.open ? 2 : 4,
      side: h.part.side,
      at: h.part.x != null && h.part.y != null ? { x: h.part.x, y: h.part.y } : undefined,
    });
  }
  for (const r of screen.soldered.filter((x) => x.part.boardId === boardId)) {
    const p = r.part;
    const begun = r.steps.some((s) => s.at);
    items.push({
      id: p.id,
      kind: 'soldered',
      name: p.name,
      mark: !r.next ? 'done' : begun ? 'if' : 'out',
      word: !r.next ? 'done' : begun ? 'half done' : p.work === 'exchange' ? 'comes out' : 'to be soldered',
      value: `${p.pins} ${p.pins === 1 ? 'pin' : 'pins'}`,
      end: r.next ? r.nextWords : `${p.pins} joints counted`,
      rank: !r.next ? 4 : begun ? 0 : 1,
      side: p.side,
      at: p.x != null && p.y != null ? { x: p.x, y: p.y } : undefined,
    });
  }
  return items
    .map((item, i) => ({ item, i }))
    .sort((a, b) => a.item.rank - b.item.rank || kinds.indexOf(a.item.kind) - kinds.indexOf(b.item.kind) || a.i - b.i)
    .map((x) => x.item);
}

/** What the other side carries, at the places where it lies behind this one, by the core's figures. Nothing when the two sides are known not to lie on each other. */
export function seenThrough(
  items: MapItem[],
  board: Pick<Schemas['BoardSheet'], 'registration' | 'frontOnBack' | 'backOnFront'>,
  side: Side,
): MapItem[] {
  if (board.registration.outcome === 'no') return [];
  const on = side === 'back' ? board.frontOnBack : board.backOnFront;
  const to = (p: Point): Point => ({ x: on.xTimes * p.x + on.xPlus, y: on.yTimes * p.y + on.yPlus });
  return items
    .filter((i) => i.side !== side)
    .map((i) => ({ ...i, through: true, at: i.at && to(i.at), outline: i.outline?.map(to), path: i.path?.map(to) }));
}

const stages: Schemas['CorrosionStage'][] = ['tarnish', 'bloom', 'maskLifted', 'copperEaten', 'open'];
export const stageNumber = (a: Schemas['CorrosionArea']) => stages.indexOf(a.looks.at(-1)?.stage ?? 'bloom');

/** Length of a run in millimetres, null without a scale. */
export function runMillimetres(path: Point[], side: Schemas['SideSheet'] | undefined): number | null {
  if (path.length < 2 || !side?.widthMillimetres || !side.heightMillimetres) return null;
  return path
    .slice(1)
    .reduce(
      (sum, p, i) =>
        sum + Math.hypot((p.x - path[i]!.x) * side.widthMillimetres!, (p.y - path[i]!.y) * side.heightMillimetres!),
      0,
    );
}
