import { execFile, spawn, type ChildProcess } from 'node:child_process';
import { mkdirSync, mkdtempSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type AddressInfo, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const app = process.env['HAAR_APP'] ?? join(root, 'artifacts/app');
const standIns = process.env['HAAR_STANDINS'] ?? join(app, 'standins');

/** Ports that nobody listens on. All are held until the last is found, so that no two are the same. */
async function freePorts(count: number): Promise<number[]> {
  const held = await Promise.all(
    Array.from(
      { length: count },
      () =>
        new Promise<Server>((resolve, reject) => {
          const s = createServer();
          s.once('error', reject);
          s.listen(0, '127.0.0.1', () => resolve(s));
        }),
    ),
  );
  const ports = held.map((s) => (s.address() as AddressInfo).port);
  await Promise.all(held.map((s) => new Promise((r) => s.close(r))));
  return ports;
}

/** Tells a process to end, and waits until it has. */
async function ended(p: ChildProcess | undefined) {
  if (!p || p.exitCode !== null || p.signalCode !== null) return;
  const gone = new Promise((r) => p.once('exit', r));
  p.kill('SIGTERM');
  await gone;
}

/** One running Haar with a data folder, a meter and suppliers of its own. Its demo workshop can be put back as it was. */
export class Haar {
  private standIns: ChildProcess | undefined;
  private asItWas: string | undefined;

  private constructor(
    readonly port: number,
    readonly meterPort: number,
    private readonly supplierPort: number,
    readonly folder: string,
    private web: ChildProcess,
    private readonly demo: boolean,
  ) {}

  get url() {
    return `http://127.0.0.1:${this.port}`;
  }

  static async open(demo = true): Promise<Haar> {
    const [port, meterPort, supplierPort] = (await freePorts(3)) as [number, number, number];
    const folder = mkdtempSync(join(tmpdir(), 'haar-e2e-'));
    const haar = new Haar(port, meterPort, supplierPort, folder, Haar.serve(port, folder, demo), demo);
    await haar.startStandIns();
    await haar.ready();
    await haar.pointMeter();
    if (demo) {
      await haar.pointSuppliers(supplierPort);
      haar.asItWas = join(mkdtempSync(join(tmpdir(), 'haar-e2e-was-')), 'haar.db');
      await haar.sqlite(`.backup '${haar.asItWas}'`);
    }
    return haar;
  }

  /** The database put back from its file, and a meter and suppliers that know of nothing: as if it had just been opened. */
  async putBack() {
    if (!this.asItWas) throw new Error('Only a demo workshop is put back.');
    await Promise.all([this.sqlite(`.restore '${this.asItWas}'`), this.startStandIns()]);
    for (const left of ['backups', 'passphrase']) rmSync(join(this.folder, left), { recursive: true, force: true });
    mkdirSync(join(this.folder, 'backups'));
  }

  private sqlite(command: string) {
    return promisify(execFile)('sqlite3', ['-cmd', '.timeout 20000', join(this.folder, 'haar.db'), command]);
  }

  private async startStandIns() {
    await ended(this.standIns);
    const assembly = join(standIns, 'Haar.StandIns.dll');
    const ports = ['--meter-port', String(this.meterPort), '--supplier-port', String(this.supplierPort)];
    const started = spawn('dotnet', [assembly, ...ports], { stdio: ['ignore', 'pipe', 'ignore'] });
    this.standIns = started;
    await new Promise<void>((resolve, reject) => {
      let said = '';
      started.stdout.on('data', (d: Buffer) => {
        said += d.toString();
        if (said.includes('Stand-in suppliers on')) resolve();
      });
      started.once('exit', (code) => reject(new Error(`The stand-ins ended with ${code}: ${said}`)));
    });
  }

  private static serve(port: number, folder: string, demo: boolean, ahead = '') {
    const args = [join(app, 'Haar.Web.dll'), '--urls', `http://127.0.0.1:${port}`, '--data', folder];
    args.push('--plan-seconds', '1');
    if (demo) args.push('--demo=true');
    if (ahead) args.push('--ahead', ahead);
    return spawn('dotnet', args, {
      env: { ...process.env, HAAR_WEB: join(root, 'web/dist'), DOTNET_TieredPGO: '0' },
      stdio: 'ignore',
    });
  }

  private async ready() {
    const until = Date.now() + 180_000;
    while (Date.now() < until) {
      try {
        if (
          (
            await fetch(`${this.url}/health`, {
              signal: AbortSignal.timeout(5_000),
            })
          ).ok
        )
          return;
      } catch {
        // Not open yet.
      }
      await new Promise((r) => setTimeout(r, 100));
    }
    throw new Error('Haar did not open.');
  }

  /** Ends it as a power cut would, without a word, and starts it again on what lies in its folder. */
  async crash() {
    const gone = new Promise((r) => this.web.once('exit', r));
    this.web.kill('SIGKILL');
    await gone;
    this.web = Haar.serve(this.port, this.folder, this.demo);
    await this.ready();
  }

  /** As if every supply that hangs on its load had done so for so many minutes more. */
  async onLoadFor(minutes: number) {
    await this.sqlite(
      `UPDATE PowerSteps SET OnLoadSince = OnLoadSince - ${minutes * 600_000_000} WHERE OnLoadSince IS NOT NULL`,
    );
  }

  /** Looks a machine over as another person would: every place sound, and no tube. */
  async lookOver(id: string) {
    const done = new Set<string>();
    for (;;) {
      const { rows } = await this.api<{ rows: { item: { id: string } }[] }>(`/api/machines/${id}/checklist`);
      const open = rows.map((r) => r.item.id).filter((i) => !done.has(i));
      if (!open.length) return;
      for (const item of open) {
        done.add(item);
        const answer = item === 'tube' ? 'notHere' : 'sound';
        const said = await this.act('POST', `/api/machines/${id}/checklist/${item}`, {
          answer,
          note: '',
          photoId: null,
        });
        if (!said.ok) throw new Error(await said.text());
      }
    }
  }

  /** Opened again with a clock of its own: from then on days pass in it as they are told. */
  async withDays() {
    await ended(this.web);
    const file = join(this.folder, 'days');
    writeFileSync(file, '0');
    this.web = Haar.serve(this.port, this.folder, this.demo, file);
    await this.ready();
    return async (days: number) => {
      writeFileSync(`${file}.new`, String(days));
      renameSync(`${file}.new`, file);
      // What waits for a day that has come sees it within a moment.
      await new Promise((r) => setTimeout(r, 400));
    };
  }

  /** Opened again at the true time. */
  async today() {
    await ended(this.web);
    rmSync(join(this.folder, 'days'), { force: true });
    this.web = Haar.serve(this.port, this.folder, this.demo);
    await this.ready();
  }

  async api<T = Record<string, unknown>>(path: string): Promise<T> {
    return (await (await fetch(this.url + path)).json()) as T;
  }

  /** An act from a script, as another client would do it. */
  async act(method: string, path: string, body?: unknown, headers: Record<string, string> = {}) {
    const session = await fetch(`${this.url}/api/session`);
    const { token } = (await session.json()) as { token: string };
    const cookie = session.headers
      .getSetCookie()
      .map((c) => c.split(';')[0])
      .join('; ');
    return fetch(this.url + path, {
      method,
      headers: {
        'Content-Type': 'application/json',
        'X-Haar-Token': token,
        Cookie: cookie,
        ...headers,
      },
      body: body === undefined ? undefined : JSON.stringify(body),
    });
  }

  /** A change from a script. */
  put(path: string, body: unknown, version: number) {
    return this.act('PUT', path, body, { 'If-Match': `"${version}"` });
  }

  private async pointMeter() {
    const s = await this.api<Record<string, unknown> & { version: number }>('/api/workshop/settings');
    const { name, eventName, eventDay, currency } = s;
    const r = await this.put(
      '/api/workshop/settings',
      {
        name,
        eventName,
        eventDay,
        currency,
        meterHost: '127.0.0.1',
        meterPort: this.meterPort,
        meterShowsPart: true,
      },
      s.version,
    );
    if (!r.ok) throw new Error(`The meter could not be set: ${await r.text()}`);
  }

  private async pointSuppliers(port: number) {
    for (const s of await this.api<
      {
        id: string;
        name: string;
        address: string;
        postage: number;
        freeFrom?: number;
        days: number;
        version: number;
      }[]
    >('/api/suppliers')) {
      const r = await this.put(
        `/api/suppliers/${s.id}`,
        {
          name: s.name,
          address: `http://127.0.0.1:${port}${new URL(s.address).pathname}`,
          postage: s.postage,
          freeFrom: s.freeFrom ?? null,
          days: s.days,
        },
        s.version,
      );
      if (!r.ok) throw new Error(`The supplier could not be set: ${await r.text()}`);
    }
  }

  async machine(name: string): Promise<string> {
    const w = await this.api<{ machines: { id: string; name: string }[] }>('/api/workshop');
    const m = w.machines.find((x) => x.name === name);
    if (!m) throw new Error(`There is no ${name}.`);
    return m.id;
  }

  async close() {
    await Promise.all([ended(this.web), ended(this.standIns)]);
    rmSync(this.folder, { recursive: true, force: true });
    if (this.asItWas) rmSync(dirname(this.asItWas), { recursive: true, force: true });
  }
}
