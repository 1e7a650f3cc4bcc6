<!-- @component Everything that goes on without hands, longest over first; timers ring while this page is open. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { left, moment } from '$lib/format';
  import { now } from '$lib/now.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import ParcelDay from '../Parts/ParcelDay.svelte';
  import PlanBar from './PlanBar.svelte';
  import { Ring } from './ring.svelte';

  const query = createQuery(() => ({
    queryKey: ['waits'],
    queryFn: () => ask(api.GET('/api/plan/waits')),
    refetchInterval: 30_000,
  }));
  let sheet = $state<'later' | ''>('');
  let of = $state<Schemas['WaitRow']>();
  const ring = new Ring();
  $effect(() => ring.hear(query.data ?? [], now.value));
  const over = $derived((query.data ?? []).filter((w) => w.until && Date.parse(w.until) <= now.value));
</script>

<svelte:head><title>Waits · Haar</title></svelte:head>

<div class="mx-auto max-w-page px-4 sm:px-7">
  <TopBar at="plan" />
  <main>
    <PlanBar at="waits" />
    <Query {query} what="the waits">
      {#snippet children(list)}
        <h1 class="text-title leading-tight font-bold sm:text-saying">
          {over.length
            ? `${over.length} ${over.length === 1 ? 'wait is' : 'waits are'} over: ${over[0]!.then}, ${over[0]!.machine}`
            : list.length
              ? `${list.length} ${list.length === 1 ? 'thing goes' : 'things go'} on without hands`
              : 'Nothing is soaking, drying, curing or in the post'}
        </h1>
        {#if ring.missed.length}<p class="mt-2 font-semibold text-brass-ink" role="status">
            Run out while this page was closed: {ring.missed.map((m) => `${m.machine}, ${m.for}`).join('; ')}.
          </p>{/if}
        <ul class="mt-4 border-t border-ink" aria-label="Waits">
          {#each list as w (`${w.path}${w.then}`)}
            {@const done = !!w.until && Date.parse(w.until) <= now.value}
            <li class="border-b border-sill">
              <a
                class="grid grid-cols-[1.5rem_minmax(0,1fr)_auto] items-center gap-x-3 py-2.5 hover:bg-rock/60"
                href={w.path}
              >
                <Mark of={done ? 'if' : 'waiting'} word={done ? 'over' : 'waiting'} />
                <span class="min-w-0"
                  ><strong class="text-lg">{w.machine}</strong>, {w.for}<span class="block text-sm text-soft"
                    >{w.then}</span
                  ></span
                >
                <span class="text-right"
                  ><span class="reading text-xl {done ? 'text-brass-ink' : 'text-tide'}"
                    >{w.until ? (done ? 'over' : left(w.until, now.value)) : 'open'}</span
                  ><span class="block text-sm text-soft">{w.until ? moment(w.until) : 'nobody knows the day'}</span
                  ></span
                >
              </a>
              {#if w.orderId}<button
                  class="act mb-1.5 ml-9"
                  aria-label="It comes on another day: {w.then}, {w.machine}"
                  onclick={() => {
                    of = w;
                    sheet = 'later';
                  }}>It comes on another day</button
                >{/if}
            </li>
          {/each}
        </ul>
        <section class="mt-6 max-w-read" aria-label="Timers">
          <p>
            {ring.on
              ? 'This page rings when a wait is over, as long as it stays open.'
              : 'This page can ring when a wait is over, as long as it stays open.'}
            A closed browser cannot ring, and nothing dangerous may hang on a timer. The
            <a class="underline" href="/api/workshop/checks.ics">calendar file</a> carries what is due into a calendar that
            can.
          </p>
          <button class="btn mt-2" onclick={() => ring.toggle()}
            >{ring.on ? 'Stop ringing' : 'Ring on this device'}</button
          >
        </section>
      {/snippet}
    </Query>
  </main>
</div>

<Sheet bind:current={sheet} name="later" title="When does it come?" about={of ? `${of.for}, ${of.machine}` : ''}>
  {#if of?.orderId}<ParcelDay
      orderId={of.orderId}
      expectedOn={of.until?.slice(0, 10) ?? ''}
      ondone={() => (sheet = '')}
    />{/if}
</Sheet>
