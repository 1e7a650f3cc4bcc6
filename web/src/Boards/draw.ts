import type { MarkOf } from '$lib/ui/Mark.svelte';
import type { MapItem, Point } from './items';
import type { MapView } from './view.svelte';

/** Colours on a photo, the same by day and in the evening: the ground is the board and not the page. */
const colours = { paper: '#f6f8f7', oxide: '#9d2f22', tide: '#2a6592', brass: '#dda23a', brassInk: '#7a5206', verdigris: '#1f7565', ink: '#142e2b' };
const size: Record<MarkOf, number> = { out: 25, unknown: 25, waiting: 24, if: 25, sound: 20, done: 20 };
const sprites = new Map<string, HTMLCanvasElement>();

/** The marks of the house, drawn once a size and then only copied: two thousand of them are moved in a frame. */
function sprite(mark: MarkOf, scale: number): HTMLCanvasElement {
  const key = `${mark}/${scale}`;
  const had = sprites.get(key);
  if (had) return had;
  const s = document.createElement('canvas');
  const px = Math.ceil(size[mark] * scale);
  s.width = s.height = px;
  const c = s.getContext('2d')!;
  c.scale(px / 24, px / 24);
  c.lineWidth = 2.6;
  c.lineJoin = 'round';
  c.strokeStyle = mark === 'out' ? colours.oxide : mark === 'unknown' || mark === 'waiting' ? colours.tide : mark === 'if' ? colours.brassInk : colours.verdigris;
  c.fillStyle = mark === 'done' ? colours.verdigris : colours.paper;
  const shape = new Path2D(mark === 'out' ? 'M2.5 2.5h19v19h-19Z' : mark === 'unknown' ? 'M12 1.5 22.5 12 12 22.5 1.5 12Z' : mark === 'if' ? 'M12 3 22 20.500H2Z' : 'M12 2.5a9.5 9.5 0 1 1 0 19a9.5 9.5 0 1 1 0-19Z');
  c.fill(shape);
  c.stroke(shape);
  c.lineWidth = mark === 'unknown' ? 2 : 2.6;
  if (mark === 'done') c.strokeStyle = colours.paper;
  c.stroke(new Path2D(mark === 'out' ? 'm8 8 8 8m0-8-8 8' : mark === 'unknown' ? 'M9.6 10.1a2.5 2.5 0 1 1 3.6 2.2c-.9.4-1.2.9-1.2 1.700m0 2.200v.6' : mark === 'waiting' ? 'm6 15 9-9m-6 12 9-9' : mark === 'if' ? 'M12 10v4.500m0 2v.8' : 'm7.800 12.300 3 3 5.500-6'));
  sprites.set(key, s);
  return s;
}

export interface Draft {
  points: Point[];
  closed: boolean;
  /** Where the keyboard's crosshair is; null when the pointer draws. */
  cross: Point | null;
}

/** Draws everything that is in sight. */
export function draw(canvas: HTMLCanvasElement, view: MapView, items: MapItem[], selected: string | undefined, draft: Draft | null) {
  const c = canvas.getContext('2d');
  if (!c || !view.width) return;
  const dpr = Math.min(2, window.devicePixelRatio || 1);
  const [w, h] = [Math.round(view.width * dpr), Math.round(view.height * dpr)];
  if (canvas.width !== w || canvas.height !== h) {
    canvas.width = w;
    canvas.height = h;
  }
  c.setTransform(dpr, 0, 0, dpr, 0, 0);
  c.clearRect(0, 0, view.width, view.height);
  const to = (p: Point): [number, number] => [view.left + p.x * view.boardWidth, view.top + p.y * view.boardHeight];
  const line = (points: Point[], close: boolean) => {
    c.beginPath();
    points.forEach((p, i) => (i ? c.lineTo(...to(p)) : c.moveTo(...to(p))));
    if (close) c.closePath();
  };
  for (const i of items) if (i.outline) area(c, line, i, i.id === selected);
  for (const i of items) if (i.path && i.path.length > 1) net(c, line, to, i, i.id === selected);
  marks(c, view, items, selected, dpr);
  if (draft) pencil(c, line, to, draft);
}

function area(c: CanvasRenderingContext2D, line: (p: Point[], close: boolean) => void, i: MapItem, on: boolean) {
  line(i.outline!, true);
  c.fillStyle = i.rank < 4 ? 'rgb(246 248 247 / 0.16)' : 'rgb(207 229 222 / 0.12)';
  c.fill();
  c.lineWidth = on ? 4 : 2;
  c.setLineDash(i.rank < 4 ? [3, 4] : [10, 5]);
  c.strokeStyle = on ? colours.brass : colours.paper;
  c.stroke();
  c.setLineDash([]);
}

function net(c: CanvasRenderingContext2D, line: (p: Point[], close: boolean) => void, to: (p: Point) => [number, number], i: MapItem, on: boolean) {
  line(i.path!, false);
  c.lineJoin = 'round';
  c.lineWidth = on ? 7 : 4.5;
  c.strokeStyle = colours.ink;
  c.stroke();
  c.lineWidth = on ? 4 : 2;
  c.strokeStyle = on ? colours.brass : i.mark === 'out' ? '#f08d7d' : i.mark === 'unknown' || i.mark === 'waiting' ? '#7db8e4' : '#63c2ad';
  if (i.mark === 'out') c.setLineDash([7, 4]);
  c.stroke();
  c.setLineDash([]);
  for (const p of [i.path![0]!, i.path!.at(-1)!]) {
    const [x, y] = to(p);
    c.fillStyle = c.strokeStyle;
    c.fillRect(x - 4, y - 4, 8, 8);
  }
}

function marks(c: CanvasRenderingContext2D, view: MapView, items: MapItem[], selected: string | undefined, dpr: number) {
  const labels: [string, number, number][] = [];
  const taken = new Set<string>();
  // Sound ones first, so that what has to be done lies on top.
  for (let pass = 0; pass < 3; pass++) {
    for (const i of items) {
      if (!i.at) continue;
      const on = i.id === selected;
      if ((on ? 2 : i.rank >= 4 ? 0 : 1) !== pass) continue;
      const x = view.left + i.at.x * view.boardWidth;
      const y = view.top + i.at.y * view.boardHeight;
      if (x < -30 || y < -30 || x > view.width + 30 || y > view.height + 30) continue;
      const s = size[i.mark];
      if (on) {
        c.beginPath();
        c.arc(x, y, s / 2 + 6, 0, Math.PI * 2);
        c.lineWidth = 5;
        c.strokeStyle = colours.brass;
        c.stroke();
      }
      c.drawImage(sprite(i.mark, dpr), x - s / 2, y - s / 2, s, s);
      for (const dx of [-8, 0, 8]) for (const dy of [-7, 7]) taken.add(cell(x + dx, y + dy));
      if (i.kind === 'hot') dot(c, x + s / 2, y - s / 2);
      if (on || i.rank < 4) labels.push([i.name, x + s / 2 + 3, y]);
    }
  }
  label(c, labels, taken, selected !== undefined);
}

const cell = (x: number, y: number) => `${Math.floor(x / 12)},${Math.floor(y / 12)}`;

function dot(c: CanvasRenderingContext2D, x: number, y: number) {
  c.beginPath();
  c.arc(x, y, 4, 0, Math.PI * 2);
  c.fillStyle = colours.brass;
  c.fill();
}

/** Names beside their marks; one that would lie on a mark or on another name is left out until one looks nearer. The chosen one's is always said. */
function label(c: CanvasRenderingContext2D, labels: [string, number, number][], taken: Set<string>, chosen: boolean) {
  c.font = '600 14px "Atkinson Hyperlegible Mono Variable", monospace';
  c.textBaseline = 'middle';
  labels.reverse().forEach(([text, x, y], n) => {
    const wide = text.length * 8.6 + 8;
    const cells: string[] = [];
    for (let px = x + 6; px < x + wide; px += 6) for (const dy of [-7, 7]) cells.push(cell(px, y + dy));
    if (!(chosen && n === 0) && cells.some((k) => taken.has(k))) return;
    cells.forEach((k) => taken.add(k));
    c.fillStyle = 'rgb(20 46 43 / 0.8)';
    c.fillRect(x, y - 10, wide, 20);
    c.fillStyle = colours.paper;
    c.fillText(text, x + 4, y + 1);
  });
}

function pencil(c: CanvasRenderingContext2D, line: (p: Point[], close: boolean) => void, to: (p: Point) => [number, number], d: Draft) {
  if (d.points.length > 1) {
    line(d.points, d.closed);
    c.lineWidth = 5;
    c.strokeStyle = colours.ink;
    c.stroke();
    c.lineWidth = 2.5;
    c.strokeStyle = colours.brass;
    c.stroke();
  }
  for (const p of d.points) {
    const [x, y] = to(p);
    c.fillStyle = colours.brass;
    c.fillRect(x - 5, y - 5, 10, 10);
  }
  if (d.cross) {
    const [x, y] = to(d.cross);
    c.beginPath();
    c.moveTo(x - 14, y);
    c.lineTo(x + 14, y);
    c.moveTo(x, y - 14);
    c.lineTo(x, y + 14);
    c.lineWidth = 5;
    c.strokeStyle = colours.ink;
    c.stroke();
    c.lineWidth = 2.5;
    c.strokeStyle = colours.brass;
    c.stroke();
  }
}

/** What lies under a place of the window: a mark within a finger's breadth, else a run, else an area. */
export function under(view: MapView, items: MapItem[], px: number, py: number): MapItem | undefined {
  const at = (p: Point) => ({ x: view.left + p.x * view.boardWidth, y: view.top + p.y * view.boardHeight });
  let best: MapItem | undefined;
  let far = 22;
  for (const i of items) {
    if (!i.at) continue;
    const p = at(i.at);
    const d = Math.hypot(p.x - px, p.y - py) - (i.rank < 4 ? 2 : 0);
    if (d < far) [best, far] = [i, d];
  }
  if (best) return best;
  far = 10;
  for (const i of items) {
    for (let k = 1; k < (i.path?.length ?? 0); k++) {
      const d = away(at(i.path![k - 1]!), at(i.path![k]!), px, py);
      if (d < far) [best, far] = [i, d];
    }
  }
  return best ?? items.find((i) => i.outline && inside(i.outline.map(at), px, py));
}

function away(a: Point, b: Point, x: number, y: number) {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const t = Math.max(0, Math.min(1, ((x - a.x) * dx + (y - a.y) * dy) / (dx * dx + dy * dy || 1)));
  return Math.hypot(a.x + t * dx - x, a.y + t * dy - y);
}

export function inside(o: Point[], x: number, y: number): boolean {
  let is = false;
  for (let i = 0, j = o.length - 1; i < o.length; j = i++) {
    const [a, b] = [o[i]!, o[j]!];
    if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) is = !is;
  }
  return is;
}
