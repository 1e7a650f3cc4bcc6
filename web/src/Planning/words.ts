import type { Schemas } from '$lib/api/client';

export const skillWords: Record<Schemas['BenchSkill'], string> = {
  soldering: 'Solders',
  mains: 'Trained for mains and tubes',
};

export const airborneWords: Record<Schemas['Airborne'], string> = { dust: 'Dust', solvent: 'Solvents' };

export const placeWords: Record<Schemas['PlaceOpen'], string> = {
  always: 'Always',
  daylight: 'By daylight',
  outdoors: 'Outdoors, on days that are fit',
};

export const dayNames: Schemas['DayOfWeek'][] = [
  'monday',
  'tuesday',
  'wednesday',
  'thursday',
  'friday',
  'saturday',
  'sunday',
];

const date = (t: string | number) => new Date(t);

/** "18:30". */
export const clock = (t: string) => date(t).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

/** "Sat 28 Nov". */
export const weekday = (t: string | number) =>
  date(t).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });

/** "today", "tomorrow", "Sat 28 Nov". */
export function dayWord(t: string | number, now: number): string {
  const days = Math.round((startOfDay(date(t).getTime()) - startOfDay(now)) / 86_400_000);
  return days === 0 ? 'today' : days === 1 ? 'tomorrow' : weekday(t);
}

export function startOfDay(t: number): number {
  const d = new Date(t);
  d.setHours(0, 0, 0, 0);
  return d.getTime();
}

export const minutesOf = (t: { start: string; end: string }) =>
  Math.round((Date.parse(t.end) - Date.parse(t.start)) / 60_000);

/** Where a piece of work is done. */
export const pathOf = (t: { machineId: string; work: Schemas['WorkTask'] }) =>
  t.work.screen.startsWith('/') ? t.work.screen : `/m/${t.machineId}/${t.work.screen}`;
