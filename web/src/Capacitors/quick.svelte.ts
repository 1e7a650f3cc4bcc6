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
