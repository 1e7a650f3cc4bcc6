<!--
@component What was read at the bench is typed: its fields, what was wrong with them, and one button that keeps it. Enter keeps it too.
```svelte
<MeasureForm {form} onkeep={save} keep="Keep the reading">
  <NumberField label="Ohms" bind:value={ohms} size="text-2xl" />
  {#snippet more()}<button type="button" class="btn">It reads open</button>{/snippet}
</MeasureForm>
```
-->
<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Sending } from '$lib/api/act.svelte';
  import ProblemNote from './ProblemNote.svelte';
  let {
    form,
    onkeep,
    keep = 'Keep the reading',
    ready = true,
    columns = 1,
    children,
    more,
  }: {
    form: Sending;
    onkeep: () => Promise<unknown>;
    keep?: string;
    /** Enough has been typed. */
    ready?: boolean;
    columns?: 1 | 2 | 3;
    children: Snippet;
    /** Other ways to answer, beside the button. */
    more?: Snippet;
  } = $props();
  const grids = { 1: '', 2: 'sm:grid-cols-2', 3: 'sm:grid-cols-3' };
</script>

<form
  class="grid gap-4 {grids[columns]}"
  onsubmit={(e) => {
    e.preventDefault();
    if (ready) void form.send(onkeep);
  }}
>
  <div class="col-span-full empty:hidden"><ProblemNote problem={form.problem} /></div>
  {@render children()}
  <div class="col-span-full flex flex-wrap items-center gap-4">
    <button class="btn-next" disabled={form.busy || !ready}>{keep}</button>{@render more?.()}
  </div>
</form>
