<!-- @component Coming back after weeks: what was done last, what was tried, what still waits, what to lay out. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { left, moment } from '$lib/format';
  import { now } from '$lib/now.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import Query from '$lib/ui/Query.svelte';
  import ParkSheet from './ParkSheet.svelte';
  import { clock, dayWord, pathOf } from './words';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['where', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/where', { params: { path: { id } } })),
  }));
</script>

<svelte:head><title>Where were we? · {head.machine.name}</title></svelte:head>

<Query {query} what="where we were">
  {#snippet children(w)}
    <p class="text-sm text-soft">
      {w.daysAgo == null
        ? 'Nothing was done on it yet'
        : w.daysAgo === 0
          ? 'Worked on today'
          : w.daysAgo === 1
            ? 'Worked on yesterday'
            : `Last worked on ${w.daysAgo} days ago`}
    </p>
    <h1 class="text-title leading-tight font-bold sm:text-saying">
      {w.next ? w.next.title : (w.planned?.title ?? head.standing.headline)}
    </h1>
    {#if w.next?.why}<p class="mt-1 max-w-read">{w.next.why}</p>{/if}
    {#if w.planned}<p class="mt-1 text-sm">
        By the plan: {w.planned.person}, {dayWord(w.planned.start, now.value)}
        {clock(w.planned.start)}, {w.planned.title.charAt(0).toLowerCase()}{w.planned.title.slice(1)}.
      </p>{/if}
    {#if head.machine.parkedAt}<ParkSheet {id} {head} wakes={w.wakes} wokenBy={w.wokenBy} />{/if}
    <div class="mt-5 grid gap-x-10 gap-y-6 lg:grid-cols-2">
      <section aria-label="Done last">
        <h2 class="font-bold">Done last</h2>
        <ul class="border-t border-sill">
          {#each w.last as l (l.id)}<li class="border-b border-sill py-2">
              {l.sentence}<span class="block text-sm text-soft">{moment(l.at)}{l.by ? `, ${l.by}` : ''}</span>
            </li>{:else}<li class="border-b border-sill py-2 text-soft">Nothing yet.</li>{/each}
        </ul>
      </section>
      <section aria-label="Still waits">
        <h2 class="font-bold">Still drying, soaking, in the post</h2>
        <ul class="border-t border-sill">
          {#each w.waits as x (x.then)}<li class="flex items-center gap-3 border-b border-sill py-2">
              <Mark of={x.over ? 'if' : 'waiting'} word={x.over ? 'over' : 'waiting'} /><span
                >{x.for}<span class="block text-sm text-soft">{x.then}</span></span
              ><span class="reading ml-auto text-tide">{x.until ? left(x.until, now.value) : 'open'}</span>
            </li>{:else}<li class="border-b border-sill py-2 text-soft">Nothing.</li>{/each}
        </ul>
      </section>
      {#if w.tried.length}<section aria-label="Tried">
          <h2 class="font-bold">Was tried</h2>
          <ul class="border-t border-sill">
            {#each w.tried as t (t)}<li class="border-b border-sill py-2">{t}</li>{/each}
          </ul>
        </section>{/if}
      <section aria-label="Lay out">
        <h2 class="font-bold">Lay out</h2>
        <ul class="border-t border-sill">
          {#each [...w.layOut, ...w.trays.map((t) => `Tray ${t}`)] as l (l)}<li class="border-b border-sill py-1.5">
              {l}
            </li>{:else}<li class="border-b border-sill py-2 text-soft">Nothing special.</li>{/each}
        </ul>
      </section>
    </div>
    {#if !head.machine.parkedAt}<ParkSheet {id} {head} wakes={w.wakes} wokenBy={w.wokenBy} />{/if}
    <BenchEdge>
      {#snippet next()}<a
          class={w.wokenBy ? 'act' : 'btn-next'}
          href={!w.next && w.planned ? pathOf(w.planned) : `/m/${id}/${w.next?.screen ?? 'arrive'}`}
          >{w.next ? 'Go on there' : 'Look at it'}</a
        >{/snippet}
    </BenchEdge>
  {/snippet}
</Query>
