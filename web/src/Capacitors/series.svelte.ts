import { api, ask, type Schemas } from '$lib/api/client';
import { act } from '$lib/api/act.svelte';
import { readMeter } from '../Meters/read';

export interface Sat {
  id: string;
  designator: string;
  /** What the meter shows while it reads the part. */
  label: string;
  farads: number;
}

interface Kept {
  measured: Sat[];
  start: number | null;
  end: number | null;
  again: MeasurementSeries['again'] | null;
}

/**
 * A measurement series: parts measured one after the other, a reference part read first and last, one part read again.
 * `check` is there once the series was ended and says whether its readings can be kept.
 */
export class MeasurementSeries {
  going = $state(false);
  /** Every reading that was kept, in turn; a part that was measured twice is there twice. */
  measured = $state.raw<Sat[]>([]);
  start = $state<number>();
  end = $state<number>();
  /** Readings of one part, the first of them the one that was kept. */
  again = $state.raw<Omit<Sat, 'id' | 'farads'> & { farads: number[] }>();
  check = $state.raw<Schemas['SeriesCheck']>();

  readonly last = $derived(this.measured.at(-1));
  readonly parts = $derived(this.measured.filter((m, i, all) => all.findIndex((x) => x.id === m.id) === i).length);

  readonly #key: string;

  /** Goes on where it was when the page was loaded again: what was measured in a row is not done twice for a slip of a thumb. */
  constructor(machineId: string) {
    this.#key = `haar-series-${machineId}`;
    try {
      const kept = JSON.parse(sessionStorage.getItem(this.#key) ?? 'null') as Kept | null;
      if (!kept) return;
      this.going = true;
      this.measured = kept.measured;
      this.start = kept.start ?? undefined;
      this.end = kept.end ?? undefined;
      this.again = kept.again ?? undefined;
    } catch {
      sessionStorage.removeItem(this.#key);
    }
  }

  #keep() {
    const { measured, start = null, end = null, again = null } = this;
    if (this.going) sessionStorage.setItem(this.#key, JSON.stringify({ measured, start, end, again } satisfies Kept));
    else sessionStorage.removeItem(this.#key);
  }

  begin() {
    this.going = true;
    this.measured = [];
    this.start = this.end = this.again = this.check = undefined;
    this.#keep();
  }

  took(part: Sat) {
    if (!this.going) return;
    this.measured = [...this.measured, part];
    this.#keep();
  }

  /** Reads the reference: the first time as the start, then as the end. */
  async reference() {
    const farads = await capacitance('reference');
    if (this.start == null) this.start = farads;
    else this.end = farads;
    this.#keep();
  }

  /** Reads one part again: the last one, and from then on always that one. */
  async repeat() {
    const before = this.again ?? (this.last && { ...this.last, farads: [this.last.farads] });
    if (before)
      this.again = {
        designator: before.designator,
        label: before.label,
        farads: [...before.farads, await capacitance(before.label)],
      };
    this.#keep();
  }

  async finish() {
    // A reference that was read only once tells nothing of drift.
    const both = this.start != null && this.end != null;
    if (this.measured.length)
      this.check = await ask(
        api.POST('/api/calc/capacitors/sitting', {
          body: {
            referenceStart: both ? this.start : null,
            referenceEnd: both ? this.end : null,
            repeats: this.again?.farads ?? [],
          },
        }),
      );
    this.going = false;
    this.#keep();
  }

  /** Strikes every reading of the series. */
  async voidAll(machineId: string) {
    await act(
      api.POST('/api/machines/{id}/capacitors/readings/strike', {
        params: { path: { id: machineId } },
        body: { capacitorIds: this.measured.map((m) => m.id) },
      }),
    );
    this.close();
  }

  close() {
    this.going = false;
    this.check = undefined;
    this.#keep();
  }
}

async function capacitance(label: string): Promise<number> {
  const read = await readMeter('capacitance', label);
  if (read.value == null) throw new Error('The meter reads it as open: check the probes. Nothing was kept.');
  return read.value;
}
