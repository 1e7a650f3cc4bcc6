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
  import SuggestField from '$lib/ui/SuggestField.svelte';
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask } from '$lib/api/client';
  import { Sending } from '$lib/api/act.svelte';
  import { currencySign, number } from '$lib/format';
  import Field from '$lib/ui/Field.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
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
  const usual = ['supply', 'drive', 'floppy drive', 'keyboard', 'main board', 'memory', 'case front', 'adapter'];
  const known = $derived([...new Set([...kinds, ...usual])]);
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
    <TextField
      label="What you call it"
      error={form.field('name')}
      bind:value={e.name}
      size="font-semibold"
      autocomplete="off"
      required
      maxlength={80}
    />
    <TextField label="What it is" bind:value={e.kind} maxlength={80} />
    {#if profiles.length}<SelectField
        label="One of a kind that is known here"
        bind:value={e.profileId}
        options={[['', 'Not from a pack'], ...profiles.map((p) => [p.id, `${p.model}, ${p.kind}`] as const)]}
      />{/if}
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
        <SuggestField label="Part {i + 1}" hidden suggestions={known} maxlength={60} bind:value={p.kind} />
        <input
          class="input px-2"
          aria-label="Part {i + 1} fits"
          placeholder="fits"
          maxlength={40}
          bind:value={p.fits}
        />
        <SelectField label="Part {i + 1} is" hidden bind:value={p.state} options={partStateWords} />
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
  <p class="text-sm text-soft">To finish it apart from those parts: low, likely, high.</p>
  <div class="grid gap-4 sm:grid-cols-2">
    {#each [{ word: `Money, ${currencySign(currency)}`, of: money, field: 'money' }, { word: 'Hours', of: hours, field: 'hours' }] as s (s.word)}
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
    <NumberField
      label="A complete one costs, {currencySign(currency)}"
      hint="Empty when nobody knows."
      error={form.field('complete')}
      bind:value={complete}
    />
    <NumberField
      label="Worth, against the others"
      hint="1 is as much as any."
      error={form.field('worth')}
      bind:value={worth}
    />
  </div>
  <TextField label="Note" bind:value={e.note} maxlength={500} />
  <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
</form>
