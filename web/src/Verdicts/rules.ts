import type { Schemas } from '$lib/api/client';
import { number } from '$lib/format';
import { chemistryWords, classWords, kindWords, roleWords, signWords, traitWords } from '$lib/words';
import described from './rules.json';

/** JSON Schema, as far as the interface's document uses it. */
interface Schema {
  $ref?: string;
  type?: string | string[];
  enum?: (string | null)[];
  format?: string;
  description?: string;
  default?: unknown;
  required?: string[];
  properties?: Record<string, Schema>;
  items?: Schema;
  oneOf?: Schema[];
}

export interface Rule {
  /** Its path under /api/calc. */
  id: string;
  title: string;
  room: string;
  fields: Field[];
  example: unknown;
}

export interface Field {
  key: string;
  label: string;
  hint: string;
  kind: 'number' | 'text' | 'choice' | 'numbers' | 'texts' | 'many' | 'group' | 'rows';
  required: boolean;
  /** Told in the example: what one usually knows. */
  usual: boolean;
  whole: boolean;
  /** Values and their words. */
  options: [string, string][];
  /** Of a group, or of each row. */
  fields: Field[];
  /** As the rule takes it where it is left out. */
}

/** What stands in the fields: text until it is sent. */
export type Typed = string | boolean | string[] | Typed[] | { [key: string]: Typed };
export type TypedGroup = { [key: string]: Typed };

const schemas = described.schemas as unknown as Record<string, Schema>;

/** What a name ends with, and its unit. Longest first. */
const units: [string, string][] = [
  ['MillilitresPerSquareCentimetre', 'ml/cm²'],
  ['SquareCentimetres', 'cm²'],
  ['SquareMillimetres', 'mm²'],
  ['Centimetres', 'cm'],
  ['MilliampHours', 'mAh'],
  ['Micrometres', 'µm'],
  ['Millimetres', 'mm'],
  ['Millilitres', 'ml'],
  ['Microfarads', 'µF'],
  ['Millivolts', 'mV'],
  ['Milliohms', 'mΩ'],
  ['Microamps', 'µA'],
  ['Milliamps', 'mA'],
  ['Percent', '%'],
  ['Celsius', '°C'],
  ['Kelvin', 'K'],
  ['Litres', 'l'],
  ['Hertz', 'Hz'],
  ['Volts', 'V'],
  ['Watts', 'W'],
  ['Share', 'share of 1'],
  ['Ohms', 'Ω'],
  ['Amps', 'A'],
  ['Hours', 'h'],
  ['Minutes', 'min'],
  ['Years', 'years'],
  ['Days', 'days'],
  ['Rpm', 'rev/min'],
];

/** Of a name that is its unit and nothing else. */
const quantities: Record<string, string> = {
  MilliampHours: 'Capacity',
  Microfarads: 'Capacitance',
  Volts: 'Voltage',
  Ohms: 'Resistance',
  Amps: 'Current',
  Watts: 'Heat',
  Celsius: 'Temperature',
  Hertz: 'Frequency',
  Millilitres: 'Volume',
  Millimetres: 'Length',
  SquareMillimetres: 'Area',
  SquareCentimetres: 'Area',
  Minutes: 'Time',
  Hours: 'Time',
  Share: 'Share',
  Litres: 'Volume',
};

const whole: Record<string, string> = {
  Esr: 'ESR',
  esr: 'ESR',
  ph: 'pH',
  Ph: 'pH',
  id: 'Short name',
  lies: 'It lies',
  spec: 'The part',
  on: 'It lies on',
  windowFromYear: 'Machine from year',
  windowToYear: 'Machine to year',
  recapSchool: 'Recap',
  sku: 'Order number',
  holdMicrofarads: 'Capacitor beside the memory, µF',
  fromVolts: 'It starts at, V',
  leastVolts: 'The memory keeps down to, V',
  leastVoltsPerCell: 'Least volts of one cell, V',
};

/** A name of the interface as a person reads it, with its unit: "esrOhms" is "ESR, Ω". */
export function label(key: string): string {
  const said = whole[key];
  if (said) return said;
  const name = key.charAt(0).toUpperCase() + key.slice(1);
  const unit = units.find(([end]) => name.endsWith(end));
  const stem = unit ? name.slice(0, -unit[0].length) : name;
  const words = (stem || quantities[unit![0]] || unit![0])
    .replace(/([a-z\d])([A-Z])/g, '$1 $2')
    .replace(/([a-z])(\d)/g, '$1 $2')
    .split(' ')
    .map((w, i) => whole[w] ?? (i ? w.toLowerCase() : w))
    .join(' ');
  return unit ? `${words}, ${unit[1]}` : words;
}

/** What the interface's description says of a field, for whoever fills it in: null is a field left empty. */
export function hint(said: string): string {
  return said
    .replace(/\b[A-Z]\w+\.([A-Z]\w+)/g, (_, name: string) => label(name).split(',')[0]!)
    .replace(/\bdouble (?=ESR)/, '')
    .replace(/\bNull figures\b/, 'Figures left empty')
    .replace(/\bNull (?:is|was|means) /, 'Left empty: ')
    .replace(/\bnull (?:is|was|means) /, 'left empty: ')
    .replace(/\bNull\b/, 'Left empty')
    .replace(/\bnull\b/, 'left empty')
    .replace('Left empty: that ', 'Left empty: ')
    .replace('left empty: that ', 'left empty: ');
}

/** A word of the interface as a person reads it. */
export function word(value: string): string {
  const spaced = value.replace(/([a-z\d])([A-Z])/g, '$1 $2').toLowerCase();
  return spaced.charAt(0).toUpperCase() + spaced.slice(1);
}

const words: Record<string, Record<string, string>> = {
  CapacitorKind: kindWords,
  CapacitorRole: roleWords,
  CapacitorSign: signWords,
  CellChemistry: chemistryWords,
  MachineClass: classWords,
  Trait: traitWords,
  ThreeState: { notKnown: 'Not known', yes: 'Yes', no: 'No' },
};

const named = (s: Schema): [string, Schema] => {
  const inner = s.oneOf?.find((o) => o.$ref ?? o.type !== 'null') ?? s;
  const name = inner.$ref?.split('/').at(-1) ?? '';
  return [name, name ? { ...schemas[name]!, default: s.default ?? inner.default } : inner];
};

function fieldOf(key: string, given: Schema, required: boolean, example: unknown, depth: number): Field | undefined {
  const [name, s] = named(given);
  const types = [s.type ?? []].flat().filter((t) => t !== 'null');
  const type = types[0];
  const field: Field = {
    key,
    label: label(key),
    hint: hint(given.description ?? given.oneOf?.find((o) => o.description)?.description ?? ''),
    kind: 'text',
    required,
    usual: required || example !== undefined,
    whole: type === 'integer',
    options: [],
    fields: [],
  };
  const options = (of: string, e: Schema): [string, string][] =>
    (e.enum ?? []).filter((v) => v !== null).map((v) => [v, words[of]?.[v] ?? word(v)]);
  if (s.enum) return { ...field, kind: 'choice', options: options(name, s) };
  if (type === 'number' || type === 'integer') return { ...field, kind: 'number' };
  if (type === 'boolean')
    // Not said is a third answer, wherever somebody has to say: a tick that stands unset says nothing.
    return {
      ...field,
      kind: 'choice',
      options: [
        ['true', 'Yes'],
        ['false', 'No'],
      ],
    };
  if (type === 'string') return field;
  if (type === 'array') {
    const [of, item] = named(s.items ?? {});
    if (item.enum) return { ...field, kind: 'many', options: options(of, item) };
    if (item.type === 'number' || item.type === 'integer') return { ...field, kind: 'numbers' };
    if (item.type === 'string') return { ...field, kind: 'texts' };
    return depth > 5
      ? undefined
      : { ...field, kind: 'rows', fields: fieldsOf(item, (example as unknown[] | undefined)?.[0], depth + 1) };
  }
  if (s.properties && depth <= 5) return { ...field, kind: 'group', fields: fieldsOf(s, example, depth + 1) };
  return undefined;
}

function fieldsOf(s: Schema, example: unknown, depth = 0): Field[] {
  const given = (example ?? {}) as Record<string, unknown>;
  return Object.entries(s.properties ?? {})
    .map(([key, of]) => fieldOf(key, of, (s.required ?? []).includes(key), given[key], depth))
    .filter((f) => f !== undefined);
}

const rooms: Record<string, string> = {
  markings: 'Markings',
  batteries: 'Cells',
  boards: 'Photos of boards',
  capacitors: 'Capacitors',
  corrosion: 'Leaks and traces',
  thermal: 'Heat',
  soldering: 'Joints',
  cleaning: 'Cleaning',
  drying: 'Drying',
  colour: 'Colour',
  finish: 'Rust, paint and mending',
  mechanisms: 'Mechanisms',
  intake: 'Lots and originals',
  survey: 'Looking over and first power',
  stripdown: 'Apart and together',
  costs: 'Money',
  planning: 'The plan',
  proving: 'Proof',
};

/** Every rule that can be asked without a machine, from the interface's own description of it. */
export const rules: Rule[] = described.rules.map((r) => ({
  id: r.id,
  title: r.summary.replace(/\.$/, ''),
  room: rooms[r.id.split('/')[0]!] ?? word(r.id.split('/')[0]!),
  fields: fieldsOf(schemas[r.schema]!, r.example),
  example: r.example,
}));

/** Asked most at a bench, with the words they are asked in. */
export const usual: [string, string][] = [
  ['markings/capacitor', 'Read a marking'],
  ['capacitors/esr-limit', 'An ESR limit'],
  ['markings/date-code', 'A date code'],
  ['survey/load-resistor', 'A resistor for a load'],
  ['corrosion/jumper', 'Wire for a jumper'],
  ['corrosion/dilution', 'A dilution'],
];

/** Nothing in the fields. What the rule takes by itself where a thing is left out stays unsaid. */
export function blank(fields: Field[]): TypedGroup {
  return Object.fromEntries(fields.map((f) => [f.key, empty(f)]));
}

export function empty(f: Field): Typed {
  switch (f.kind) {
    case 'many':
      return [];
    case 'rows':
      return f.required ? [blank(f.fields)] : [];
    case 'group':
      return blank(f.fields);
    default:
      return '';
  }
}

/** The tick that says of a list that none of it is so: not the same as saying nothing. */
export const NONE = 'none of these';

/** “None of these” stands alone: whichever was ticked last holds. */
export function alone(before: string[] | undefined, now: string[]): string[] {
  if (!now.includes(NONE)) return now;
  return before?.includes(NONE) ? now.filter((x) => x !== NONE) : [NONE];
}

/** A body put back into the fields. */
export function fill(fields: Field[], body: unknown): TypedGroup {
  const given = (body ?? {}) as Record<string, unknown>;
  return Object.fromEntries(
    fields.map((f) => {
      const v = given[f.key];
      if (v === undefined || v === null) return [f.key, f.kind === 'rows' ? [] : empty(f)];
      switch (f.kind) {
        case 'many':
          return [f.key, (v as string[]).length || f.required ? (v as string[]) : [NONE]];
        case 'numbers':
          return [f.key, (v as number[]).join(' ')];
        case 'texts':
          return [f.key, (v as string[]).join('\n')];
        case 'rows':
          return [f.key, (v as unknown[]).map((row) => fill(f.fields, row))];
        case 'group':
          return [f.key, fill(f.fields, v)];
        default:
          return [f.key, String(v)];
      }
    }),
  );
}

/** What is sent: what was left empty is left out. Throws a sentence where a number is none. */
export function body(fields: Field[], typed: TypedGroup): Record<string, unknown> {
  const out: Record<string, unknown> = {};
  for (const f of fields) {
    const v = sent(f, typed[f.key]!);
    if (v !== undefined) out[f.key] = v;
  }
  return out;
}

function sent(f: Field, v: Typed): unknown {
  switch (f.kind) {
    case 'number':
      return number(v as string, f.label) ?? undefined;
    case 'many':
      return (v as string[]).includes(NONE) ? [] : (v as string[]).length || f.required ? v : undefined;
    case 'numbers': {
      const list = (v as string).split(/[\s;]+/).filter(Boolean);
      return list.length || f.required ? list.map((x) => number(x, f.label)!) : undefined;
    }
    case 'texts': {
      const list = (v as string)
        .split('\n')
        .map((x) => x.trim())
        .filter(Boolean);
      return list.length || f.required ? list : undefined;
    }
    case 'rows': {
      const list = v as TypedGroup[];
      return list.length || f.required ? list.map((row) => body(f.fields, row)) : undefined;
    }
    case 'group': {
      const inner = body(f.fields, v as TypedGroup);
      // A group of which nothing was said is not there.
      return Object.keys(inner).length > 0 || f.required ? inner : undefined;
    }
    case 'choice':
      return v === 'true' ? true : v === 'false' ? false : v || undefined;
    default:
      return (v as string).trim() || (f.required ? '' : undefined);
  }
}

type Verdict = Schemas['Verdict'];
export const isVerdict = (v: unknown): v is Verdict =>
  typeof v === 'object' && v !== null && 'outcome' in v && 'sentence' in v && 'reasons' in v;

/** The one sentence of an answer, for the list. */
export function sentence(answer: unknown): string {
  if (typeof answer !== 'object' || answer === null) return '';
  if ('sentence' in answer && typeof answer.sentence === 'string') return answer.sentence;
  const inside = Object.values(answer);
  for (const v of [...inside.filter(isVerdict), ...inside]) {
    const s = sentence(v);
    if (s) return s;
  }
  return Array.isArray(answer) && answer.length ? `${answer.length} ${answer.length === 1 ? 'line' : 'lines'}` : '';
}
