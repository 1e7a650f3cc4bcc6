<!-- @component A caution, where the act is. <CautionNote id="leakingCell" /> -->
<script lang="ts">
  import { session } from '$lib/session.svelte';
  import type { Schemas } from '$lib/api/client';
  let { id }: { id: Schemas['CautionId'] } = $props();
  const caution = $derived(session.caution(id));
</script>

{#if caution}
  <div class="flex gap-3 rounded-md bg-oxide-wash px-4 py-3 text-ink" role="note" aria-label="Caution: {caution.title}">
    <svg class="mt-0.5 shrink-0 text-oxide" width="26" height="24" viewBox="0 0 26 24" aria-hidden="true"
      ><path
        d="M13 2 24.500 22h-23Z"
        fill="none"
        stroke="currentColor"
        stroke-width="2.500"
        stroke-linejoin="round"
      /><path d="M13 9v6m0 2.200v1" stroke="currentColor" stroke-width="2.500" /></svg
    >
    <p class="text-sm"><strong>{caution.title}.</strong> {caution.text}</p>
  </div>
{/if}
