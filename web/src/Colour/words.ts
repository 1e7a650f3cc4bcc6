import type { Schemas } from '$lib/api/client';

export const policyWords: [Schemas['ColourPolicy'], string][] = [
  ['whiten', 'Whiten'],
  ['paint', 'Paint'],
  ['leave', 'Leave its age'],
];

export const cardWords: Record<Schemas['CardKind'], string> = {
  none: 'None',
  published: 'Bought, with values',
  printed: 'Printed by us',
  plainPaper: 'White paper',
};

export const lightWords: Record<Schemas['BleachLight'], string> = {
  notKnown: 'Not said',
  sun: 'Sun',
  lamp: 'Lamp, 365 to 405 nm',
  lampUvC: 'Lamp with UV-C',
};

export const bleachAsWords: Record<Schemas['BleachAs'], string> = { notKnown: 'Not said', bath: 'Bath', film: 'Film' };
