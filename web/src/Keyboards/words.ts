import type { Schemas } from '$lib/api/client';

export const switchWords: Record<Schemas['KeySwitch'], string> = {
  notKnown: 'Not known',
  membrane: 'Two foils, pressed together',
  contacts: 'A switch of its own, metal contacts',
  foilOnFoam: 'A foil on foam, near a pad',
  rubberPill: 'Rubber with a conducting pill',
  magnet: 'A magnet, no contact',
};

export const troubleWords: [Schemas['KeyTrouble'], string][] = [
  ['none', 'Comes once'],
  ['sticks', 'Sticks'],
  ['dead', 'Nothing comes'],
  ['bounces', 'Comes twice'],
];

export const capStateWords: Record<Schemas['CapState'], string> = {
  on: 'on',
  off: 'off',
  missing: 'missing',
  donor: 'a donor’s, to go on',
  back: 'back',
};
