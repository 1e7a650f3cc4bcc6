import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** One thing to be sent, kept on this device until Haar has it. */
export interface PendingRequest {
  /** Order in which it was put in; the order in which it is sent. */
  seq?: number;
  machineId: string;
  method: 'POST' | 'PUT' | 'DELETE';
  path: string;
  /** JSON, or a photo. */
  body?: unknown;
  photo?: Blob;
  /** In a word or two, for the person. */
  label: string;
  /** For an edit: the version it was based on, and what stood there then, so that two people's changes can be put together. */
  version?: number;
  base?: Record<string, unknown>;
  /** Where the present state of what is edited can be read. */
  tag?: string;
  /** Haar has it; it is shown from here until the screens have read it back, so that nothing flickers away between. */
  arrived?: boolean;
  /** Why Haar did not take it; it stays here until a person decides. */
  problem?: string;
  status?: number;
}

interface OfflineStore extends DBSchema {
  parcels: { key: number; value: PendingRequest };
  kept: { key: string; value: { key: string; value: unknown; at: number } };
}

let opened: Promise<IDBPDatabase<OfflineStore>> | undefined;

/** The offline store: what this device keeps when Haar is out of reach. */
export function offlineStore(): Promise<IDBPDatabase<OfflineStore>> {
  opened ??= openDB<OfflineStore>('haar', 1, {
    upgrade(db) {
      db.createObjectStore('parcels', { keyPath: 'seq', autoIncrement: true });
      db.createObjectStore('kept', { keyPath: 'key' });
    },
  });
  return opened;
}

/** For tests: forget that it was opened. */
export function closeOfflineStore() {
  opened = undefined;
}

/** Keeps the last answer to a question, for when the network is gone. */
export async function keep(key: string, value: unknown) {
  try {
    await (
      await offlineStore()
    ).put('kept', { key, value: JSON.parse(JSON.stringify(value)) as unknown, at: Date.now() });
  } catch {
    // A browser that keeps nothing (a private window, a full disk) still works while the network is there.
  }
}

export async function kept<T>(key: string): Promise<T | undefined> {
  try {
    return (await (await offlineStore()).get('kept', key))?.value as T | undefined;
  } catch {
    return undefined;
  }
}

/**
 * Puts one person's edit on top of another's: a field that only one of them changed is theirs; a field that both changed, and
 * not to the same, is a conflict that a person has to settle.
 */
export function merge(
  base: Record<string, unknown>,
  mine: Record<string, unknown>,
  theirs: Record<string, unknown>,
): { merged: Record<string, unknown>; conflicts: string[] } {
  const merged: Record<string, unknown> = { ...mine };
  const conflicts: string[] = [];
  const same = (a: unknown, b: unknown) => JSON.stringify(a ?? null) === JSON.stringify(b ?? null);
  for (const key of Object.keys(mine)) {
    const [b, m, t] = [base[key], mine[key], theirs[key]];
    if (same(m, b)) merged[key] = t ?? null;
    else if (!same(t, b) && !same(t, m)) conflicts.push(key);
  }
  return { merged, conflicts };
}
