<!-- @component Measuring in a row: how far it is, the reference part and the repeat that show whether meter and hand can be trusted, and the verdict at the end. -->
<script lang="ts">
  import { Sending } from '$lib/api/act.svelte';
  import { siText } from '$lib/format';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import type { MeasurementSeries } from './series.svelte';

  let { series, machineId, left }: { series: MeasurementSeries; machineId: string; left: number } = $props();
  const form = new Sending();
</script>

<section class="rounded-lg bg-paper px-5 py-3" aria-label="Measuring in a row">
  {#if series.check}
    <Verdict
      verdict={series.check.verdict}
      words={{ yes: 'They can be kept', no: 'Read them again', unknown: 'Not checked' }}
    />
    <div class="mt-2 flex flex-wrap gap-x-4">
      {#if series.check.verdict.outcome === 'no'}<button
          class="act text-oxide"
          disabled={form.busy}
          onclick={() => form.send(() => series.voidAll(machineId))}
          >Strike the {series.measured.length === 1 ? 'reading' : `${series.measured.length} readings`}</button
        >{/if}
      <button class="act" onclick={() => series.close()}
        >{series.check.verdict.outcome === 'no' ? 'Keep them all the same' : 'Good'}</button
      >
    </div>
  {:else}
    <p class="font-bold" aria-live="polite">In a row, by designator: {series.parts} measured, {left} to go.</p>
    <p class="text-sm text-soft">
      {#if series.start == null}Read a good part of your own now and at the end: it shows whether the meter drifts.
      {:else}The reference read {siText(series.start, 'F')} first{series.end == null
          ? '; read it again at the end.'
          : ` and ${siText(series.end, 'F')} last.`}{/if}
      {#if series.again}{series.again.designator}, again: {series.again.farads
          .map((f) => siText(f, 'F'))
          .join(', ')}.{/if}
    </p>
    <div class="flex flex-wrap gap-x-4">
      <button class="act" disabled={form.busy} onclick={() => form.send(() => series.reference())}
        >{series.start == null ? 'Read the reference' : 'Read the reference last'}</button
      >
      {#if series.last}<button class="act" disabled={form.busy} onclick={() => form.send(() => series.repeat())}
          >Read {series.again?.designator ?? series.last.designator} again</button
        >{/if}
      <button class="act" disabled={form.busy} onclick={() => form.send(() => series.finish())}>End the row</button>
    </div>
  {/if}
  <ProblemNote problem={form.problem} />
</section>
