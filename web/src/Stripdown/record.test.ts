import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import type { PendingRequest } from '$lib/outbox';
import { blankStep, editOf, marksOf, nextTray, overlay, size, usual, guessKind } from './record';

const row = (number: number, title: string, more: Partial<Schemas['StripStepRow']> = {}): Schemas['StripStepRow'] => ({
  step: {
    ...blankStep,
    dueBeforeCovered: '',
    id: `s${number}`,
    machineId: 'm',
    number,
    title,
    at: '2026-11-25T10:00:00Z',
    by: '',
    backAt: null,
    secondLookAt: null,
    testedAt: null,
    testSaid: '',
    version: 2,
  },
  photoHash: null,
  fasteners: [],
  connectors: [],
  namedBy: [],
  ...more,
});
const fastener = {
  thread: 'M3',
  lengthMillimetres: 6,
  head: 'pan',
  count: 4,
  missingBefore: 0,
  hole: '',
  marks: [{ x: 0.1, y: 0.2, text: '1' }],
  tray: 'C2',
  pierces: '',
};
const post = (path: string, body: unknown): PendingRequest => ({
  machineId: 'm',
  method: 'POST',
  path: `/api/machines/m/strip/${path}`,
  body,
  label: '',
});

describe('the record with what still waits on this device', () => {
  it('puts a new step after the last, with its photo and fasteners', () => {
    const rows = overlay([row(1, 'Lid')], 'm', [
      { ...post('x', null), path: '/api/machines/m/photos?photoId=aaaa-1&caption=', photo: new Blob(['x']) },
      post('steps', { id: 'new', step: { ...blankStep, title: 'Cage', photoId: 'aaaa-1' }, at: null, by: 'phone' }),
      post('steps/new/fasteners', { id: 'f', fastener }),
      post('steps/new/connectors', {
        id: 'c',
        connector: { kind: 'ribbon', keyed: 'no', wayRound: '', route: '', marks: [] },
      }),
    ]);
    expect(rows.map((r) => [r.step.number, r.step.title, r.pending ?? false])).toEqual([
      [1, 'Lid', false],
      [2, 'Cage', true],
    ]);
    expect(rows[1]!.local).toBeInstanceOf(Blob);
    expect(rows[1]!.fasteners[0]!.count).toBe(4);
    expect(rows[1]!.connectors).toHaveLength(1);
  });

  it('shows an edit at once and leaves the answer as it was', () => {
    const answer = [row(1, 'Lid')];
    const rows = overlay(answer, 'm', [
      { ...post('steps/s1', { ...editOf(answer[0]!.step), title: 'Cover' }), method: 'PUT' },
    ]);
    expect(rows[0]!.step.title).toBe('Cover');
    expect(answer[0]!.step.title).toBe('Lid');
  });

  it('shows nothing twice once it has arrived, and nothing of another machine', () => {
    const arrived = row(1, 'Lid', {
      fasteners: [{ ...fastener, id: 'f', machineId: 'm', stepId: 's1', returns: [], version: 0 }],
    });
    const rows = overlay([arrived], 'm', [
      post('steps', { id: 's1', step: blankStep, at: null, by: '' }),
      post('steps/s1/fasteners', { id: 'f', fastener }),
      { ...post('steps', { id: 'z', step: blankStep, at: null, by: '' }), machineId: 'n' },
    ]);
    expect(rows).toHaveLength(1);
    expect(rows[0]!.fasteners).toHaveLength(1);
  });
});

describe('small helps at the bench', () => {
  it('offers the sizes most used, the most used first', () => {
    const f = (thread: string) => ({
      ...fastener,
      thread,
      id: thread,
      machineId: 'm',
      stepId: 's',
      returns: [],
      version: 0,
    });
    expect(usual([row(1, 'a', { fasteners: [f('M3'), f('6-32'), f('M3')] })]).map((u) => u.thread)).toEqual([
      'M3',
      '6-32',
    ]);
  });
  it('offers the tray after the last', () => {
    expect([nextTray([]), nextTray(['C2']), nextTray(['A1', 'B9']), nextTray(['lid'])]).toEqual([
      'A1',
      'C3',
      'B10',
      'A1',
    ]);
  });
  it('writes a size without a length that nobody measured', () => {
    expect([size({ thread: 'M3', lengthMillimetres: 6.5 }), size({ thread: 'clip', lengthMillimetres: null })]).toEqual(
      ['M3 × 6.5', 'clip'],
    );
  });
  it('gathers every mark of a step for its photo', () => {
    expect(
      marksOf(
        row(1, 'a', { fasteners: [{ ...fastener, id: 'f', machineId: 'm', stepId: 's', returns: [], version: 0 }] }),
      ),
    ).toEqual([{ x: 0.1, y: 0.2, text: '1' }]);
  });
});

describe('what has arrived but is not read back yet', () => {
  it('is shown, and no longer as on this device', () => {
    const rows = overlay([row(1, 'Lid')], 'm', [
      { ...post('steps', { id: 'new', step: { ...blankStep, title: 'Cage' }, at: null, by: '' }), arrived: true },
    ]);
    expect(rows.map((r) => [r.step.title, r.pending ?? false])).toEqual([
      ['Lid', false],
      ['Cage', false],
    ]);
  });
});

it('tells the kind of a piece by its name, so that a supply brings its caution', () => {
  const of = (t: string) => guessKind(t);
  expect(of('Power supply')).toBe('supply');
  expect(of('PSU')).toBe('supply');
  expect(of('Drive cage')).toBe('cage');
  expect(of('Floppy drive')).toBe('drive');
  expect(of('Clock battery')).toBe('cell');
  expect(of('Side panel')).toBe('cover');
  expect(of('Sound card')).toBe('card');
  expect(of('Cable clamp')).toBe('other');
  expect(of('Step 4')).toBe('other');
});
