<!-- @component Capacitors put down on the map one after the other: the strip has what the next tap is. -->
<script lang="ts">
  import type { Sending } from '$lib/api/act.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { kindWords } from '$lib/words';
  import type { QuickEntry } from './quick.svelte';

  let { quick, form, ondone }: { quick: QuickEntry; form: Sending; ondone: () => void } = $props();
</script>

<BenchEdge spaced={false}>
  {#snippet next()}<p class="text-lg font-bold">
      {quick.marking.trim() ? `Tap where ${quick.designator} sits.` : `What is printed on ${quick.designator}?`}
    </p>{/snippet}
  {#snippet acts()}
    <ProblemNote problem={form.problem} />
    <div class="grid w-full grid-cols-[6rem_1fr] items-end gap-3 sm:w-auto sm:grid-cols-[6rem_10rem_14rem_auto]">
      <TextField label="Designator" bind:value={quick.designator} mono autocomplete="off" maxlength={12} />
      <TextField label="Marking, as printed" bind:value={quick.marking} mono autocomplete="off" maxlength={60} />
      <div class="max-sm:col-span-2"><SelectField label="Kind" bind:value={quick.kind} options={kindWords} /></div>
      <button class="act self-center" onclick={ondone}
        >Done{quick.added.length ? `, ${quick.added.length} put down` : ''}</button
      >
    </div>
  {/snippet}
</BenchEdge>
