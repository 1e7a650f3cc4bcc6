const prefixes: [number, string][] = [
  [1e9, 'G'],
  [1e6, 'M'],
  [1e3, 'k'],
  [1, ''],
  [1e-3, 'm'],
  [1e-6, 'µ'],
  [1e-9, 'n'],
  [1e-12, 'p'],
];

/** A number with at most `digits` significant figures and a true minus sign. */
export function plain(value: number, digits = 4): string {
  return Number(value.toPrecision(digits))
    .toLocaleString('en-GB', { maximumFractionDigits: 12, useGrouping: false })
    .replace('-', '−');
}

/** Value and unit apart, so that the unit can be set smaller. Capacitance takes µ, n and p only. */
export function si(value: number, unit: string, digits = 3): [string, string] {
  if (/^[A-Z]{3}$/.test(unit)) return [value.toFixed(2).replace('-', '−'), unit];
  if (value === 0 || unit === '%' || unit === '' || unit === 'years' || unit === '°C' || unit === 's')
    return [plain(value, digits), unit];
  const size = Math.abs(value);
  const fits = prefixes.find(
    ([f, p]) => size >= f * (1 - 1e-9) && !(unit === 'F' && ['m', 'k', 'M', 'G'].includes(p)),
  ) ?? [1e-12, 'p'];
  return [plain(value / fits[0], digits), fits[1] + unit];
}

export function siText(value: number, unit: string, digits = 3): string {
  const [v, u] = si(value, unit, digits);
  return u ? `${v} ${u}` : v;
}

/** What is left until an instant: "52 min", "2:10 h", "Thu", in the words of a bench clock. */
export function left(until: string, now: number): string {
  const minutes = Math.ceil((new Date(until).getTime() - now) / 60_000);
  if (minutes <= 0) return 'now';
  if (minutes < 60 * 24) return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
  return new Date(until).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric' });
}

export function minutes(m: number): string {
  if (m < 60) return `${m} min`;
  return m % 60 === 0 ? `${m / 60} h` : `${Math.floor(m / 60)} h ${String(m % 60).padStart(2, '0')}`;
}

/** A span of years as a person says it: weeks, months or years. */
export function years(y: number): string {
  if (y < 0.2) return `${Math.max(1, Math.round(y * 52))} weeks`;
  if (y < 1.5) return `${Math.round(y * 12)} months`;
  return `${plain(y, 2)} years`;
}

export function day(value: string): string {
  return new Date(value).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
}

export function moment(value: string): string {
  return new Date(value).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });
}

export function money(value: number, currency: string): string {
  return new Intl.NumberFormat('en-GB', { style: 'currency', currency }).format(value);
}

/** The sign of a currency, for a field's label: "€". */
export const currencySign = (currency: string): string =>
  new Intl.NumberFormat('en-GB', { style: 'currency', currency }).formatToParts(0).find((p) => p.type === 'currency')
    ?.value ?? currency;

/** A typed number, with a decimal comma taken for a point; undefined when empty, NaN when it is none. */
export function typed(text: string | number | null | undefined): number | undefined {
  const s = String(text ?? '')
    .trim()
    .replace('−', '-');
  if (s === '') return undefined;
  return /^[+-]?\d+(?:[.,]\d+)?(?:e[+-]?\d+)?$/i.test(s) ? Number(s.replace(',', '.')) : NaN;
}

/** The number, or null to leave it out; throws a sentence when it is none. */
export function number(text: string, name: string): number | null {
  const v = typed(text);
  if (v === undefined) return null;
  if (Number.isNaN(v)) throw new Error(`“${text}” is no number: ${name} takes digits and one point.`);
  return v;
}

/** As it stands inside a sentence: "Barrel cell" becomes "barrel cell", "SCSI drives" stays. */
export const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

export const lower = (s: string): string => (/^[A-Z][^A-Z]/.test(s) ? s.charAt(0).toLowerCase() + s.slice(1) : s);
