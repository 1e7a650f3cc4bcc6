<!-- @component What is known of a machine, for taking it in and for changing it later. -->
<script lang="ts" module>
  import type { Schemas } from '$lib/api/client';
  export type Edit = Schemas['MachineEdit'];
  export const blank = (): Edit => ({
    name: '',
    kind: '',
    model: '',
    class: 'unknown',
    yearFrom: null,
    yearTo: null,
    traits: [],
    cameFrom: '',
    paid: null,
    claimed: '',
    recapSchool: 'evidence',
    restorationSchool: 'asShipped',
    profileId: null,
    mainsLead: 'notKnown',
    tube: 'notKnown',
    battery: 'notKnown',
    kindId: '',
  });
</script>

<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import type { Snippet } from 'svelte';
  import { api, ask } from '$lib/api/client';
  import { lower } from '$lib/format';
  import CheckGroup from '$lib/ui/CheckGroup.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import type { Sending } from '$lib/api/act.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import {
    classWords,
    hazardAnswers,
    hazardQuestions,
    recapPolicyWords,
    restorationPolicyWords,
    traitWords,
  } from '$lib/words';

  let {
    edit = $bindable(),
    form,
    full = false,
    first,
    came,
  }: {
    edit: Edit;
    form: Sending;
    /** What is known is changed, rather than a machine taken in: everything is in sight. */
    full?: boolean;
    /** Beside the name. */
    first?: Snippet;
    /** Beside where it came from. */
    came?: Snippet;
  } = $props();
  const kinds = createQuery(() => ({ queryKey: ['kinds'], queryFn: () => ask(api.GET('/api/kinds')) }));
  const kind = $derived((kinds.data ?? []).find((k) => k.id === edit.kindId));
  const likely = (how: Schemas['Likelihood']) => [
    ...new Set((kind?.likely ?? []).filter((l) => l.how === how).map((l) => lower(traitWords[l.trait]))),
  ];
  function choose(id: string) {
    const [old, next] = [kind, (kinds.data ?? []).find((k) => k.id === id)];
    edit.kindId = id;
    // What came with the kind goes with it; what somebody typed stays.
    if (!edit.kind || edit.kind === old?.name) edit.kind = next?.name ?? '';
    if (edit.class === 'unknown' || edit.class === old?.class) edit.class = next?.class ?? 'unknown';
  }
</script>

<div class="grid gap-x-5 gap-y-4 sm:grid-cols-6">
  <TextField
    label="What you call it"
    class={first ? 'sm:col-span-3' : 'sm:col-span-6'}
    error={form.field('name')}
    bind:value={edit.name}
    size="text-lg font-semibold"
    autocomplete="off"
    required
    maxlength={80}
  />
  {#if first}<div class="sm:col-span-3">{@render first()}</div>{/if}
  <fieldset class="grid gap-x-5 gap-y-3 sm:col-span-6 sm:grid-cols-3">
    <legend class="mb-1 text-sm text-soft">For your hands. What you don’t know counts as yes.</legend>
    {#each hazardQuestions as [field, words] (field)}
      <Choice label={words} bind:value={edit[field]!} options={hazardAnswers} />
    {/each}
  </fieldset>
  <SelectField
    label="What kind is it?"
    class="sm:col-span-4"
    hint="Brings what is usual in such machines: what to look for, and what can hurt."
    options={[['', 'None of these, or don’t know'], ...(kinds.data ?? []).map((k) => [k.id, k.name] as const)]}
    error={form.field('kindId')}
    bind:value={() => edit.kindId ?? '', choose}
  />
  <NumberField label="From year" error={form.field('yearFrom')} bind:number={edit.yearFrom} whole />
  <NumberField label="To year" error={form.field('yearTo')} bind:number={edit.yearTo} whole />
  {#if kind}
    <div class="grid gap-x-8 gap-y-2 border-l-4 border-tide pl-4 sm:col-span-6 sm:grid-cols-2">
      <p class="text-sm">
        {#if likely('usual').length}<strong>Usual:</strong> {likely('usual').join(', ')}.{/if}
        {#if likely('sometimes').length}<strong>Sometimes:</strong> {likely('sometimes').join(', ')}.{/if}
        <span class="text-soft">Looked for one by one; until then what can hurt counts as there.</span>
      </p>
      <ul class="text-sm">
        {#each kind.watch as w (w)}<li>{w}</li>{/each}
      </ul>
    </div>
  {/if}
</div>
{#snippet known()}
  <div class="mt-2 grid gap-x-5 gap-y-4 sm:grid-cols-6">
    <TextField
      label="What it is"
      class="sm:col-span-4"
      hint="A few words: rugged laptop, 8-bit home micro."
      error={form.field('kind')}
      bind:value={edit.kind}
      maxlength={80}
    />
    <SelectField
      label="Class"
      class="sm:col-span-2"
      error={form.field('class')}
      bind:value={edit.class}
      options={classWords}
    />
    <CheckGroup
      label="What is seen in it"
      hint="Tick what somebody has seen. These decide what is looked at first."
      class="sm:col-span-6"
      columns
      bind:value={edit.traits}
      options={traitWords}
      error={form.field('traits')}
    />
  </div>
{/snippet}
{#snippet from()}
  <div class="mt-2 grid gap-x-5 gap-y-4 sm:grid-cols-6">
    <TextField
      label="Where it came from"
      class="sm:col-span-4"
      error={form.field('cameFrom')}
      bind:value={edit.cameFrom}
      maxlength={300}
    />
    <NumberField
      label="Paid"
      class="sm:col-span-2"
      hint="0 when it was given."
      error={form.field('paid')}
      bind:number={edit.paid}
    />
    <TextField
      label="What was claimed of it"
      class="sm:col-span-6"
      error={form.field('claimed')}
      bind:value={edit.claimed}
      maxlength={1000}
    />
    {#if came}<div class="sm:col-span-6">{@render came()}</div>{/if}
  </div>
{/snippet}
{#if full}
  {@render known()}
  {@render from()}
  <div class="grid gap-x-5 gap-y-4 sm:grid-cols-6">
    <TextField
      label="Maker and model, as printed"
      class="sm:col-span-2"
      error={form.field('model')}
      bind:value={edit.model}
      maxlength={80}
    />
    <SelectField
      label="School of replacement"
      class="sm:col-span-2"
      hint="Decides which option comes first."
      bind:value={edit.restorationSchool}
      options={restorationPolicyWords}
    />
    <SelectField
      label="Recap"
      class="sm:col-span-2"
      hint="Evidence: what looks or measures bad. Preventive: known-bad kinds too."
      bind:value={edit.recapSchool}
      options={recapPolicyWords}
    />
  </div>
{:else}
  <Fold title="What is seen in it">{@render known()}</Fold>
  <Fold title="Where it came from, and money">{@render from()}</Fold>
{/if}
