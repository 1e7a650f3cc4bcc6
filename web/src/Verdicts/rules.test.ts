import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it, test } from 'vitest';
import { alone, NONE, blank, body, fill, hint, label, rules, sentence, usual, type Field } from './rules';

const doc = JSON.parse(readFileSync(join(import.meta.dirname, '../../openapi/haar.json'), 'utf8')) as {
  paths: Record<string, unknown>;
};

/** A text of nothing may be left out. */
const withoutStandards = (of: unknown): unknown =>
  Array.isArray(of)
    ? of.map(withoutStandards)
    : typeof of === 'object' && of !== null
      ? Object.fromEntries(
          Object.entries(of)
            .filter(([, v]) => v !== '')
            .map(([k, v]) => [k, withoutStandards(v)]),
        )
      : of;

describe('the rules of the interface', () => {
  it('are all there, each with a title, fields and an example', () => {
    expect(rules.map((r) => `/api/calc/${r.id}`)).toEqual(
      Object.keys(doc.paths).filter((p) => p.startsWith('/api/calc/')),
    );
    for (const r of rules) {
      expect(r.title, r.id).not.toBe('');
      expect(r.fields.length, r.id).toBeGreaterThan(0);
    }
    expect(usual.map(([id]) => id).filter((id) => !rules.some((r) => r.id === id))).toEqual([]);
  });

  for (const r of rules)
    test(`${r.id}: its example goes through the fields and comes out as it was`, () => {
      expect(withoutStandards(body(r.fields, fill(r.fields, r.example)))).toEqual(withoutStandards(r.example));
    });

  it('sends nothing that nobody typed', () => {
    const r = rules.find((x) => x.id === 'survey/load-resistor')!;
    expect(body(r.fields, blank(r.fields))).toEqual({});
    expect(() => body(r.fields, { volts: 'five', amps: '1' })).toThrow('is no number');
    expect(body(r.fields, { volts: '4,9', amps: '1' })).toEqual({ volts: 4.9, amps: 1 });
  });

  it('knows none of these from nothing said', () => {
    const r = rules.find((x) => x.id === 'capacitors/judge')!;
    const sent = (signs: string[]) => body(r.fields, { ...fill(r.fields, r.example), signs })['signs'];
    expect([sent([]), sent([NONE]), sent(['bulging'])]).toEqual([undefined, [], ['bulging']]);
    expect(alone(['bulging'], ['bulging', NONE])).toEqual([NONE]);
    expect(alone([NONE], [NONE, 'bulging'])).toEqual(['bulging']);
  });

  it('says names as a person reads them, with their units', () => {
    expect(label('esrOhms')).toBe('ESR, Ω');
    expect(label('drainMicroamps')).toBe('Drain, µA');
    expect(label('microfarads')).toBe('Capacitance, µF');
    expect(label('ratedVolts')).toBe('Rated, V');
    expect(label('milliampHours')).toBe('Capacity, mAh');
    expect(label('wantedPercent')).toBe('Wanted, %');
    expect(label('ph')).toBe('pH');
    expect(label('esrRatioAt100Kilohertz')).toBe('ESR ratio at 100 kilohertz');
    expect(label('cellsInSeries')).toBe('Cells in series');
  });

  it('speaks of empty fields, not of null', () => {
    expect(hint('From its data sheet; null when there is none.')).toBe(
      'From its data sheet; left empty when there is none.',
    );
    expect(hint('Null was not measured.')).toBe('Left empty: not measured.');
    const said: string[] = [];
    const all = (fields: Field[]) => fields.forEach((f) => (said.push(f.hint), all(f.fields)));
    rules.forEach((r) => all(r.fields));
    expect(said.filter((h) => /\bnull\b|\b[A-Z]\w+\.[A-Z]/i.test(h))).toEqual([]);
  });

  it('finds the sentence of an answer, wherever it stands', () => {
    expect(sentence({ ohms: 5, verdict: { sentence: 'So much.' } })).toBe('So much.');
    expect(sentence([{ sentence: 'First.' }])).toBe('First.');
    expect(sentence({ a: 1 })).toBe('');
  });
});
