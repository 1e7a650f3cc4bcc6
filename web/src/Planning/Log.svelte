<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { undo } from '$lib/api/act.svelte';
  import { moment } from '$lib/format';
  import Query from '$lib/ui/Query.svelte';
  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['log', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/log', { params: { path: { id }, query: { take: 300 } } })),
  }));
</script>

<svelte:head><title>Log · {head.machine.name}</title></svelte:head>
<h1 class="text-title font-bold">Everything done to it</h1>
<Query {query} what="the log">
  {#snippet children(rows)}
    <ol class="mt-3 border-t border-sill">
      {#each rows as r (r.id)}
        <li class="grid items-baseline gap-x-4 border-b border-sill py-1.5 sm:grid-cols-[9.500rem_1fr_auto]">
          <time class="reading text-xs font-normal text-soft" datetime={r.at}>{moment(r.at)}</time>
          <p class={r.undone ? 'text-soft line-through' : ''}>
            {r.sentence}{#if r.by}<span class="ml-2 text-sm text-soft">{r.by}</span>{/if}
          </p>
          {#if r.canUndo}<button class="act min-h-8" aria-label="Undo: {r.sentence}" onclick={() => void undo(r.id)}
              >Undo</button
            >{/if}
        </li>
      {/each}
    </ol>
  {/snippet}
</Query>
