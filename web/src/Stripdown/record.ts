import type { Schemas } from '$lib/api/client';
import type { PendingRequest } from '$lib/outbox';

export type Step = Schemas['StripStep'];
export type Row = Schemas['StripStepRow'] & {
  /** A photo that has not arrived yet. */ local?: Blob;
  /** Not all of it has arrived. */ pending?: boolean;
};

export const blankStep = {
  title: '',
  kind: 'other',
  lies: 'notKnown',
  behind: [],
  photoId: null,
  marks: [],
  wayRound: '',
  note: '',
  testBeforeCovered: '',
  exchangedFor: '',
  staysOut: false,
  afterJobId: null,
  latch: 'notKnown',
} satisfies Schemas['StripStepEdit'];

/** What of a step can be edited, as it stands. */
export function editOf(s: Step): Schemas['StripStepEdit'] {
  const {
    title,
    kind,
    lies,
    behind,
    photoId,
    marks,
    wayRound,
    note,
    testBeforeCovered,
    exchangedFor,
    staysOut,
    afterJobId,
    latch,
  } = s;
  return {
    title,
    kind,
    lies,
    behind,
    photoId,
    marks,
    wayRound,
    note,
    testBeforeCovered,
    exchangedFor,
    staysOut,
    afterJobId,
    latch,
  };
}

/**
 * The record as it will be once everything on this device has arrived: what Haar answered, with what still waits in the outbox
 * put on top, in the order in which it was recorded.
 */
export function overlay(rows: Schemas['StripStepRow'][], machineId: string, requests: PendingRequest[]): Row[] {
  const list: Row[] = rows.map((r) => ({ ...r, fasteners: [...r.fasteners], connectors: [...r.connectors] }));
  const photos = new Map<string, Blob>();
  const find = (id: string | undefined) => list.find((r) => r.step.id === id);
  const here = (p: PendingRequest) => !p.arrived;
  for (const p of requests.filter((x) => x.machineId === machineId)) {
    const photoId = /photos\?photoId=([0-9a-f-]+)/.exec(p.path)?.[1];
    if (photoId && p.photo) photos.set(photoId, p.photo);
    else if (p.method === 'POST' && p.path.endsWith('/strip/steps')) {
      const { id, step, at, by } = p.body as Schemas['StripStepAdd'];
      if (!find(id)) {
        const number = Math.max(0, ...list.map((r) => r.step.number)) + 1;
        list.push({
          step: {
            ...step,
            id,
            machineId,
            number,
            at: at ?? new Date().toISOString(),
            by,
            backAt: null,
            secondLookAt: null,
            testedAt: null,
            testSaid: '',
            dueBeforeCovered: step.testBeforeCovered,
            version: 0,
          },
          photoHash: null,
          fasteners: [],
          connectors: [],
          namedBy: [],
          pending: here(p),
        });
      }
    } else if (p.method === 'PUT' && p.path.includes('/strip/steps/')) {
      const r = find(p.path.split('/').at(-1));
      if (r)
        Object.assign(r, {
          step: { ...r.step, ...(p.body as Schemas['StripStepEdit']) },
          pending: r.pending || here(p),
        });
    } else if (p.method === 'POST' && p.path.endsWith('/fasteners')) {
      const r = find(p.path.split('/').at(-2));
      const { id, fastener } = p.body as Schemas['StripFastenerAdd'];
      if (r && !r.fasteners.some((f) => f.id === id)) {
        r.fasteners.push({ ...fastener, id, machineId, stepId: r.step.id, returns: [], version: 0 });
        r.pending ||= here(p);
      }
    } else if (p.method === 'POST' && p.path.endsWith('/connectors')) {
      const r = find(p.path.split('/').at(-2));
      const { id, connector } = p.body as Schemas['StripConnectorAdd'];
      if (r && !r.connectors.some((c) => c.id === id)) {
        r.connectors.push({ ...connector, id, machineId, stepId: r.step.id, backAt: null, version: 0 });
        r.pending ||= here(p);
      }
    }
  }
  for (const r of list)
    if (!r.photoHash && r.step.photoId && photos.has(r.step.photoId)) r.local = photos.get(r.step.photoId);
  return list;
}

/** "M3 × 6", its length in millimetres. */
export const size = (f: { thread: string; lengthMillimetres: number | null }) =>
  `${f.thread}${f.lengthMillimetres == null ? '' : ` × ${String(f.lengthMillimetres)}`}`;

/** The marks of a step, its fasteners and its leads, for one photo. */
export function marksOf(r: Row) {
  return [
    ...r.fasteners.flatMap((f) => f.marks.map((m) => ({ ...m }))),
    ...r.connectors.flatMap((c) => c.marks.map((m) => ({ ...m, brass: true }))),
    ...r.step.marks.map((m) => ({ ...m, brass: true })),
  ];
}

/** Sizes used on this machine, the most used first: most screws of one machine are of three or four kinds. */
export function usual(rows: Row[]) {
  const seen = new Map<string, { thread: string; lengthMillimetres: number | null; head: string; times: number }>();
  for (const f of rows.flatMap((r) => r.fasteners)) {
    const key = `${f.thread}|${String(f.lengthMillimetres)}|${f.head}`;
    const old = seen.get(key);
    if (old) old.times++;
    else seen.set(key, { thread: f.thread, lengthMillimetres: f.lengthMillimetres, head: f.head, times: 1 });
  }
  return [...seen.values()].sort((a, b) => b.times - a.times).slice(0, 5);
}

/** The tray after the last one used: C2 after C1. */
export function nextTray(trays: string[]) {
  const last = trays.at(-1);
  const m = last ? /^(.*?)(\d+)$/.exec(last) : null;
  return m ? `${m[1]}${Number(m[2]) + 1}` : 'A1';
}

/** Words of the bench for each kind of piece; the first that is found decides. */
const kindsByWord: [RegExp, Schemas['PieceKind']][] = [
  [/\b(supply|supplies|psu|power unit|transformer|inlet)\b/i, 'supply'],
  [/\b(cell|battery|pack)\b/i, 'cell'],
  [/\b(memory|module|simm|dimm|sipp)\b/i, 'module'],
  [/\b(display|tube|screen|panel assembly|lcd|monitor)\b/i, 'display'],
  [/\b(keyboard|keys)\b/i, 'keyboard'],
  [/\b(fan|blower)\b/i, 'fan'],
  [/\b(speaker|loudspeaker)\b/i, 'speaker'],
  [/\b(cage|frame|bracket|chassis|caddy|tray)\b/i, 'cage'],
  [/\b(drive|floppy|hard disk|optical)\b/i, 'drive'],
  [/\b(card|riser)\b/i, 'card'],
  [/\b(board|motherboard|mainboard|daughterboard)\b/i, 'board'],
  [/\b(lid|cover|panel|bezel|front|door|case|shell|shield|palm rest)\b/i, 'cover'],
];

/** What a piece is, by its name; "other" where the name does not say. */
export const guessKind = (title: string): Schemas['PieceKind'] =>
  kindsByWord.find(([word]) => word.test(title))?.[1] ?? 'other';
