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
  });
</script>

<script lang="ts">
  import type { Sending } from '$lib/api/act.svelte';
  import Field from '$lib/ui/Field.svelte';
  import { classWords, recapPolicyWords, restorationPolicyWords, traitWords } from '$lib/words';

  let { edit = $bindable(), form, full = false }: { edit: Edit; form: Sending; full?: boolean } = $props();
  const traits = Object.entries(traitWords) as [Schemas['Trait'], string][];
  const n = (v: unknown) => (v === '' || v == null ? null : Number(v));
</script>

<div class="grid gap-x-5 gap-y-4 sm:grid-cols-6">
  <Field label="What you call it" class="sm:col-span-3" error={form.field('name')}
    >{#snippet children(f)}<input
        class="input text-lg font-semibold"
        required
        maxlength="80"
        autocomplete="off"
        bind:value={edit.name}
        {...f}
      />{/snippet}</Field
  >
  <Field
    label="What it is"
    class="sm:col-span-3"
    hint="A few words: rugged laptop, 8-bit home micro."
    error={form.field('kind')}
    >{#snippet children(f)}<input class="input" maxlength="80" bind:value={edit.kind} {...f} />{/snippet}</Field
  >
  <Field label="Class" class="sm:col-span-2" error={form.field('class')}>
    {#snippet children(f)}<select class="input" bind:value={edit.class} {...f}
        >{#each Object.entries(classWords) as [v, w] (v)}<option value={v}>{w}</option>{/each}</select
      >{/snippet}
  </Field>
  <Field label="From year" class="sm:col-span-2" error={form.field('yearFrom')}
    >{#snippet children(f)}<input
        class="input reading"
        inputmode="numeric"
        value={edit.yearFrom ?? ''}
        onchange={(e) => (edit.yearFrom = n(e.currentTarget.value))}
        {...f}
      />{/snippet}</Field
  >
  <Field label="To year" class="sm:col-span-2" error={form.field('yearTo')}
    >{#snippet children(f)}<input
        class="input reading"
        inputmode="numeric"
        value={edit.yearTo ?? ''}
        onchange={(e) => (edit.yearTo = n(e.currentTarget.value))}
        {...f}
      />{/snippet}</Field
  >
  <fieldset class="sm:col-span-6">
    <legend class="text-sm font-semibold">What it has in it</legend>
    <p class="text-xs text-soft">
      These decide what can hurt you and what is looked at first. Leave out what you do not know.
    </p>
    <div class="mt-1 grid grid-cols-1 gap-x-5 min-[24rem]:grid-cols-2 sm:grid-cols-3">
      {#each traits as [t, w] (t)}
        <label class="flex min-h-9 items-center gap-2.5 text-sm"
          ><input
            type="checkbox"
            class="size-5 shrink-0 accent-verdigris"
            checked={edit.traits.includes(t)}
            onchange={(e) =>
              (edit.traits = e.currentTarget.checked ? [...edit.traits, t] : edit.traits.filter((x) => x !== t))}
          />{w}</label
        >
      {/each}
    </div>
    {#if form.field('traits')}<p class="text-sm font-semibold text-oxide">{form.field('traits')}</p>{/if}
  </fieldset>
  <Field label="Where it came from" class="sm:col-span-4" error={form.field('cameFrom')}
    >{#snippet children(f)}<input class="input" maxlength="300" bind:value={edit.cameFrom} {...f} />{/snippet}</Field
  >
  <Field label="Paid" class="sm:col-span-2" hint="0 when it was given." error={form.field('paid')}
    >{#snippet children(f)}<input
        class="input reading"
        inputmode="decimal"
        value={edit.paid ?? ''}
        onchange={(e) => (edit.paid = n(e.currentTarget.value.replace(',', '.')))}
        {...f}
      />{/snippet}</Field
  >
  <Field label="What was claimed of it" class="sm:col-span-6" error={form.field('claimed')}
    >{#snippet children(f)}<input class="input" maxlength="1000" bind:value={edit.claimed} {...f} />{/snippet}</Field
  >
  {#if full}
    <Field label="Maker and model, as printed" class="sm:col-span-2" error={form.field('model')}
      >{#snippet children(f)}<input class="input" maxlength="80" bind:value={edit.model} {...f} />{/snippet}</Field
    >
    <Field label="School of replacement" class="sm:col-span-2" hint="Decides which option comes first."
      >{#snippet children(f)}<select class="input" bind:value={edit.restorationSchool} {...f}
          >{#each Object.entries(restorationPolicyWords) as [v, w] (v)}<option value={v}>{w}</option>{/each}</select
        >{/snippet}</Field
    >
    <Field
      label="Recap"
      class="sm:col-span-2"
      hint="Evidence: what looks or measures bad. Preventive: known-bad kinds too."
      >{#snippet children(f)}<select class="input" bind:value={edit.recapSchool} {...f}
          >{#each Object.entries(recapPolicyWords) as [v, w] (v)}<option value={v}>{w}</option>{/each}</select
        >{/snippet}</Field
    >
  {/if}
</div>
