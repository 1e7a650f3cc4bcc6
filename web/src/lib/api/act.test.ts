import { beforeEach, describe, expect, it, vi } from 'vitest';

const toast = vi.hoisted(() => Object.assign(vi.fn(), { error: vi.fn() }));
vi.mock('svelte-sonner', () => ({ toast }));
const { act, actAndGo, Sending, queries, undo } = await import('./act.svelte');
const { basedOn, Problem } = await import('./client');

const answer = (data: unknown, status = 200) => Promise.resolve({ data, response: new Response(null, { status }) });
const refused = (error: unknown, status: number) =>
  Promise.resolve({ data: undefined, error, response: new Response('{}', { status }) });

describe('an act', () => {
  beforeEach(() => {
    toast.mockReset();
    toast.error.mockReset();
  });

  it('says what was done, offers its undo and has every screen read again', async () => {
    const again = vi.spyOn(queries, 'invalidateQueries').mockResolvedValue();
    await act(answer({ logId: 'a1', sentence: 'Cell out.' }));
    expect(toast).toHaveBeenCalledWith(
      'Cell out.',
      expect.objectContaining({ action: expect.objectContaining({ label: 'Undo' }) as unknown }),
    );
    expect(again).toHaveBeenCalledOnce();
  });

  it('that leaves the page goes on at once, and does not when it is refused', async () => {
    const again = vi.spyOn(queries, 'invalidateQueries').mockReturnValue(new Promise(() => {}));
    const goOn = vi.fn();
    await actAndGo(answer({ logId: 'a1', sentence: 'Begun.' }), goOn);
    expect(goOn).toHaveBeenCalledOnce();
    expect(again).toHaveBeenCalled();
    await actAndGo(refused({ title: 'No', detail: 'Not yet.' }, 400), goOn).catch(() => {});
    expect(goOn).toHaveBeenCalledOnce();
  });

  it('that kept no record offers no undo', async () => {
    vi.spyOn(queries, 'invalidateQueries').mockResolvedValue();
    await act(answer({ logId: '00000000-0000-0000-0000-000000000000', sentence: 'Backup taken.' }));
    expect(toast).toHaveBeenCalledWith('Backup taken.', expect.objectContaining({ action: undefined }));
    await undo();
    expect(toast).toHaveBeenLastCalledWith(expect.stringContaining('Nothing to undo'));
  });

  it('that is refused throws its problem with the fields, and nothing is said', async () => {
    const problem = { title: 'No', detail: 'Ohms must be 0 or more.', errors: { ohms: ['0 or more.'] } };
    const thrown = await act(refused(problem, 400)).catch((e: unknown) => e);
    expect(thrown).toBeInstanceOf(Problem);
    expect((thrown as InstanceType<typeof Problem>).field('ohms')).toBe('0 or more.');
    expect(toast).not.toHaveBeenCalled();
  });

  it('says out of reach when nothing answers', async () => {
    const thrown = await act(Promise.reject(new TypeError('fetch failed'))).catch((e: unknown) => e);
    expect((thrown as InstanceType<typeof Problem>).status).toBe(0);
  });

  it('is based on a version in one way', () => {
    expect(basedOn(7)).toEqual({ 'If-Match': '"7"' });
  });
});

describe('sending', () => {
  it('is busy while it is sent and never sends twice at once', async () => {
    const form = new Sending();
    let through: (v: unknown) => void = () => {};
    const what = vi.fn(() => new Promise((r) => (through = r)));
    const first = form.send(what);
    await vi.waitFor(() => expect(form.busy).toBe(true));
    expect(await form.send(what)).toBe(false);
    through(1);
    expect(await first).toBe(true);
    expect(form.busy).toBe(false);
    expect(what).toHaveBeenCalledOnce();
  });

  it('keeps a problem and its fields until the next go', async () => {
    const form = new Sending();
    const wrong = new Problem(400, 'No', 'Wrong.', { name: ['Give it a name.'] });
    expect(await form.send(() => Promise.reject(wrong))).toBe(false);
    expect(form.problem?.detail).toBe('Wrong.');
    expect(form.field('name')).toBe('Give it a name.');
    expect(form.field('year')).toBeUndefined();
    expect(await form.send(() => Promise.resolve())).toBe(true);
    expect(form.problem).toBeUndefined();
  });

  it('turns whatever is thrown into a sentence, and forgets it when asked to', async () => {
    const form = new Sending();
    await form.send(() => Promise.reject(new Error('The meter is off its scale.')));
    expect(form.problem?.detail).toBe('The meter is off its scale.');
    form.forget();
    expect(form.problem).toBeUndefined();
  });
});
