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

  begin() {
    this.going = true;
    this.measured = [];
    this.start = this.end = this.again = this.check = undefined;
  }

  took(part: Sat) {
    if (this.going) this.measured = [...this.measured, part];
  }

  /** Reads the reference: the first time as the start, then as the end. */
  async reference() {
    const farads = await capacitance('reference');
    if (this.start == null) this.start = farads;
    else this.end = farads;
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
  }
}

async function capacitance(label: string): Promise<number> {
  const read = await readMeter('capacitance', label);
  if (read.value == null) throw new Error('The meter reads it as open: check the probes. Nothing was kept.');
  return read.value;
}
