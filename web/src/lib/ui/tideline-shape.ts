/** Geometry of the tideline: basins in one continuous line. Widths and heights in the units of the drawing. */
export interface Basin {
  /** The line, open at the top, from shoulder to shoulder. */
  line: string;
  /** The same, closed, to clip the water by. */
  water: string;
}

/**
 * One basin that starts at x and is w wide and h deep: a flat shoulder, a steep bank, a flat bed, and the same back up,
 * so that the next basin's line begins where this one ends.
 */
export function stageShape(x: number, w: number, h: number): Basin {
  const s = Math.min(7, w * 0.11);
  const bank = Math.min(13, w * 0.22);
  const r = Math.min(9, h * 0.3);
  const l = x + s;
  const right = x + w - s;
  const body = `C${l + bank * 0.62} 1 ${l + bank * 0.5} ${h * 0.55} ${l + bank * 0.86} ${h - r}Q${l + bank} ${h} ${l + bank + r} ${h}H${right - bank - r}Q${right - bank} ${h} ${right - bank * 0.86} ${h - r}C${right - bank * 0.5} ${h * 0.55} ${right - bank * 0.62} 1 ${right} 1`;
  return { line: `M${x} 1H${l}${body}H${x + w}`, water: `M${l} 1${body}Z` };
}

/** Height of the water's surface for a level of 0 to 1; a full basin keeps a little freeboard, an empty one has none. */
export function surface(level: number, h: number): number {
  const clamped = Math.min(1, Math.max(0, level));
  return h - clamped * (h - h * 0.12);
}
