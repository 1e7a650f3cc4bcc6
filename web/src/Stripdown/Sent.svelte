<!-- @component What this device has recorded and Haar does not have yet; and what it did not take. -->
<script lang="ts">
  import ProgressBar from '$lib/ui/ProgressBar.svelte';
  import { outbox } from '$lib/outbox.svelte';
  import { api, ask, Problem } from '$lib/api/client';
  let { machineId }: { machineId: string } = $props();
  const waiting = $derived(outbox.waiting.filter((p) => p.machineId === machineId));
  const refused = $derived(outbox.refused.filter((p) => p.machineId === machineId));
  let said = $state('');

  async function putBack() {
    try {
      await ask(api.POST('/api/machines/{id}/put-back', { params: { path: { id: machineId } } }));
      await outbox.again(machineId);
    } catch (e) {
      said = e instanceof Problem ? e.detail : 'It could not be put back.';
    }
  }
  async function file() {
    const a = document.createElement('a');
    a.href = URL.createObjectURL(await outbox.file(machineId));
    a.download = 'recorded on this device.json';
    a.click();
    URL.revokeObjectURL(a.href);
  }
</script>

{#if waiting.length && (outbox.away || waiting.length > 1)}
  <div role="status" class="mb-2 rounded-md bg-tide-wash px-4 py-2 text-sm">
    {#if outbox.away}<strong>The network is gone.</strong>
      {waiting.length}
      {waiting.length === 1 ? 'thing is' : 'things are'} kept on this device and sent when it is back.
    {:else}Sending: {waiting[0]!.label}.
      <ProgressBar label="Sent" value={outbox.sent} most={outbox.sent + waiting.length} class="ml-2 w-32" />
      {outbox.sent} of {outbox.sent + waiting.length}{/if}
  </div>
{/if}
{#if refused.length}
  {@const off = refused.some((p) => p.status === 410)}
  <div role="alert" class="mb-2 rounded-md bg-oxide-wash px-4 py-3 text-sm text-ink">
    {#if off}
      <p>{refused.find((p) => p.status === 410)!.problem}</p>
    {:else}
      <ul class="grid gap-1">
        {#each refused as p (p.seq)}<li>
            <strong>Not taken, {p.label}:</strong>
            {p.problem} <button class="underline" onclick={() => void outbox.forget(p)}>Let it go</button>
          </li>{/each}
      </ul>
    {/if}
    {#if said}<p class="mt-1 font-semibold">{said}</p>{/if}
    <p class="mt-2 flex flex-wrap gap-5">
      {#if off}<button class="font-bold underline" onclick={() => void putBack()}
          >Put the machine back on the list and send</button
        >{:else}<button class="font-bold underline" onclick={() => void outbox.again(machineId)}>Try again</button>{/if}
      <button class="underline" onclick={() => void file()}>Save it as a file</button>
    </p>
  </div>
{/if}
