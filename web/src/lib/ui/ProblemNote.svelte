<!-- @component What went wrong, in a sentence, and what is still safe. -->
<script lang="ts">
  import type { Sending } from '$lib/api/act.svelte';
  import type { Problem } from '$lib/api/client';
  import OverruleForm from './OverruleForm.svelte';
  /** With `form`, a refusal that a person may decide against asks for the reason here. */
  let { problem, form }: { problem?: Problem; form?: Sending } = $props();
  const shown = $derived(problem ?? form?.problem);
</script>

{#if shown}
  <div role="alert" class="rounded-md bg-oxide-wash px-4 py-3 text-sm text-ink">
    {#each shown.detail.split('\n') as line (line)}<p>{line}</p>{/each}
    {#if form?.otherwise}<OverruleForm ondo={form.otherwise} button="Do it, and keep the reason" />{/if}
  </div>
{/if}
