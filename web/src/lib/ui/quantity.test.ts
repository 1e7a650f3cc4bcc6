import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { doubt, parsed, unitOf, usualOf } from './quantity';

describe('the unit of a label', () => {
  it.each([
    ['Diameter, mm', 'mm'],
    ['Capacitance, µF', 'µF'],
    ['Board on, with the load, volts', 'volts'],
    ['Volts', 'volts'],
    ['Ripple, millivolts peak to peak', 'mV'],
    ['From year', 'year'],
    ['Where it came from', ''],
    ['Money, EUR', ''],
  ])('%s is in “%s”', (label, unit) => expect(unitOf(label)).toBe(unit));
});

describe('a number as people type it', () => {
  it.each([
    ['11.5', 11.5],
    ['11,5', 11.5],
    [' 7 ', 7],
    ['−5', -5],
    ['.5', 0.5],
    ['5.', 5],
    ['1e-6', 1e-6],
  ])('“%s” is %d', (text, value) => expect(parsed(text)).toBe(value));

  it.each(['', ' ', 'much', '4R7', '1,000.5', '--5', 'Infinity', 'NaN', '0x10'])('“%s” is none', (text) =>
    expect(parsed(text)).toBeUndefined(),
  );

  it('is read back as it was written', () => {
    fc.assert(
      fc.property(fc.double({ noNaN: true, noDefaultInfinity: true }), (v) => {
        // Nobody types a negative nought.
        expect(parsed(String(v))).toBe(v + 0);
      }),
    );
  });
});

describe('a slip of the hand', () => {
  const mm = usualOf('mm');
  it('is nothing where the number is usual, nothing is typed, or nothing is known of it', () => {
    expect(doubt('4.7', mm)).toEqual({ kind: 'none' });
    expect(doubt('', mm)).toEqual({ kind: 'none' });
    expect(doubt('4700', undefined)).toEqual({ kind: 'none' });
    expect(doubt('71 72.5 71', usualOf('°C'), true)).toEqual({ kind: 'none' });
  });

  it('asks for the number a thousand off', () => {
    expect(doubt('4700', mm)).toEqual({ kind: 'slip', meant: 4.7 });
    expect(doubt('0.0047', mm)).toEqual({ kind: 'slip', meant: 4.7 });
    expect(doubt('5020', usualOf('V'))).toEqual({ kind: 'slip', meant: 5.02 });
  });

  it('only says what is usual where no slip explains it', () => {
    expect(doubt('1850', usualOf('year'))).toEqual({ kind: 'outside' });
    expect(doubt('-3', mm)).toEqual({ kind: 'outside' });
  });

  it('says that it is no number', () => {
    expect(doubt('much', mm)).toEqual({ kind: 'noNumber' });
  });

  it('never proposes what would itself be asked about', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-9, max: 1e9, noNaN: true }),
        fc.constantFrom('mm', 'V', 'µA', '°C'),
        (v, unit) => {
          const d = doubt(String(v), usualOf(unit));
          if (d.kind === 'slip') expect(doubt(String(d.meant), usualOf(unit))).toEqual({ kind: 'none' });
        },
      ),
    );
  });
});
