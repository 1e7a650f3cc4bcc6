<!--
@component “I did it already, or otherwise”: what was done instead of a procedure’s steps is kept, and what no word stands for stays asked.
```svelte
<Otherwise name="C14" left="its way round and a reading" ondo={(body) => keep(body)} />
```
-->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { Sending } from '$lib/api/act.svelte';
  import { number } from '$lib/format';
  import { threeWords } from '$lib/words';
  import Choice from './Choice.svelte';
  import MeasureForm from './MeasureForm.svelte';
  import NumberField from './NumberField.svelte';
  import Sheet from './Sheet.svelte';
  import TextField from './TextField.svelte';

  let {
    name,
    left,
    ondo,
    ph = false,
    liquid = false,
  }: {
    name: string;
    /** What is still wanted afterwards, inside a sentence. */
    left: string;
    ondo: (body: Schemas['OtherwiseAsk']) => Promise<unknown>;
    /** pH paper stands for what is on it. */
    ph?: boolean;
    /** A liquid may have gone on it. */
    liquid?: boolean;
  } = $props();
  const form = new Sending();
  let open = $state(false);
  let what = $state('');
  let days = $state('');
  let by = $state('');
  let reads = $state('');
  let cameOut = $state<Schemas['ThreeState']>('notKnown');
  let wetted = $state<Schemas['ThreeState']>('notKnown');
  async function keep() {
    await ondo({
      what,
      by,
      cameOut,
      wetted,
      hoursAgo: (number(days, 'the days') ?? 0) * 24,
      ph: ph ? number(reads, 'the pH') : null,
    });
    open = false;
    what = days = by = reads = '';
  }
</script>

<button
  class="act"
  onclick={() => {
    form.forget();
    open = true;
  }}>I did it already</button
>
<Sheet bind:open title="Done already, or otherwise" about="{name}. Still wanted afterwards: {left}.">
  <MeasureForm {form} onkeep={keep} keep="Keep it">
    <TextField label="What was done?" error={form.field('what')} bind:value={what} rows={2} required maxlength={200} />
    <div class="grid gap-4 sm:grid-cols-2">
      <NumberField label="How many days ago?" hint="Empty is today." error={form.field('hoursAgo')} bind:value={days} />
      <TextField label="By whom?" error={form.field('by')} bind:value={by} maxlength={40} />
    </div>
    <Choice label="Did it come out?" options={threeWords} bind:value={cameOut} />
    {#if liquid}<Choice label="Did a liquid go on it?" options={threeWords} bind:value={wetted} />{/if}
    {#if ph && cameOut !== 'no'}<NumberField
        label="pH now"
        hint="A drop of distilled water on it for a minute, then pH paper in it. 6 to 8 is clean."
        error={form.field('ph')}
        bind:value={reads}
        size="text-2xl"
      />{/if}
  </MeasureForm>
</Sheet>
