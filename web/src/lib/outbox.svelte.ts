import { queries, said } from './api/act.svelte';
import { Problem, sendRaw } from './api/client';
import { merge, offlineStore, type PendingRequest } from './outbox';
import { session } from './session.svelte';

const waits = [1_000, 2_000, 4_000, 8_000, 15_000];

/**
 * What this device has recorded and Haar does not have yet. Everything recorded at the bench goes through here: it is written
 * to the device first, so that nothing is lost when the network goes or the phone sleeps, and sent in order as soon as it can be.
 */
export class Outbox {
  /** In the order in which they are sent. Updated whenever one is put in, sent, refused or thrown away. */
  requests = $state.raw<PendingRequest[]>([]);
  /** The network or Haar is gone. */
  away = $state(false);
  sending = $state(false);
  /** Sent since the outbox was last empty, for progress. */
  sent = $state(0);
  private tries = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private loaded: Promise<void> | undefined;

  waiting = $derived(this.requests.filter((p) => !p.problem && !p.arrived));
  refused = $derived(this.requests.filter((p) => p.problem));

  /**
   * @param send one request.
   * @param renew asks again who is here: a page that was opened with the network gone has an old token.
   */
  constructor(
    private readonly send: (
      method: string,
      path: string,
      body: Blob | string | undefined,
      version?: number,
    ) => Promise<unknown> = sendRaw,
    private readonly renew: () => Promise<unknown> = () => session.load(),
  ) {}

  /** Reads what an earlier visit left, and begins to send. Called once the person is signed in. */
  start() {
    this.loaded ??= this.read().then(() => void this.drain());
    if (typeof window !== 'undefined') {
      window.addEventListener('online', () => void this.drain(true));
      document.addEventListener(
        'visibilitychange',
        () => document.visibilityState === 'visible' && void this.drain(true),
      );
    }
    return this.loaded;
  }

  private async read() {
    try {
      this.requests = await (await offlineStore()).getAll('parcels');
    } catch {
      this.requests = [];
    }
  }

  /** Keeps a request and sends it when its turn comes. */
  async put(request: PendingRequest) {
    const plain = {
      ...request,
      body: request.body === undefined ? undefined : (JSON.parse(JSON.stringify(request.body)) as unknown),
    };
    try {
      plain.seq = await (await offlineStore()).add('parcels', plain);
    } catch {
      // Nothing can be kept on this device: it is sent from memory.
      plain.seq = (this.requests.at(-1)?.seq ?? 0) + 1;
    }
    this.requests = [...this.requests, plain];
    void this.drain();
  }

  private async drop(seq: number, arrived = false) {
    try {
      await (await offlineStore()).delete('parcels', seq);
    } catch {
      // It was in memory only.
    }
    this.requests = arrived
      ? this.requests.map((p) => (p.seq === seq ? { ...p, arrived } : p))
      : this.requests.filter((p) => p.seq !== seq);
  }

  private async change(request: PendingRequest) {
    try {
      await (await offlineStore()).put('parcels', request);
    } catch {
      // It is in memory only.
    }
    this.requests = this.requests.map((p) => (p.seq === request.seq ? request : p));
  }

  /** Sends what can be sent, one after the other. */
  async drain(now = false): Promise<void> {
    if (this.sending) return;
    if (this.timer) {
      if (!now) return;
      clearTimeout(this.timer);
      this.timer = undefined;
    }
    this.sending = true;
    let any = false;
    let renewed = false;
    try {
      for (;;) {
        // What depends on something refused stays behind it: nothing of the same machine overtakes it.
        const next = this.requests.find(
          (p) => !p.problem && !p.arrived && !this.refused.some((r) => r.status === 410 && r.machineId === p.machineId),
        );
        if (!next) {
          if (!this.waiting.length) this.sent = 0;
          break;
        }
        try {
          const done = await this.send(
            next.method,
            next.path,
            next.photo ?? (next.body === undefined ? undefined : JSON.stringify(next.body)),
            next.version,
          );
          await this.drop(next.seq!, true);
          // Nothing pops up at the bench for each screw, but undo knows what was last done.
          said(done as Parameters<typeof said>[0], true);
          renewed = false;
          this.sent++;
          this.tries = 0;
          this.away = false;
          any = true;
          this.raise(next);
        } catch (e) {
          const p = e instanceof Problem ? e : new Problem(500, '', String(e));
          if ((p.status === 401 || p.title === 'Load the page again') && !renewed) {
            renewed = true;
            await this.renew();
            continue;
          }
          if (
            p.status === 401 ||
            p.status === 0 ||
            p.status === 503 ||
            p.status === 502 ||
            p.status === 504 ||
            p.status === 429
          ) {
            this.away = p.status === 0;
            this.timer = setTimeout(
              () => {
                this.timer = undefined;
                void this.drain();
              },
              waits[Math.min(this.tries++, waits.length - 1)],
            );
            break;
          }
          if (p.status === 412 && next.base && p.current) {
            const theirs = p.current as Record<string, unknown> & { version: number };
            const { merged, conflicts } = merge(next.base, next.body as Record<string, unknown>, theirs);
            if (!conflicts.length) {
              await this.change({ ...next, body: merged, version: theirs.version, base: theirs });
              continue;
            }
            await this.change({
              ...next,
              problem: `Somebody else changed ${conflicts.join(' and ')} too: theirs stands, yours is kept here.`,
              status: 412,
              base: theirs,
              version: theirs.version,
            });
            continue;
          }
          await this.change({ ...next, problem: p.detail || p.message, status: p.status });
        }
      }
    } finally {
      this.sending = false;
    }
    if (any) await queries.invalidateQueries();
    // What has arrived is let go once the screens have read it back; with the network gone again they have not.
    if (!this.away && !this.sending && this.requests.some((p) => p.arrived))
      this.requests = this.requests.filter((p) => !p.arrived);
  }

  /** An edit that was sent raises the version that the next edit of the same thing was based on. */
  private raise(sentOne: PendingRequest) {
    if (sentOne.method !== 'PUT' || sentOne.version === undefined) return;
    this.requests = this.requests.map((p) =>
      p.method === 'PUT' && p.path === sentOne.path && p.version !== undefined ? { ...p, version: p.version + 1 } : p,
    );
  }

  /** Tries a refused request again, and everything behind it. */
  async again(machineId: string) {
    for (const p of this.refused.filter((x) => x.machineId === machineId))
      await this.change({ ...p, problem: undefined, status: undefined });
    await this.drain(true);
  }

  /** A person decides to let go of what was refused. */
  async forget(request: PendingRequest) {
    await this.drop(request.seq!);
    await this.drain(true);
  }

  /** Everything that is kept here for a machine, as one file that a person can put aside. */
  async file(machineId: string): Promise<Blob> {
    const list = await Promise.all(
      this.requests
        .filter((p) => p.machineId === machineId && !p.arrived)
        .map(async ({ photo, ...p }) => ({ ...p, photo: photo ? await dataUrl(photo) : undefined })),
    );
    return new Blob([JSON.stringify({ format: 'haar-outbox', version: 1, machineId, requests: list }, null, 1)], {
      type: 'application/json',
    });
  }
}

function dataUrl(blob: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const r = new FileReader();
    r.onload = () => resolve(r.result as string);
    r.onerror = () => reject(new Error('A photo could not be read.'));
    r.readAsDataURL(blob);
  });
}

export const outbox = new Outbox();
