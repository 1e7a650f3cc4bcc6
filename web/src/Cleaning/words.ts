import type { Schemas } from '$lib/api/client';

type Words<T extends string> = Record<T, string>;

export const materialWords: Words<Schemas['Material']> = {
  notKnown: 'Not known',
  abs: 'ABS',
  polystyrene: 'Polystyrene',
  polycarbonate: 'Polycarbonate',
  pcAbs: 'PC/ABS',
  acrylic: 'Acrylic',
  nylon: 'Nylon',
  platedSteel: 'Plated steel',
  bareSteel: 'Bare steel',
  aluminium: 'Aluminium',
  magnesium: 'Magnesium',
  zincDieCast: 'Zinc die-cast',
  glass: 'Glass',
  coatedGlass: 'Coated glass',
  rubber: 'Rubber',
  foam: 'Foam',
  wood: 'Wood',
  leatherLike: 'Leather-like cover',
  membrane: 'Membrane',
  board: 'Board',
  connector: 'Connector',
  switch: 'Switch',
  bearing: 'Bearing',
};

export const featureWords: Words<Schemas['Feature']> = {
  printedLegend: 'Printed lettering',
  paperLabel: 'Paper label',
  foilLabel: 'Foil label',
  softTouch: 'Soft-touch coating',
  paint: 'Paint',
  markOfItsHistory: 'A mark that is to stay',
};

export const soilWords: Words<Schemas['Soil']> = {
  notKnown: 'Not known',
  dust: 'Dust',
  grease: 'Grease',
  vapourFilm: 'Tobacco or vapour film',
  odour: 'Smell',
  mould: 'Mould',
  droppings: 'Droppings',
  adhesive: 'Adhesive',
  paint: 'Paint that is to go',
  ink: 'Ink',
  oxide: 'Rust or oxide',
  salt: 'Salt',
  alkalineLeak: 'Alkaline leak',
  acidLeak: 'Acid leak',
  tarnish: 'Tarnish',
  crumbledFoam: 'Crumbled foam',
  driedHeatCompound: 'Dried heat compound',
  flux: 'Flux',
};

export const wetPartWords: Words<Schemas['WetPart']> = {
  notKnown: 'Not known',
  shell: 'A shell, a panel, key caps',
  hollowShell: 'A shell with posts and double walls',
  board: 'A board',
  connectors: 'Connectors, switches, slots',
  membrane: 'Foils on each other',
  coils: 'Coils',
  wood: 'Wood',
};

export const airWords: Words<Schemas['MovingAir']> = { still: 'Still', fan: 'A fan', dehydrator: 'A dehydrator' };

export const nailWords: Words<Schemas['NailFeels']> = {
  notKnown: 'Not tried',
  raised: 'Raised',
  level: 'Level',
  pitted: 'It falls in',
};

export const rungWords: Words<Schemas['RungState']> = {
  out: 'never here',
  noChance: 'no real chance',
  tried: 'had its turn',
  next: 'next',
  later: 'later',
};

export const trustWords: Words<Schemas['TrustKind']> = {
  plain: 'A case part: what one sees is what one gets',
  supply: 'A supply',
  wetDrive: 'A drive that was wet',
  board: 'A board',
  mechanism: 'Something that moves',
};

export const workingWords: Words<Schemas['KnownWorking']> = {
  notKnown: 'Nobody knows',
  seenHere: 'Seen working here',
  said: 'Somebody said so',
  knownBroken: 'It does not',
};

/** An item as it is sent when only a part of it is changed. */
export const editOf = (i: Schemas['CleanedItem']): Schemas['CleanedItemEdit'] => ({
  name: i.name,
  materials: i.facts.materials,
  features: i.facts.features,
  soils: i.facts.soils,
  on: null,
  inSight: i.facts.inSight,
  replacement: i.facts.replacement,
  hourWorth: i.facts.hourWorth,
  dries: i.dries,
  mains: i.mains,
  dryingCelsius: i.dryingCelsius,
  air: i.air,
  ownMaterials: null,
  ownSoils: null,
  pieceId: null,
  findingId: null,
  photoId: null,
  worth: null,
});
