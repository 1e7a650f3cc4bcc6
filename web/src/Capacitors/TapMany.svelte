<!-- @component Capacitors put down on the map: one a tap, or a row or a grid of equal ones at once. The strip has what the next tap is. -->
<script lang="ts">
  import type { Sending } from '$lib/api/act.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { kindWords } from '$lib/words';
  import { gridOf, type QuickEntry } from './quick.svelte';

  type Place = { x: number; y: number };
  let {
    quick,
    form,
    points,
    grid = false,
    ongrid,
    onput,
    ondone,
  }: {
    quick: QuickEntry;
    form: Sending;
    /** Tapped so far, of a grid. */
    points: Place[];
    grid?: boolean;
    ongrid: () => void;
    onput: (places: Place[]) => void;
    ondone: () => void;
  } = $props();
  let along = $state('10');
  let rows = $state('1');
  const count = (s: string, most: number) => (/^\d+$/.test(s.trim()) ? Math.min(Number(s), most) : 0);
  const [n, r] = $derived([count(along, 100), count(rows, 50)]);
  const wanted = $derived(r > 1 ? 3 : 2);
  const ready = $derived(!!quick.marking.trim() && n > 1 && r > 0 && n * r <= 500 && points.length >= wanted);
  const says = $derived(
    !quick.marking.trim()
      ? `What is printed on ${quick.designator}?`
      : !grid
        ? `Tap where ${quick.designator} sits.`
        : n * r > 500
          ? 'At most 500 at once.'
          : points.length === 0
            ? 'Tap the first of them.'
            : points.length === 1
              ? 'Tap the last of its row.'
              : 'Tap the last of the last row.',
  );
</script>

<BenchEdge>
  {#snippet next()}{#if grid && ready}<button
        class="btn-next"
        disabled={form.busy}
        onclick={() => onput(gridOf(points.slice(0, wanted), n, r))}>Put {n * r} on the board</button
      >{:else}<p class="text-lg font-bold">{says}</p>{/if}{/snippet}
  {#snippet acts()}
    <ProblemNote problem={form.problem} />
    <div class="grid w-full grid-cols-[6rem_1fr] items-end gap-3 sm:flex sm:w-auto">
      <TextField
        class="sm:w-24"
        label="Designator"
        bind:value={quick.designator}
        mono
        autocomplete="off"
        maxlength={12}
      />
      <TextField
        class="sm:w-36"
        label="Marking, as printed"
        bind:value={quick.marking}
        mono
        autocomplete="off"
        maxlength={60}
      />
      <div class="max-sm:col-span-2 sm:w-52">
        <SelectField label="Kind" bind:value={quick.kind} options={kindWords} />
      </div>
      {#if grid}
        <TextField class="sm:w-20" label="In a row" bind:value={along} inputmode="numeric" maxlength={3} />
        <TextField class="sm:w-20" label="Rows" bind:value={rows} inputmode="numeric" maxlength={2} />
      {/if}
      <div class="flex gap-x-5 max-sm:col-span-2">
        {#if !grid}<button class="act" onclick={ongrid}>A row or a grid</button>{/if}
        <button class="act" onclick={ondone}>Done{quick.added.length ? `, ${quick.added.length} put down` : ''}</button>
      </div>
    </div>
  {/snippet}
</BenchEdge>
