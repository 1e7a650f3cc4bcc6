<!-- @component What went wrong, in a sentence, and what is still safe. -->
<script lang="ts">
  import type { Problem } from '$lib/api/client';
  let { problem }: { problem?: Problem } = $props();
</script>

{#if problem}
  <div role="alert" class="rounded-md bg-oxide-wash px-4 py-3 text-sm text-ink">
    {#each problem.detail.split('\n') as line (line)}<p>{line}</p>{/each}
  </div>
{/if}
