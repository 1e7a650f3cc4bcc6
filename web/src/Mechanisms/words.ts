import type { Schemas } from '$lib/api/client';

export const mechanismWords: Record<Schemas['MechanismKind'], string> = {
  floppyDrive: 'Floppy drive',
  hardDrive: 'Hard drive, sealed',
  opticalDrive: 'Optical drive',
  tapeDrive: 'Tape drive',
  printer: 'Printer',
  fan: 'Fan',
  hinge: 'Hinge',
  latch: 'Latch',
  notKnown: 'Not known yet',
};

export const slidingWords: Record<Schemas['Sliding'], string> = {
  notKnown: 'Not known',
  metalOnMetal: 'Metal on metal',
  sinteredSleeve: 'A shaft in a sintered sleeve',
  ballBearing: 'A ball bearing',
  metalOnPlastic: 'Metal on plastic',
  plasticOnPlastic: 'Plastic on plastic',
  plasticGears: 'Plastic gears',
  rubberOrBelt: 'Belt, rubber roller, clutch',
  headOrOptics: 'Head or lens',
  contact: 'A contact',
};

export const lubricantWords: Record<Schemas['LubricantKind'], string> = {
  notKnown: 'Not said',
  none: 'None',
  lightOil: 'Light synthetic oil',
  sleeveOil: 'Sleeve oil',
  lithiumGrease: 'Lithium grease',
  plasticSafeGrease: 'Grease safe for plastics',
  siliconeGrease: 'Silicone grease',
  spray: 'Penetrating spray',
};
