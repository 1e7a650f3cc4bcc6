import type { MarkOf } from '$lib/ui/Mark.svelte';
import type { MapItem, Point } from './items';

/** A window on the board, in pixels: its size, and where the board lies in it. */
export interface Sight {
  left: number;
  top: number;
  width: number;
  height: number;
  boardWidth: number;
  boardHeight: number;
}

/** Colours on a photo, the same by day and in the evening: the ground is the board and not the page. */
const colours = {
  paper: '#f6f8f7',
  oxide: '#9d2f22',
  tide: '#2a6592',
  brass: '#dda23a',
  brassInk: '#7a5206',
  verdigris: '#1f7565',
  ink: '#142e2b',
};
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
  c.strokeStyle =
    mark === 'out'
      ? colours.oxide
      : mark === 'unknown' || mark === 'waiting'
        ? colours.tide
        : mark === 'if'
          ? colours.brassInk
          : colours.verdigris;
  c.fillStyle = mark === 'done' ? colours.verdigris : colours.paper;
  const shape = new Path2D(
    mark === 'out'
      ? 'M2.5 2.5h19v19h-19Z'
      : mark === 'unknown'
        ? 'M12 1.5 22.5 12 12 22.5 1.5 12Z'
        : mark === 'if'
          ? 'M12 3 22 20.500H2Z'
          : 'M12 2.5a9.5 9.5 0 1 1 0 19a9.5 9.5 0 1 1 0-19Z',
  );
  c.fill(shape);
  c.stroke(shape);
  c.lineWidth = mark === 'unknown' ? 2 : 2.6;
  if (mark === 'done') c.strokeStyle = colours.paper;
  c.stroke(
    new Path2D(
      mark === 'out'
        ? 'm8 8 8 8m0-8-8 8'
        : mark === 'unknown'
          ? 'M9.6 10.1a2.5 2.5 0 1 1 3.6 2.2c-.9.4-1.2.9-1.2 1.700m0 2.200v.6'
          : mark === 'waiting'
            ? 'm6 15 9-9m-6 12 9-9'
            : mark === 'if'
              ? 'M12 10v4.500m0 2v.8'
              : 'm7.800 12.300 3 3 5.500-6',
    ),
  );
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
export function draw(
  canvas: HTMLCanvasElement,
  view: Sight,
  items: MapItem[],
  selected: string | undefined,
  draft: Draft | null,
) {
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
  for (const i of items) if (i.outline) faded(c, i, () => area(c, line, i, i.id === selected));
  for (const i of items) if (i.path && i.path.length > 1) faded(c, i, () => net(c, line, to, i, i.id === selected));
  marks(c, view, items, selected, dpr);
  if (draft) pencil(c, line, to, draft);
}

/** What is seen through the board stands back behind what is on it. */
function faded(c: CanvasRenderingContext2D, i: MapItem, what: () => void) {
  c.globalAlpha = i.through ? 0.5 : 1;
  what();
  c.globalAlpha = 1;
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

function net(
  c: CanvasRenderingContext2D,
  line: (p: Point[], close: boolean) => void,
  to: (p: Point) => [number, number],
  i: MapItem,
  on: boolean,
) {
  line(i.path!, false);
  c.lineJoin = 'round';
  c.lineWidth = on ? 7 : 4.5;
  c.strokeStyle = colours.ink;
  c.stroke();
  c.lineWidth = on ? 4 : 2;
  c.strokeStyle = on
    ? colours.brass
    : i.mark === 'out'
      ? '#f08d7d'
      : i.mark === 'unknown' || i.mark === 'waiting'
        ? '#7db8e4'
        : '#63c2ad';
  if (i.mark === 'out') c.setLineDash([7, 4]);
  c.stroke();
  c.setLineDash([]);
  for (const p of [i.path![0]!, i.path!.at(-1)!]) {
    const [x, y] = to(p);
    c.fillStyle = c.strokeStyle;
    c.fillRect(x - 4, y - 4, 8, 8);
  }
}

/** Places that are taken by a mark or a name, in cells of 12 px. */
class Taken {
  private readonly columns: number;
  private readonly cells: Uint8Array;
  constructor(width: number, height: number) {
    this.columns = Math.ceil(width / 12) + 12;
    this.cells = new Uint8Array(this.columns * (Math.ceil(height / 12) + 12));
  }
  private at(x: number, y: number) {
    return (Math.floor(y / 12) + 5) * this.columns + Math.floor(x / 12) + 5;
  }
  take(x: number, y: number) {
    this.cells[this.at(x, y)] = 1;
  }
  is(x: number, y: number) {
    return this.cells[this.at(x, y)] === 1;
  }
}

function marks(c: CanvasRenderingContext2D, view: Sight, items: MapItem[], selected: string | undefined, dpr: number) {
  const taken = new Taken(view.width, view.height);
  // Sound ones first, so that what has to be done lies on top, and the chosen one above all.
  const layers: [MapItem, number, number][][] = [[], [], []];
  for (const i of items) {
    if (!i.at) continue;
    const x = view.left + i.at.x * view.boardWidth;
    const y = view.top + i.at.y * view.boardHeight;
    if (x < -30 || y < -30 || x > view.width + 30 || y > view.height + 30) continue;
    layers[i.id === selected ? 2 : i.through || i.rank >= 4 ? 0 : 1]!.push([i, x, y]);
  }
  for (const layer of layers) {
    for (const [i, x, y] of layer) {
      const s = size[i.mark];
      if (i.id === selected) {
        c.beginPath();
        c.arc(x, y, s / 2 + 6, 0, Math.PI * 2);
        c.lineWidth = 5;
        c.strokeStyle = colours.brass;
        c.stroke();
      }
      faded(c, i, () => c.drawImage(sprite(i.mark, dpr), x - s / 2, y - s / 2, s, s));
      if (i.through) continue;
      for (const dx of [-8, 0, 8]) for (const dy of [-7, 7]) taken.take(x + dx, y + dy);
      if (i.kind === 'hot' || i.kind === 'soldered') dot(c, x + s / 2, y - s / 2);
    }
  }
  for (const [i, x, y] of layers[2]!) label(c, i, x, y, taken, dpr, true, i.at!.x > 0.6);
  for (const [i, x, y] of layers[1]!) label(c, i, x, y, taken, dpr, false);
  for (const [i, x, y] of layers[0]!) if (i.through) faded(c, i, () => label(c, i, x, y, taken, dpr, false));
}

function dot(c: CanvasRenderingContext2D, x: number, y: number) {
  c.beginPath();
  c.arc(x, y, 4, 0, Math.PI * 2);
  c.fillStyle = colours.brass;
  c.fill();
}

const names = new Map<string, { picture: HTMLCanvasElement; wide: number }>();

/** A name on its ground, drawn once and then only copied. */
function named(text: string, dpr: number) {
  // Until the font is here, nothing is kept.
  const key = `${text}/${dpr}/${document.fonts?.status === 'loaded'}`;
  const had = names.get(key);
  if (had) return had;
  const wide = text.length * 8.6 + 8;
  const picture = document.createElement('canvas');
  picture.width = Math.ceil(wide * dpr);
  picture.height = Math.ceil(20 * dpr);
  const c = picture.getContext('2d')!;
  c.scale(dpr, dpr);
  c.fillStyle = 'rgb(20 46 43 / 0.8)';
  c.fillRect(0, 0, wide, 20);
  c.font = '600 14px "Atkinson Hyperlegible Mono Variable", monospace';
  c.textBaseline = 'middle';
  c.fillStyle = colours.paper;
  c.fillText(text, 4, 11);
  if (names.size > 4000) names.clear();
  const made = { picture, wide };
  names.set(key, made);
  return made;
}

/** A name beside its mark; one that would lie on a mark or on another name is left out until one looks nearer. The chosen one's is always said, on the side where there is room. */
function label(
  c: CanvasRenderingContext2D,
  i: MapItem,
  at: number,
  y: number,
  taken: Taken,
  dpr: number,
  always: boolean,
  before = false,
) {
  const wide = i.name.length * 8.6 + 8;
  const x = before ? at - size[i.mark] / 2 - 11 - wide : at + size[i.mark] / 2 + 3;
  if (x + wide > c.canvas.width / dpr + 90) return;
  if (!always) for (let px = x + 6; px < x + wide; px += 6) if (taken.is(px, y - 7) || taken.is(px, y + 7)) return;
  for (let px = x + 6; px < x + wide; px += 6) {
    taken.take(px, y - 7);
    taken.take(px, y + 7);
  }
  const n = named(i.name, dpr);
  c.drawImage(n.picture, x, y - 10, n.wide, 20);
}

function pencil(
  c: CanvasRenderingContext2D,
  line: (p: Point[], close: boolean) => void,
  to: (p: Point) => [number, number],
  d: Draft,
) {
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
export function under(view: Sight, items: MapItem[], px: number, py: number): MapItem | undefined {
  const at = (p: Point) => ({ x: view.left + p.x * view.boardWidth, y: view.top + p.y * view.boardHeight });
  let best: MapItem | undefined;
  let far = 22;
  for (const i of items) {
    if (!i.at) continue;
    const p = at(i.at);
    const d = Math.hypot(p.x - px, p.y - py) - (i.rank < 4 ? 2 : 0) + (i.through ? 10 : 0);
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
