import type { Schemas } from '$lib/api/client';

/** The designator that comes after the last one, or after the highest of its letters; one that is free. */
export function nextDesignator(taken: string[], last = ''): string {
  const parts = (s: string) => /^([A-Za-z]+)(\d+)$/.exec(s);
  const from = parts(last);
  const letters = from?.[1] ?? 'C';
  const used = taken.map((t) => t.toUpperCase());
  const highest = Math.max(
    0,
    ...taken.map(parts).map((m) => (m && m[1]!.toUpperCase() === letters.toUpperCase() ? Number(m[2]) : 0)),
  );
  let n = from ? Number(from[2]) + 1 : highest + 1;
  while (used.includes(`${letters}${n}`.toUpperCase())) n++;
  return `${letters}${n}`;
}

interface Place {
  x: number;
  y: number;
}

/** Places of a row from its first to its last, or of a grid whose last row ends at the third point; row by row. */
export function gridOf([first, last, end]: Place[], along: number, rows: number): Place[] {
  if (!first || !last) return [];
  const share = (n: number, of: number) => (of > 1 ? n / (of - 1) : 0);
  const [dx, dy] = end ? [end.x - last.x, end.y - last.y] : [0, 0];
  return Array.from({ length: along * rows }, (_, i) => {
    const [c, r] = [share(i % along, along), share(Math.floor(i / along), rows)];
    return { x: first.x + (last.x - first.x) * c + dx * r, y: first.y + (last.y - first.y) * c + dy * r };
  });
}

/** What stays the same from part to part while a board's capacitors are put down one after the other. */
export class QuickEntry {
  kind = $state<Schemas['CapacitorKind']>('unknown');
  role = $state<Schemas['CapacitorRole']>('unknown');
  marking = $state('');
  designator = $state('');
  added = $state<string[]>([]);

  /** The next free one, unless somebody typed another. */
  ready(taken: string[]) {
    this.designator = nextDesignator(taken, this.added.at(-1));
  }

  /** A row or a grid as a list: all of them, or none. */
  list(places: Place[], side: Schemas['Side'], taken: string[]) {
    const on = [...taken];
    let designator = this.designator;
    const lines = places.map((p) => {
      const line = [
        designator,
        this.marking.replaceAll('"', '""'),
        this.kind,
        this.role,
        p.x.toFixed(5),
        p.y.toFixed(5),
        side,
      ];
      on.push(designator);
      designator = nextDesignator(on, designator);
      return line.map((f) => `"${f}"`).join(',');
    });
    return ['designator,marking,kind,role,x,y,side', ...lines].join('\n');
  }

  took(designator: string, taken: string[]) {
    this.added = [...this.added, designator];
    this.ready([...taken, designator]);
  }

  /** As sent for a part of which only this much is known. */
  edit(side: Schemas['Side'], at?: { x: number; y: number }): Schemas['CapacitorEdit'] {
    return {
      designator: this.designator,
      marking: this.marking,
      kind: this.kind,
      role: this.role,
      signs: [],
      ratedVolts: null,
      maxCelsius: null,
      diameterMillimetres: null,
      heightMillimetres: null,
      leadPitchMillimetres: null,
      x: at?.x ?? null,
      y: at?.y ?? null,
      side,
      minusBefore: 'notKnown',
      minusPrinted: 'notKnown',
      headroomMillimetres: null,
      esrOhms: null,
    };
  }
}
