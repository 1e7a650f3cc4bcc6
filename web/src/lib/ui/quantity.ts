/**
 * What a number in a field is usually between, by its unit, and the slips of a hand that types: a prefix too much or too little.
 * These are defaults for a soft question beside the field, wide on purpose; what cannot be at all is the core's to refuse.
 */
export interface Usual {
  least: number;
  most: number;
}

const usual: Record<string, Usual> = {
  mm: { least: 0.02, most: 2_000 },
  'cm²': { least: 0.01, most: 2_000 },
  µF: { least: 1e-6, most: 1_000_000 },
  Ω: { least: 0, most: 1e8 },
  V: { least: -500, most: 500 },
  volts: { least: -500, most: 500 },
  µA: { least: 0, most: 20_000 },
  mA: { least: 0, most: 100_000 },
  mAh: { least: 1, most: 100_000 },
  mV: { least: 0, most: 50_000 },
  '°C': { least: -40, most: 450 },
  minutes: { least: 0, most: 10_000 },
  hours: { least: 0, most: 10_000 },
  year: { least: 1970, most: 2100 },
};

/** The unit that a label ends with: "Diameter, mm" is in mm, "Volts" in volts; none where it names none. */
export function unitOf(label: string): string {
  const tail = label.split(', ').at(-1)!.trim();
  if (tail in usual) return tail;
  const word = label.toLowerCase();
  if (word in usual) return word;
  if (/ripple, millivolts/i.test(label)) return 'mV';
  return / year$/.test(word) ? 'year' : '';
}

/** A number as people type it: a comma is a decimal point, a true minus is a minus. Undefined when it is none. */
export function parsed(text: string): number | undefined {
  const plain = text.trim().replace(',', '.').replace('−', '-');
  if (!plain || !/^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(plain)) return undefined;
  const v = Number(plain);
  return Number.isFinite(v) ? v : undefined;
}

export type Doubt = { kind: 'none' } | { kind: 'noNumber' } | { kind: 'slip'; meant: number } | { kind: 'outside' };

/** Whether what was typed is worth a question. Several numbers, parted by blanks, are each looked at by whoever reads them. */
export function doubt(text: string, range: Usual | undefined, several = false): Doubt {
  if (!text.trim() || several) return { kind: 'none' };
  const v = parsed(text);
  if (v === undefined) return { kind: 'noNumber' };
  if (!range || (v >= range.least && v <= range.most)) return { kind: 'none' };
  for (const by of [1e-3, 1e3, 1e-6, 1e6]) {
    const meant = Number((v * by).toPrecision(12));
    if (meant >= range.least && meant <= range.most && Math.abs(meant) >= 1e-3) return { kind: 'slip', meant };
  }
  return { kind: 'outside' };
}

export const usualOf = (unit: string): Usual | undefined => usual[unit];
