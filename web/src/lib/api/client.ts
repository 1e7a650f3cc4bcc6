import createClient from 'openapi-fetch';
import { atTheBench } from '../bench';
import { keep, kept } from '../outbox';
import type { components, paths } from './schema';

/**
 * What Haar answers: it always writes every property, also those that a request may leave out. Absent is null, never undefined.
 */
export type Full<T> = T extends (infer U)[] ? Full<U>[] : T extends object ? { [K in keyof T]-?: Full<T[K]> } : T;

export type Schemas = { [K in keyof components['schemas']]: Full<components['schemas'][K]> };

/** What went wrong, in a sentence; `status` 0 means that Haar could not be reached at all. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    readonly errors: Record<string, string[]> = {},
    readonly current: unknown = undefined,
    /** A person may decide otherwise, with a reason. */
    readonly mayBeOverruled = false,
  ) {
    super(detail);
  }

  /** The sentence for one field, or nothing. */
  field(name: string): string | undefined {
    return this.errors[name]?.[0];
  }
}

let token = '';

/** Taken from the session; sent with every act. */
export function useToken(value: string) {
  token = value;
}

/** What every act says of itself: its token, and who is at the bench of this device. */
function acting(): Record<string, string> {
  const by = atTheBench();
  return { 'X-Haar-Token': token, ...(by ? { 'X-Haar-By': encodeURIComponent(by) } : {}) };
}

export const api = createClient<paths>({ baseUrl: '' });
api.use({
  onRequest({ request }) {
    if (request.method !== 'GET') for (const [k, v] of Object.entries(acting())) request.headers.set(k, v);
    return request;
  },
});

/** The version that an edit was based on: whoever changed it meanwhile is not overwritten unseen. */
export const basedOn = (version: number) => ({ 'If-Match': `"${version}"` });

/** For bodies that are not JSON: photos and documents. */
export async function send<T>(path: string, body: Blob, method = 'POST'): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      body,
      headers: { ...acting(), 'Content-Type': body.type || 'application/octet-stream' },
    });
  } catch {
    throw away();
  }
  if (!response.ok) throw await problemOf(response);
  return (await response.json()) as T;
}

/** For the outbox: a ready body, with the version it was based on. Answers what was done. */
export async function sendRaw(
  method: string,
  path: string,
  body: Blob | string | undefined,
  version?: number,
): Promise<unknown> {
  const headers = acting();
  if (typeof body === 'string') headers['Content-Type'] = 'application/json';
  else if (body) headers['Content-Type'] = body.type || 'application/octet-stream';
  if (version !== undefined) Object.assign(headers, basedOn(version));
  let response: Response;
  try {
    response = await fetch(path, { method, body, headers });
  } catch {
    throw away();
  }
  if (!response.ok) throw await problemOf(response);
  return (await response.json()) as unknown;
}

/** The same question, answered from the offline store when Haar is out of reach. */
export async function askOrKept<T>(
  key: string,
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<Full<T>> {
  try {
    const answer = await ask(call);
    void keep(key, answer);
    return answer;
  } catch (e) {
    const old = e instanceof Problem && e.status === 0 ? await kept<Full<T>>(key) : undefined;
    if (old === undefined) throw e;
    return old;
  }
}

function away() {
  return new Problem(
    0,
    'Out of reach',
    'Haar cannot be reached: is it running, and is the network there? Nothing of yours is lost; try again.',
  );
}

async function problemOf(response: Response, parsed?: unknown): Promise<Problem> {
  let body = parsed as
    | {
        title?: string;
        detail?: string;
        errors?: Record<string, string[]>;
        current?: unknown;
        mayBeOverruled?: boolean;
      }
    | undefined;
  if (!body) {
    try {
      body = (await response.json()) as typeof body;
    } catch {
      body = undefined;
    }
  }
  return new Problem(
    response.status,
    body?.title ?? 'It did not work',
    body?.detail ?? 'Haar gave no reason. Nothing was changed.',
    body?.errors ?? {},
    body?.current,
    body?.mayBeOverruled,
  );
}

/** The data of a call, or a {@link Problem} thrown. */
export async function ask<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<Full<T>> {
  let result: { data?: T; error?: unknown; response: Response };
  try {
    result = await call;
  } catch {
    throw away();
  }
  if (!result.response.ok)
    throw await problemOf(result.response, typeof result.error === 'object' ? (result.error ?? undefined) : undefined);
  return result.data as Full<T>;
}
