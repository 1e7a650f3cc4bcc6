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

export const reachWords: Record<Schemas['ToolReach'], string> = {
  open: 'Open',
  folds: 'Folds, seams, tubes',
  working: 'Threads, rails, earth points',
};

export const mendingWords: Record<Schemas['MendingKind'], string> = {
  crack: 'A crack',
  scratches: 'Scratches',
  button: 'A button that sticks',
  feet: 'Feet',
  foam: 'Foam',
  sticker: 'A sticker',
  panelFault: 'Specks in a flat panel',
};

export const loadWords: Record<Schemas['CrackLoad'], string> = {
  notKnown: 'Not known',
  none: 'Nothing but itself',
  handling: 'A hand',
  screw: 'A screw, a hinge, a latch',
};

export const layerWords: Record<Schemas['PanelLayer'], string> = {
  notKnown: 'Not looked at',
  onTheFace: 'It wipes off',
  underTheFilm: 'It moves against the pixels',
  inTheCell: 'It stays with the pixels',
  behind: 'It moves behind the pixels, large and soft',
};
