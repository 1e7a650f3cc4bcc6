import type { Schemas } from '$lib/api/client';

export const coatingWords: Record<Schemas['Coating'], string> = {
  notKnown: 'Not known',
  bare: 'Bare',
  zinc: 'Zinc, dull grey',
  yellowPassivated: 'Zinc, yellow and iridescent',
  cadmium: 'Cadmium, dull silver or golden',
  paint: 'Paint of after 1980',
  oldPaint: 'Old paint',
};

export const reachWords: Record<Schemas['Reach'], string> = {
  open: 'Open',
  folds: 'Folds, seams, tubes',
  working: 'Threads, rails, earth points',
};
