import type { Schemas } from '$lib/api/client';

type Instrument = Schemas['Instrument'];

/** What ohms of a trace can be read with. */
export const traceLeads: [Instrument, string][] = [
  ['fourWire', 'Four wires'],
  ['zeroedLeads', 'Leads zeroed'],
  ['multimeter', 'Leads as they are'],
];

/** What an ESR can be read with. */
export const esrLeads: [Instrument, string][] = [
  ['fourWire', 'Bridge, four wires'],
  ['zeroedLeads', 'ESR meter, leads zeroed'],
  ['esrMeter', 'ESR meter, leads as they are'],
];

function kept(key: string): Instrument {
  try {
    return (localStorage.getItem(key) as Instrument | null) ?? 'notKnown';
  } catch {
    return 'notKnown';
  }
}

/** Said once on a device, and proposed there from then on. */
class Leads {
  private said = $state<Instrument>('notKnown');
  constructor(private readonly key: string) {
    this.said = kept(key);
  }
  get with() {
    return this.said;
  }
  set with(v: Instrument) {
    this.said = v;
    localStorage.setItem(this.key, v);
  }
}

export const leads = { trace: new Leads('haar-leads-trace'), esr: new Leads('haar-leads-esr') };
