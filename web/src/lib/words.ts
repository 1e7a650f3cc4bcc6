import type { Schemas } from './api/client';

export type Stage = Schemas['Stage'];

/** Stages in order, with their words and the screens that belong to each. */
export const stages: { stage: Stage; word: string; short: string; screens: { screen: string; word: string }[] }[] = [
  {
    stage: 'arrive',
    word: 'Arrive',
    short: 'Arrive',
    screens: [
      { screen: 'arrive', word: 'What it is' },
      { screen: 'shipped', word: 'As shipped' },
      { screen: 'where', word: 'Where were we?' },
      { screen: 'costs', word: 'Money and hours' },
      { screen: 'log', word: 'Log' },
    ],
  },
  {
    stage: 'survey',
    word: 'Survey',
    short: 'Survey',
    screens: [
      { screen: 'survey', word: 'Look it over' },
      { screen: 'power', word: 'First power' },
      { screen: 'surveywork', word: 'Work' },
    ],
  },
  {
    stage: 'stripDown',
    word: 'Strip down',
    short: 'Strip',
    screens: [
      { screen: 'stripdown', word: 'Recorder' },
      { screen: 'before', word: 'Before you open it' },
      { screen: 'howdeep', word: 'How deep' },
      { screen: 'stripwork', word: 'Work' },
    ],
  },
  {
    stage: 'boards',
    word: 'Boards',
    short: 'Boards',
    screens: [
      { screen: 'capacitors', word: 'Board map' },
      { screen: 'battery', word: 'Battery' },
      { screen: 'boards', word: 'Work' },
    ],
  },
  {
    stage: 'case',
    word: 'Case',
    short: 'Case',
    screens: [
      { screen: 'case', word: 'Work' },
      { screen: 'cleaning', word: 'Cleaning' },
    ],
  },
  { stage: 'parts', word: 'Parts', short: 'Parts', screens: [{ screen: 'parts', word: 'Work' }] },
  {
    stage: 'rebuild',
    word: 'Rebuild',
    short: 'Rebuild',
    screens: [
      { screen: 'rebuild', word: 'Order' },
      { screen: 'fasteners', word: 'Fasteners' },
      { screen: 'nothingon', word: 'Nothing on?' },
      { screen: 'rebuildwork', word: 'Work' },
    ],
  },
  { stage: 'bringUp', word: 'Bring up', short: 'Bring up', screens: [{ screen: 'bringup', word: 'Work' }] },
  { stage: 'system', word: 'System', short: 'System', screens: [{ screen: 'system', word: 'Work' }] },
  {
    stage: 'prove',
    word: 'Prove',
    short: 'Prove',
    screens: [
      { screen: 'prove', word: 'Before and after' },
      { screen: 'provework', word: 'Work' },
    ],
  },
  { stage: 'handOver', word: 'Hand over', short: 'Hand', screens: [{ screen: 'handover', word: 'Write-up' }] },
];

/** A screen without what it is asked to begin with: "capacitors?mark=area" is "capacitors". */
export const nameOf = (screen: string) => screen.split('?')[0]!;

export function stageOf(screen: string) {
  return stages.find((s) => s.screens.some((x) => x.screen === nameOf(screen))) ?? stages[0]!;
}

export const firstScreen = (stage: Stage) => stages.find((s) => s.stage === stage)?.screens[0]?.screen ?? 'arrive';

type Words<T extends string> = Record<T, string>;

export const classWords: Words<Schemas['MachineClass']> = {
  unknown: 'Not known yet',
  eightBit: '8-bit',
  sixteenBit: '16-bit',
  level286: '286-level',
  level386: '386-level',
  level486: '486-level',
  level586: '586-level',
  level686: '686-level',
  level68k: '68k-level',
  risc: 'RISC',
  pocket: 'Pocket computer',
  terminal: 'Terminal',
};

export const traitWords: Words<Schemas['Trait']> = {
  pictureTube: 'Picture tube',
  internalMainsSupply: 'Mains supply inside',
  externalAdapter: 'Adapter outside',
  linearSupply: 'Linear supply',
  mainsFilterPaper: 'Moulded paper mains filter',
  barrelCell: 'Barrel cell',
  coinCell: 'Coin cell',
  hiddenCell: 'Cell hidden in a module',
  lithiumPack: 'Lithium pack',
  batteryBackedMemory: 'Memory kept by a cell',
  surfaceMountElectrolytics: 'Surface-mount electrolytics',
  lowEsrElectrolytics: 'Low-ESR electrolytics',
  scsiDrives: 'SCSI drives',
  ataDrives: 'ATA drives',
  floppyDrive: 'Floppy drive',
  tapeLoading: 'Tape loading',
  membraneKeyboard: 'Membrane keyboard',
  laser: 'Laser (optical drive, laser printer)',
  backlightInverter: 'Panel with inverter and cathode tubes',
  plasmaPanel: 'Plasma panel',
};

export const kindWords: Words<Schemas['CapacitorKind']> = {
  unknown: 'Not known',
  aluminiumRadial: 'Radial electrolytic',
  aluminiumAxial: 'Axial electrolytic',
  aluminiumSurfaceMount: 'Surface-mount electrolytic',
  aluminiumLowEsr: 'Low-ESR electrolytic',
  polymer: 'Polymer',
  tantalumBead: 'Tantalum bead',
  tantalumSurfaceMount: 'Surface-mount tantalum',
  film: 'Film',
  ceramic: 'Ceramic',
  mainsFilterPaper: 'Mains filter, moulded paper',
  mainsFilterFilm: 'Mains filter, film',
  doubleLayer: 'Double-layer backup',
  aluminiumBipolar: 'Bipolar electrolytic (NP, BP)',
};

export const roleWords: Words<Schemas['CapacitorRole']> = {
  unknown: 'Not known',
  bulk: 'Bulk',
  switchingOutput: 'Output of a switching supply',
  timing: 'Timing',
  coupling: 'Coupling (sound, signal)',
  decoupling: 'Decoupling',
  mainsFilter: 'Mains filter',
  backup: 'Backup',
  regulatorOutput: 'Output of a linear regulator',
};

export const signWords: Words<Schemas['CapacitorSign']> = {
  bulging: 'bulges',
  weeping: 'weeps',
  cracked: 'is cracked',
  fishySmell: 'smells of fish',
  dullJoint: 'dull joints',
  nearHeat: 'beside a hot part',
  earlierRepair: 'earlier repair',
};

export const chemistryWords: Words<Schemas['CellChemistry']> = {
  unknown: 'Not known',
  nickelCadmium: 'Nickel-cadmium',
  nickelMetalHydride: 'Nickel-metal hydride',
  alkaline: 'Alkaline',
  zincCarbon: 'Zinc-carbon',
  lithiumPrimary: 'Lithium CR, primary, 3 V',
  lithiumRechargeable: 'Lithium ML, rechargeable',
  leadAcid: 'Lead-acid',
  lithiumThionyl: 'Lithium-thionyl, 3.6 V (½AA, AA)',
  lithiumCarbonMonofluoride: 'Lithium BR, primary',
  lithiumIonCoin: 'Lithium-ion coin (LIR)',
  lithiumVanadium: 'Lithium coin VL, rechargeable',
  silverOxide: 'Silver oxide',
};

export const restorationPolicyWords: Words<Schemas['RestorationPolicy']> = {
  asShipped: 'As shipped',
  periodUpgrade: 'Period upgrade',
  modernInside: 'Modern inside',
};
export const recapPolicyWords: Words<Schemas['RecapPolicy']> = { evidence: 'By evidence', preventive: 'Preventive' };
export const keepsWords: Words<Schemas['KeptData']> = {
  nothing: 'Nothing',
  clock: 'The clock',
  settings: 'Firmware settings',
  userData: 'Somebody’s data',
  notKnown: 'Nobody has asked',
};
/** As an answer: what nobody knows stands last. */
export const threeWords: [Schemas['ThreeState'], string][] = [
  ['yes', 'Yes'],
  ['no', 'No'],
  ['notKnown', 'Don’t know'],
];

export const threeStateWords: Words<Schemas['ThreeState']> = { notKnown: 'Not known', yes: 'Yes', no: 'No' };
export const restsOnWords: Words<Schemas['RestsOn']> = {
  notKnown: 'Nobody looked',
  insulator: 'Wood, card, rubber or plastic',
  staticBag: 'A bag or mat for static',
  bareMetal: 'Bare metal',
};
export const ranWords: [Schemas['LastRan'], string][] = [
  ['never', 'Never'],
  ['forSomebody', 'For somebody'],
  ['here', 'Here'],
];
export const leftOffWords: Words<Schemas['LeftOff']> = {
  shield: 'Its shield',
  earthClip: 'Its earth clip',
  fan: 'Its fan',
  heatsink: 'Its heatsink',
  mainsCover: 'The cover of its supply or tube',
};
export const fittingWords: Words<NonNullable<Schemas['FittingStep']>> = {
  remove: 'Remove',
  checkPads: 'Look at the pads',
  mendPads: 'The lifted pad is mended',
  clean: 'Clean the pads',
  fit: 'Fit',
  checkWayRound: 'Check the way round',
  remeasure: 'Measure again',
};
export const latchWords: Words<Schemas['Latch']> = {
  notKnown: 'Not looked at',
  none: 'None',
  firm: 'Firm',
  weak: 'Weak',
};
export const orientationWords: Words<Schemas['Orientation']> = {
  notKnown: 'As it lies',
  asUsed: 'As used',
  upsideDown: 'Upside down',
  onBack: 'On its back',
  onFront: 'On its front',
  onLeftSide: 'On its left side',
  onRightSide: 'On its right side',
};
export const pieceWords: Words<Schemas['PieceKind']> = {
  other: 'Something else',
  cover: 'Cover',
  board: 'Board',
  module: 'Memory module',
  card: 'Card',
  drive: 'Drive',
  supply: 'Supply',
  display: 'Display',
  keyboard: 'Keyboard',
  fan: 'Fan',
  speaker: 'Speaker',
  cell: 'Cell or pack',
  cage: 'Cage or frame',
};
export const lookWords: Words<Schemas['LookAnswer']> = {
  notLooked: 'Not looked at',
  sound: 'Sound',
  bad: 'Bad',
  cannotTell: 'Cannot tell',
  notHere: 'Not here',
};
export const zoneWords: Words<Schemas['Zone']> = {
  outside: 'Outside',
  ports: 'Ports and leads',
  opening: 'On opening it',
  supply: 'Supply',
  board: 'Boards',
  cells: 'Cells',
  memory: 'Memory',
  drives: 'Drives',
  display: 'Display',
  keyboard: 'Keyboard',
};
export const fateWords: Words<Schemas['ItemFate']> = {
  notKnown: 'Not known',
  original: 'Original',
  swappedInPeriod: 'Swapped in period',
  swappedLater: 'Swapped later',
  added: 'Added',
  missing: 'Missing',
};
export const partStateWords: Words<Schemas['PartState']> = {
  good: 'Good',
  damaged: 'Damaged',
  missing: 'Missing',
  notKnown: 'Not tried',
};
export const lockWords: Words<Schemas['BoxLock']> = {
  free: 'As worked out',
  restore: 'Finish it',
  donor: 'Donor',
  aside: 'Keep aside',
};
export const observationWords: Words<Schemas['ObservationKind']> = {
  message: 'It said',
  beep: 'It beeped',
  errorCode: 'Error code',
  memoryCount: 'It counted',
  sound: 'Heard',
  smell: 'Smelled',
  picture: 'Picture',
};
export const standWords: Words<Schemas['FastenerStand']> = {
  inTray: 'in its tray',
  back: 'back',
  leftOver: 'left over',
  missingFromBefore: 'missing before you',
  wrong: 'wrong',
};
export const basisWords: Words<Schemas['Basis']> = { measured: 'measured', rule: 'by rule', guess: 'a guess' };
export const directionWords: Words<Schemas['Direction']> = {
  notKnown: 'Not known',
  up: 'Up',
  right: 'Right',
  down: 'Down',
  left: 'Left',
};
export const solderedWords: Words<Schemas['SolderedKind']> = {
  connector: 'A connector',
  switch: 'A switch',
  socket: 'A socket',
  chip: 'A chip',
  other: 'Something else',
};
export const solderWorkWords: Words<Schemas['SolderWork']> = {
  exchange: 'Exchange it',
  resolder: 'Solder its joints again',
};
export const fluxWords: Words<NonNullable<Schemas['Flux']>> = {
  inTheWire: 'Only the wire’s own',
  gel: 'Gel',
  liquid: 'Liquid',
};
export const lacquerWords: Words<Schemas['Lacquer']> = {
  notKnown: 'Not looked at',
  none: 'None',
  old: 'The maker’s',
  fresh: 'Fresh, put on here',
};
export const toolWords: Words<Schemas['SolderTool']> = {
  twoIrons: 'two irons',
  ironAndWick: 'iron and wick',
  hotAir: 'hot air',
};
export const experienceWords: Words<Schemas['SolderExperience']> = {
  never: 'Never',
  few: 'A few boards',
  practised: 'Many boards',
};
export const benchToolWords: Words<Schemas['BenchTool']> = {
  iron: 'an iron with a set temperature',
  flux: 'flux',
  wick: 'wick',
  secondIron: 'a second iron or hot tweezers',
  multimeter: 'a multimeter',
  esrMeter: 'an ESR meter',
  magnifier: 'a magnifier',
  fumeDraw: 'a fume draw',
};
export const leakWords: Words<Schemas['LeakSource']> = {
  notKnown: 'Not known',
  nickelCell: 'A nickel cell',
  alkalineCell: 'An alkaline cell',
  zincCarbonCell: 'A zinc-carbon cell',
  leadAcidCell: 'A lead-acid battery',
  capacitorElectrolyte: 'A capacitor',
  saltWater: 'Salt water',
  thionylCell: 'A lithium-thionyl cell, 3.6 V',
};
export const corrosionWords: Words<Schemas['CorrosionStage']> = {
  tarnish: '0, tarnish: copper dull under a whole mask',
  bloom: '1, bloom: green or white on top',
  maskLifted: '2, mask lifted',
  copperEaten: '3, copper eaten thin',
  open: '4, open: a trace or via is gone',
};
export const areaStepWords: Record<NonNullable<Schemas['AreaStep']>, string> = {
  neutralise: 'Neutralised',
  rinse: 'Rinsed',
  alcohol: 'Alcohol is on',
  dry: 'It is dry',
  mask: 'New mask is on',
};
export const fillerWords: Record<NonNullable<Schemas['GapFiller']>, string> = {
  paste: 'paste',
  putty: 'putty',
  pad: 'a pad',
};
export const noiseWords: Words<Schemas['FanNoise']> = {
  quiet: 'Quiet',
  hum: 'Hums',
  rattle: 'Rattles',
  scrape: 'Scrapes',
};
export const reactionWords: Words<Schemas['LeakReaction']> = { none: 'nothing', alkaline: 'alkali', acid: 'acid' };
export const orderWords: Words<Schemas['PartOrderState']> = {
  notSent: 'Not taken yet',
  sending: 'Being sent',
  confirmed: 'In the post',
  partlyHere: 'Part of it is here',
  here: 'Here',
  cancelled: 'Closed',
};

/** The three questions that come before any other at a machine. */
export const hazardQuestions: ['mainsLead' | 'tube' | 'battery', string][] = [
  ['mainsLead', 'Does it take a mains lead?'],
  ['tube', 'Is there a picture tube?'],
  ['battery', 'Is there a battery or cell?'],
];
export const hazardAnswers: [Schemas['ThreeState'], string][] = [
  ['yes', 'Yes'],
  ['no', 'No'],
  ['notKnown', 'Don’t know'],
];
export const likelihoodWords: Words<Schemas['Likelihood']> = { usual: 'usual', sometimes: 'sometimes', rare: 'rare' };

export const workForWords: Words<Schemas['WorkFor']> = {
  notSaid: 'Nobody has said',
  anyone: 'Anyone',
  whoSolders: 'Somebody who solders',
  theTrained: 'Somebody trained for mains and tubes',
};
