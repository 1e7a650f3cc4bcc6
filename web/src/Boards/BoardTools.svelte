<!-- @component A new board, a board's plan from a pack or an earlier board, its list taken from a table or given as one, and the plan kept. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import Field from '$lib/ui/Field.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  let { id, board, ondone }: { id: string; board?: Schemas['BoardSheet']; ondone: (boardId?: string) => void } =
    $props();
  const example = 'C1 47 16V\nC2 100/16 radial electrolytic\nC3 226C surface-mount tantalum';
  let name = $state('');
  let text = $state('');
  let notes = $state<string[]>([]);
  let left = $state<string[]>([]);
  const make = new Sending();
  const form = new Sending();
  const plan = new Sending();
  const keep = new Sending();
  const plans = createQuery(() => ({
    queryKey: ['plans', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/plans', { params: { path: { id } } })),
  }));
  let from = $state('');
  let keepId = $state('');
  let keepName = $state('');
  async function add() {
    const done = await act(
      api.POST('/api/machines/{id}/boards', { params: { path: { id } }, body: { name, photoId: null } }),
    );
    ondone(done.id ?? undefined);
  }
  async function takePlan() {
    const p = plans.data?.[Number(from)];
    if (!p) return;
    await act(
      api.POST('/api/machines/{id}/boards/{boardId}/plan', {
        params: { path: { id, boardId: board!.id } },
        body: { profileId: p.profileId ?? null, boardId: p.boardId ?? null },
      }),
    );
    ondone(board!.id);
  }
  async function keepPlan() {
    await act(
      api.POST('/api/machines/{id}/boards/{boardId}/keep', {
        params: { path: { id, boardId: board!.id } },
        body: { profileId: keepId, name: keepName },
      }),
    );
    keepId = keepName = '';
  }
  async function take(leaveOut = false) {
    const done = await act(
      api.POST('/api/machines/{id}/boards/{boardId}/csv', {
        params: { path: { id, boardId: board!.id } },
        body: { text, leaveOut },
      }),
    );
    notes = done.notes;
    left = done.leftOut;
    text = '';
    if (!notes.length && !left.length) ondone(board!.id);
  }
</script>

{#if board}
  <form
    class="grid gap-3"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(() => take());
    }}
  >
    <h3 class="text-lg font-bold">A list for {board.name}</h3>
    <ProblemNote problem={form.problem} />
    {#if form.problem && text.trim()}<button
        type="button"
        class="act justify-self-start"
        onclick={() => form.send(() => take(true))}>Leave those lines out and take the rest</button
      >{/if}
    {#if left.length}<div role="status">
        <p class="font-semibold">Left out:</p>
        <ul class="text-sm">
          {#each left as n (n)}<li>{n}</li>{/each}
        </ul>
      </div>{/if}
    {#if notes.length}<div role="status">
        <p class="font-semibold">Taken, with what was ambiguous:</p>
        <ul class="text-sm">
          {#each notes as n (n)}<li>{n}</li>{/each}
        </ul>
      </div>{/if}
    <TextField
      label="One part a line"
      hint="As you have it: “C1 47 16V”, “C1-C3: 10u 50V 5x11”, “3x 100/16 C4, C5, C6”; or a table with its column names. What cannot be read is named, and can be left out."
      bind:value={text}
      rows={8}
      mono
      required
      placeholder={example}
    />
    <Field label="Or a file"
      >{#snippet children(f)}<input
          class="input py-2"
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          onchange={async (e) => {
            const file = e.currentTarget.files?.[0];
            if (file) text = file.size > 2_500_000 ? '' : await file.text();
            if (file && file.size > 2_500_000)
              await form.send(() => Promise.reject(new Error('A board’s list is at most 2 MB; nothing was taken.')));
          }}
          {...f}
        />{/snippet}</Field
    >
    <div class="flex items-center gap-5">
      <button class="btn" disabled={form.busy || !text.trim()}>Take the list</button><a
        class="act"
        href="/api/machines/{id}/boards/{board.id}/csv"
        download="{board.name}.csv">Give this board’s list</a
      >
    </div>
  </form>
  <form
    class="mt-7 grid gap-3 sill pt-5 sm:grid-cols-[1fr_auto]"
    onsubmit={(e) => {
      e.preventDefault();
      void plan.send(takePlan);
    }}
  >
    <h3 class="text-lg font-bold sm:col-span-2">A plan for {board.name}</h3>
    <div class="sm:col-span-2"><ProblemNote problem={plan.problem} /></div>
    <SelectField
      label="From a pack, or an earlier board of the same kind"
      hint="Adds what this board has not; nothing that is here is changed."
      bind:value={from}
      options={(plans.data ?? []).map(
        (p, i) =>
          [String(i), `${p.name}, ${p.from}: ${p.capacitors} capacitors${p.nets ? `, ${p.nets} nets` : ''}`] as const,
      )}
    />
    <button class="btn self-center" disabled={plan.busy || from === ''}>Take the plan</button>
  </form>
  <form
    class="mt-7 grid gap-3 sill pt-5 sm:grid-cols-[1fr_1fr_auto]"
    onsubmit={(e) => {
      e.preventDefault();
      void keep.send(keepPlan);
    }}
  >
    <h3 class="text-lg font-bold sm:col-span-3">Keep what is marked as a plan</h3>
    <div class="sm:col-span-3"><ProblemNote problem={keep.problem} /></div>
    <TextField
      label="Its short name"
      error={keep.field('profileId')}
      hint="Lower-case letters, digits, hyphens."
      bind:value={keepId}
      required
      maxlength={60}
    />
    <TextField
      label="What it is"
      error={keep.field('name')}
      hint="Goes into this workshop’s own pack."
      bind:value={keepName}
      required
      maxlength={80}
    />
    <button class="btn self-center" disabled={keep.busy}>Keep the plan</button>
  </form>
{/if}
<form
  class="grid gap-3 sm:grid-cols-[1fr_auto] {board ? 'mt-7 sill pt-5' : ''}"
  onsubmit={(e) => {
    e.preventDefault();
    void make.send(add);
  }}
>
  <div class="sm:col-span-2"><ProblemNote problem={make.problem} /></div>
  <TextField
    label="Another board"
    error={make.field('name')}
    bind:value={name}
    required
    maxlength={80}
    placeholder="Main board"
  />
  <button class="btn self-end" disabled={make.busy}>Add the board</button>
</form>
