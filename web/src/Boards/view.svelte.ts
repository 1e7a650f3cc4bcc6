import type { Sight } from './draw';

/** How far the sheet with the marks reaches past each edge of the window, as a share of the window. A house figure: more costs memory, less draws more often. */
const reach = 0.6;

/** Where the map is looked at: a scale and an offset in pixels, kept so that the board never leaves the window. */
export class MapView {
  /** Times the size at which the whole board fits. */
  zoom = $state(1);
  x = $state(0);
  y = $state(0);
  /** The window, and the board as it fits into it. */
  width = $state(0);
  height = $state(0);
  aspect = $state(0.8);

  readonly fit = $derived(Math.min(this.width, this.height / this.aspect));
  readonly boardWidth = $derived(this.fit * this.zoom);
  readonly boardHeight = $derived(this.fit * this.zoom * this.aspect);
  readonly left = $derived(this.boardWidth <= this.width ? (this.width - this.boardWidth) / 2 : this.x);
  readonly top = $derived(this.boardHeight <= this.height ? (this.height - this.boardHeight) / 2 : this.y);

  #last: Sight | undefined;
  /**
   * What the marks are drawn on: larger than the window by `reach` on each side, and moved as a whole when the map is panned.
   * It is a new one only when the zoom or the window's size changes, or when a pan has all but used up what it reaches past the window.
   */
  readonly sheet: Sight = $derived.by(() => {
    const [spareX, spareY] = [this.width * reach, this.height * reach];
    const [width, height] = [this.width + 2 * spareX, this.height + 2 * spareY];
    const had = this.#last;
    const still =
      had &&
      had.width === width &&
      had.height === height &&
      had.boardWidth === this.boardWidth &&
      had.boardHeight === this.boardHeight;
    const [left, top] = [this.left + spareX, this.top + spareY];
    if (still && Math.abs(left - had.left) <= spareX * 0.95 && Math.abs(top - had.top) <= spareY * 0.95) return had;
    return (this.#last = { left, top, width, height, boardWidth: this.boardWidth, boardHeight: this.boardHeight });
  });

  /** Zooms by a factor and keeps the point (px, py) of the window where it is. */
  zoomAt(factor: number, px: number, py: number) {
    const before = this.zoom;
    const left = this.left;
    const top = this.top;
    this.zoom = Math.min(8, Math.max(1, before * factor));
    const f = this.zoom / before;
    this.move(px - (px - left) * f, py - (py - top) * f);
  }

  pan(dx: number, dy: number) {
    this.move(this.left + dx, this.top + dy);
  }

  move(x: number, y: number) {
    this.x = Math.min(0, Math.max(this.width - this.boardWidth, x));
    this.y = Math.min(0, Math.max(this.height - this.boardHeight, y));
  }

  /** Brings a point of the board (shares of its width and height) into the window if it is outside. */
  show(sx: number, sy: number) {
    const px = this.left + sx * this.boardWidth;
    const py = this.top + sy * this.boardHeight;
    const margin = 48;
    const dx = px < margin ? margin - px : px > this.width - margin ? this.width - margin - px : 0;
    const dy = py < margin ? margin - py : py > this.height - margin ? this.height - margin - py : 0;
    if (dx || dy) this.pan(dx, dy);
  }

  /** The point of the board under a point of the window, as shares. */
  under(px: number, py: number): { x: number; y: number } {
    return { x: (px - this.left) / this.boardWidth, y: (py - this.top) / this.boardHeight };
  }
}
