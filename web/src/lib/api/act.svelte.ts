import { MutationObserver, QueryClient } from '@tanstack/svelte-query';
import { toast } from 'svelte-sonner';
import { api, ask, Problem, type Full } from './client';

export const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, staleTime: 5_000, refetchOnWindowFocus: true, networkMode: 'always' } },
});

type Said = { logId?: string; sentence?: string } | undefined;
const nothing = '00000000-0000-0000-0000-000000000000';
let last: string | undefined;

/** Does an act, says it with an undo, and has every screen read again. */
export async function act<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
  quiet = false,
): Promise<Full<T>> {
  const done = await ask(call);
  said(done as Said, quiet);
  await queries.invalidateQueries();
  return done;
}

/** Does an act and goes elsewhere: nobody waits until the screen that is left has been read again. */
export async function actAndGo<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
  goOn: (done: Full<T>) => void,
): Promise<void> {
  const done = await ask(call);
  said(done as Said);
  void queries.invalidateQueries();
  goOn(done);
}

/** Says what was done. */
export function said(done: Said, quiet = false) {
  if (!done?.sentence) return;
  const id = done.logId && done.logId !== nothing ? done.logId : undefined;
  last = id;
  if (quiet) return;
  toast(done.sentence, { duration: 6000, action: id ? { label: 'Undo', onClick: () => void undo(id) } : undefined });
}

/** Undoes one act, or the last one of this page. */
export async function undo(id = last) {
  if (!id) {
    toast('Nothing to undo on this page; the machine’s log has the rest.');
    return;
  }
  try {
    await act(api.POST('/api/log/{entryId}/undo', { params: { path: { entryId: id } } }));
  } catch (e) {
    toast.error(e instanceof Problem ? e.detail : 'It could not be undone.');
  }
}

const wentWrong = (e: unknown) =>
  e instanceof Problem ? e : new Problem(500, 'It did not work', e instanceof Error ? e.message : String(e));

/** State of one form or button: busy while it is sent, and what went wrong. A mutation that is never sent twice at once. */
export class Sending {
  private readonly mutation = new MutationObserver<unknown, unknown, () => Promise<unknown>>(queries, {
    mutationFn: (what) => what(),
    networkMode: 'always',
    retry: false,
  });
  private result = $state.raw(this.mutation.getCurrentResult());

  constructor() {
    this.mutation.subscribe((r) => (this.result = r));
  }

  get busy() {
    return this.result.isPending;
  }

  get problem(): Problem | undefined {
    return this.result.isError ? wentWrong(this.result.error) : undefined;
  }

  private last = $state.raw<((reason: string) => Promise<unknown>) | undefined>();

  /** Set when a person may decide otherwise than the answer: does the same act once more, with a reason. */
  get otherwise() {
    return this.problem?.mayBeOverruled ? this.last : undefined;
  }

  /** Sends an act that may be refused. When it is, and a person may decide otherwise, the note asks for a reason and sends it again. */
  decide(what: (reason: string | null) => Promise<unknown>): Promise<boolean> {
    this.last = async (reason) => {
      await what(reason);
      this.forget();
    };
    return this.send(() => what(null));
  }

  /** Whatever went wrong is forgotten: another sheet is opened. */
  forget() {
    this.mutation.reset();
  }

  /** Runs `what`; true when it went through. A problem is kept and not thrown. */
  async send(what: () => Promise<unknown>): Promise<boolean> {
    if (this.mutation.getCurrentResult().isPending) return false;
    try {
      await this.mutation.mutate(what);
      return true;
    } catch {
      return false;
    }
  }

  field(name: string) {
    return this.problem?.field(name);
  }
}
