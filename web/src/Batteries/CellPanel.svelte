<!-- @component The cell as the board map shows it; what is decided of it has a screen of its own. -->
<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Schemas } from '$lib/api/client';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  let { id, cell, bench, more }: { id: string; cell: Schemas['CellMark']; bench: boolean; more: Snippet } = $props();
</script>

<p class="flex items-center gap-2 text-sm font-semibold {cell.done ? 'text-verdigris' : 'text-brass-ink'}">
  <Mark of={cell.done ? 'done' : 'if'} size={22} hidden />{cell.done ? 'Done' : 'Battery first'}
</p>
<h1 class="mt-1.5 text-xl leading-snug font-bold">{cell.name}: {cell.state}.</h1>
<p class="mt-2 text-sm text-soft">Battery first, then what it ate, then the capacitors, then the heat.</p>
{#if bench}
  <BenchEdge>
    {#snippet next()}<a class="btn-next" href="/m/{id}/battery"
        >{cell.done ? 'Look at the battery' : 'What replaces it'}</a
      >{/snippet}
    {#snippet acts()}{@render more()}{/snippet}
  </BenchEdge>
{/if}
