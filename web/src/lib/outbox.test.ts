import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import fc from 'fast-check';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from './api/client';
import { closeOfflineStore, keep, kept, merge, offlineStore, type PendingRequest } from './outbox';
import { Outbox } from './outbox.svelte';

const request = (label: string, more: Partial<PendingRequest> = {}): PendingRequest => ({
  machineId: 'm',
  method: 'POST',
  path: `/api/${label}`,
  body: { label },
  label,
  ...more,
});

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
  closeOfflineStore();
});

describe('two people’s edits', () => {
  it('keep what each changed', () => {
    expect(merge({ a: 1, b: 2 }, { a: 9, b: 2 }, { a: 1, b: 7 })).toEqual({ merged: { a: 9, b: 7 }, conflicts: [] });
  });
  it('conflict where both changed the same thing to something else', () => {
    expect(merge({ a: 1 }, { a: 2 }, { a: 3 }).conflicts).toEqual(['a']);
    expect(merge({ a: [1] }, { a: [2] }, { a: [2] }).conflicts).toEqual([]);
  });
  it('never lose a change of mine, and never undo one of theirs unseen', () => {
    const fields = fc.record({
      a: fc.integer({ min: 0, max: 3 }),
      b: fc.integer({ min: 0, max: 3 }),
      c: fc.integer({ min: 0, max: 3 }),
    });
    fc.assert(
      fc.property(fields, fields, fields, (base, mine, theirs) => {
        const { merged, conflicts } = merge(base, mine, theirs);
        for (const k of ['a', 'b', 'c'] as const) {
          if (mine[k] !== base[k]) expect(merged[k]).toBe(mine[k]);
          else expect(merged[k]).toBe(theirs[k]);
          if (mine[k] !== base[k] && theirs[k] !== base[k] && mine[k] !== theirs[k]) expect(conflicts).toContain(k);
        }
      }),
    );
  });
});

describe('the outbox', () => {
  it('sends in the order in which things were recorded', async () => {
    const sent: string[] = [];
    const box = new Outbox(async (_, path) => void sent.push(path));
    for (const l of ['a', 'b', 'c']) await box.put(request(l));
    await vi.waitFor(() => expect(box.requests).toEqual([]));
    expect(sent).toEqual(['/api/a', '/api/b', '/api/c']);
    expect(await (await offlineStore()).count('parcels')).toBe(0);
  });

  it('keeps everything on the device while the network is gone, and another visit sends it', async () => {
    const away = new Outbox(() => Promise.reject(new Problem(0, '', 'away')));
    await away.put(request('a'));
    await away.put(request('b', { photo: new Blob(['jpeg']) }));
    await vi.waitFor(() => expect(away.away).toBe(true));
    expect(await (await offlineStore()).count('parcels')).toBe(2);
    const sent: string[] = [];
    const later = new Outbox(async (_, path) => void sent.push(path));
    await later.start();
    await vi.waitFor(() => expect(sent).toEqual(['/api/a', '/api/b']));
  });

  it('puts aside what is refused, with the reason, and goes on with the rest', async () => {
    const sent: string[] = [];
    const box = new Outbox(async (_, path) => {
      if (path.endsWith('bad')) throw new Problem(400, '', 'That cannot be.');
      sent.push(path);
    });
    await box.put(request('bad'));
    await box.put(request('good'));
    await vi.waitFor(() => expect(sent).toEqual(['/api/good']));
    expect(box.refused[0]).toMatchObject({ label: 'bad', problem: 'That cannot be.', status: 400 });
    await box.forget(box.refused[0]!);
    expect(box.requests).toEqual([]);
  });

  it('holds back everything of a machine that was taken off the list until it is put back', async () => {
    let off = true;
    const sent: string[] = [];
    const box = new Outbox(async (_, path) => {
      if (off && !path.endsWith('other')) throw new Problem(410, '', 'was taken off the list');
      sent.push(path);
    });
    await box.put(request('one'));
    await box.put(request('two'));
    await box.put(request('other', { machineId: 'n' }));
    await vi.waitFor(() => expect(sent).toEqual(['/api/other']));
    await vi.waitFor(() => expect(box.requests.map((p) => p.label)).toEqual(['one', 'two']));
    off = false;
    await box.again('m');
    await vi.waitFor(() => expect(sent).toEqual(['/api/other', '/api/one', '/api/two']));
  });

  it('puts an edit on top of somebody else’s when they changed other fields, and asks when they changed the same', async () => {
    const bodies: unknown[] = [];
    const box = new Outbox(async (_, __, body, version) => {
      if (version === 0)
        throw new Problem(412, '', 'changed meanwhile', {}, { note: 'theirs', title: 'Lid', version: 3 });
      bodies.push([version, JSON.parse(body as string)]);
    });
    await box.put(
      request('a', { method: 'PUT', body: { title: 'Cover', note: '' }, base: { title: 'Lid', note: '' }, version: 0 }),
    );
    await vi.waitFor(() => expect(bodies).toEqual([[3, { title: 'Cover', note: 'theirs' }]]));
    await box.put(
      request('b', {
        method: 'PUT',
        path: '/api/b',
        body: { title: 'Cover', note: 'mine' },
        base: { title: 'Lid', note: '' },
        version: 0,
      }),
    );
    await vi.waitFor(() => expect(box.refused[0]?.problem).toContain('note'));
  });

  it('raises the version of the next edit of the same thing', async () => {
    const versions: (number | undefined)[] = [];
    let go = () => {};
    const gate = new Promise<void>((r) => (go = r));
    const box = new Outbox(async (_, __, ___, version) => {
      await gate;
      versions.push(version);
    });
    await box.put(request('a', { method: 'PUT', path: '/api/x', version: 4, base: {} }));
    await box.put(request('b', { method: 'PUT', path: '/api/x', version: 4, base: {} }));
    go();
    await vi.waitFor(() => expect(versions).toEqual([4, 5]));
  });

  it('asks anew who is here when its token is old, and loses nothing', async () => {
    let token = 'old';
    const sent: string[] = [];
    const box = new Outbox(
      async (_, path) => {
        if (token === 'old') throw new Problem(400, 'Load the page again', 'The page is out of date.');
        sent.push(path);
      },
      async () => void (token = 'new'),
    );
    await box.put(request('a'));
    await vi.waitFor(() => expect(sent).toEqual(['/api/a']));
    expect(box.refused).toEqual([]);
  });

  it('waits, and refuses nothing, while nobody has signed in', async () => {
    const renew = vi.fn(async () => undefined);
    const box = new Outbox(() => Promise.reject(new Problem(401, 'Sign in', 'Sign in first.')), renew);
    await box.put(request('a'));
    await vi.waitFor(() => expect(renew).toHaveBeenCalledOnce());
    await vi.waitFor(() => expect(box.sending).toBe(false));
    expect(box.waiting).toHaveLength(1);
  });

  it('can be put aside as a file', async () => {
    const box = new Outbox(() => Promise.reject(new Problem(0, '', 'away')));
    await box.put(request('a'));
    await box.put(request('b', { machineId: 'n' }));
    const file = JSON.parse(await (await box.file('m')).text()) as { requests: { label: string }[] };
    expect(file.requests.map((p) => p.label)).toEqual(['a']);
  });
});

describe('what is kept for when the network is gone', () => {
  it('is the last answer to each question', async () => {
    expect(await kept('x')).toBeUndefined();
    await keep('x', { a: 1 });
    await keep('x', { a: 2 });
    expect(await kept('x')).toEqual({ a: 2 });
  });
});
