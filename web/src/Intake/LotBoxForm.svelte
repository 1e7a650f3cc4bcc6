<!-- @component One box of a lot: what it is, what is missing or broken, what is good, and what finishing it would take. -->
<script lang="ts" module>
  import type { Schemas } from '$lib/api/client';
  type Edit = Schemas['LotBoxEdit'];
  export const blankBox = (): Edit => ({
    name: '',
    kind: '',
    profileId: '',
    note: '',
    parts: [],
    money: { low: 5, likely: 15, high: 40 },
    hours: { low: 3, likely: 6, high: 12 },
    complete: null,
    worth: 1,
    lock: 'free',
    photoId: null,
  });
  export function editOf(b: Schemas['LotBox']): Edit {
    const { name, kind, profileId, note, parts, money, hours, complete, worth, lock, photoId } = b;
    return { name, kind, profileId, note, parts, money, hours, complete, worth, lock, photoId };
  }
</script>

<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask } from '$lib/api/client';
  import { Sending } from '$lib/api/act.svelte';
  import { number } from '$lib/format';
  import Field from '$lib/ui/Field.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import { partStateWords } from '$lib/words';
  import { upload } from './photos';

  let {
    lotId,
    from,
    kinds,
    currency,
    onsave,
  }: { lotId: string; from: Edit; kinds: string[]; currency: string; onsave: (e: Edit) => Promise<unknown> } = $props();
  // svelte-ignore state_referenced_locally
  let e = $state<Edit>(structuredClone($state.snapshot(from)));
  const text = (s: Schemas['Estimate']) => ({ low: String(s.low), likely: String(s.likely), high: String(s.high) });
  // svelte-ignore state_referenced_locally
  let money = $state(text(from.money));
  // svelte-ignore state_referenced_locally
  let hours = $state(text(from.hours));
  // svelte-ignore state_referenced_locally
  let complete = $state(from.complete == null ? '' : String(from.complete));
  // svelte-ignore state_referenced_locally
  let worth = $state(String(from.worth));
  let files = $state<FileList>();
  const form = new Sending();
  const packs = createQuery(() => ({ queryKey: ['packs'], queryFn: () => ask(api.GET('/api/packs')) }));
  const profiles = $derived((packs.data ?? []).flatMap((p) => p.machines));
  const n = (s: typeof money, what: string) => ({
    low: number(s.low, what) ?? 0,
    likely: number(s.likely, what) ?? 0,
    high: number(s.high, what) ?? 0,
  });

  const save = () =>
    form.send(async () => {
      const photoId = files?.[0] ? await upload(lotId, files[0], e.name) : e.photoId;
      await onsave({
        ...$state.snapshot(e),
        parts: e.parts.filter((p) => p.kind.trim()),
        money: n(money, 'the money'),
        hours: n(hours, 'the hours'),
        complete: number(complete, 'the price'),
        worth: number(worth, 'the worth') ?? 1,
        photoId,
      });
    });
</script>

<form
  class="grid gap-4"
  onsubmit={(ev) => {
    ev.preventDefault();
    void save();
  }}
>
  <ProblemNote problem={form.problem} />
  <div class="grid gap-4 sm:grid-cols-2">
    <Field label="What you call it" error={form.field('name')}
      >{#snippet children(f)}<input
          class="input font-semibold"
          required
          maxlength="80"
          autocomplete="off"
          bind:value={e.name}
          {...f}
        />{/snippet}</Field
    >
    <Field label="What it is"
      >{#snippet children(f)}<input class="input" maxlength="80" bind:value={e.kind} {...f} />{/snippet}</Field
    >
    {#if profiles.length}<Field label="One of a kind that is known here"
        >{#snippet children(f)}<select class="input" bind:value={e.profileId} {...f}
            ><option value="">Not from a pack</option>{#each profiles as p (p.id)}<option value={p.id}
                >{p.model}, {p.kind}</option
              >{/each}</select
          >{/snippet}</Field
      >{/if}
    <Field label="Photo"
      >{#snippet children(f)}<input
          class="input py-2"
          type="file"
          accept="image/*"
          capture="environment"
          bind:files
          {...f}
        />{/snippet}</Field
    >
  </div>
  <fieldset class="grid gap-2">
    <legend class="mb-1 text-sm font-semibold">Its parts: what is good, what it wants</legend>
    {#if form.field('parts')}<p class="text-sm font-semibold text-oxide">{form.field('parts')}</p>{/if}
    {#each e.parts as p, i (i)}
      <div class="grid grid-cols-[minmax(0,1fr)_5rem_7.5rem_auto] gap-1.5">
        <input
          class="input px-2"
          aria-label="Part {i + 1}"
          list="box-kinds"
          maxlength="60"
          autocomplete="off"
          bind:value={p.kind}
        />
        <input
          class="input px-2"
          aria-label="Part {i + 1} fits"
          placeholder="fits"
          maxlength="40"
          bind:value={p.fits}
        />
        <select class="input px-2" aria-label="Part {i + 1} is" bind:value={p.state}
          >{#each Object.entries(partStateWords) as [v, w] (v)}<option value={v}>{w}</option>{/each}</select
        >
        <button
          type="button"
          class="act min-w-9 justify-center"
          aria-label="Take part {i + 1} off the list"
          onclick={() => (e.parts = e.parts.filter((_, j) => j !== i))}>×</button
        >
      </div>
    {/each}
    <button
      type="button"
      class="btn justify-self-start"
      onclick={() => (e.parts = [...e.parts, { kind: '', state: 'good', fits: '', count: 1 }])}>Another part</button
    >
  </fieldset>
  <datalist id="box-kinds"
    >{#each [...new Set( [...kinds, 'supply', 'drive', 'floppy drive', 'keyboard', 'main board', 'memory', 'case front', 'adapter'] )] as k (k)}<option
        value={k}
      ></option>{/each}</datalist
  >
  <p class="text-sm text-soft">To finish it apart from those parts: low, likely, high.</p>
  <div class="grid gap-4 sm:grid-cols-2">
    {#each [{ word: `Money, ${currency}`, of: money, field: 'money' }, { word: 'Hours', of: hours, field: 'hours' }] as s (s.word)}
      <fieldset>
        <legend class="text-sm font-semibold">{s.word}</legend>
        <div class="grid grid-cols-3 gap-1.5">
          {#each ['low', 'likely', 'high'] as const as w (w)}<input
              class="input reading px-2"
              aria-label="{s.word}, {w}"
              inputmode="decimal"
              required
              bind:value={s.of[w]}
            />{/each}
        </div>
        {#if form.field(s.field)}<p class="text-sm font-semibold text-oxide">{form.field(s.field)}</p>{/if}
      </fieldset>
    {/each}
    <Field label="A complete one costs, {currency}" hint="Empty when nobody knows." error={form.field('complete')}
      >{#snippet children(f)}<input
          class="input reading"
          inputmode="decimal"
          bind:value={complete}
          {...f}
        />{/snippet}</Field
    >
    <Field label="Worth, against the others" hint="1 is as much as any." error={form.field('worth')}
      >{#snippet children(f)}<input
          class="input reading"
          inputmode="decimal"
          bind:value={worth}
          {...f}
        />{/snippet}</Field
    >
  </div>
  <Field label="Note"
    >{#snippet children(f)}<input class="input" maxlength="500" bind:value={e.note} {...f} />{/snippet}</Field
  >
  <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
</form>
