<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { left, minutes } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import { now } from '$lib/now.svelte';
  import { stages } from '$lib/words';
  import { keepRoom } from '$lib/ui/edge';
  import Key from '$lib/ui/Key.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Tideline from '$lib/ui/Tideline.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import { atTheBench } from '$lib/bench';
  import { go } from '../router';
  import ElseList from './ElseList.svelte';
  import { clock, dayWord } from './words';

  const page = $derived(Number(searchParams.get('page') ?? 1));
  const gone = $derived(searchParams.get('show') === 'handed-over');
  const query = createQuery(() => ({
    queryKey: ['workshop', page, gone],
    queryFn: () => ask(api.GET('/api/workshop', { params: { query: { page, handedOver: gone } } })),
    refetchInterval: 30_000,
  }));
  // The plan is made while one looks; what it says is first stands here as soon as it is.
  const plan = createQuery(() => ({
    queryKey: ['plan-made'],
    queryFn: async () => {
      const made = await ask(api.GET('/api/plan'));
      await query.refetch();
      return made.plan?.tasks.length ?? 0;
    },
    enabled: !!query.data && query.data.counts.inHand > 0,
    staleTime: 60_000,
    retry: false,
  }));
  let open = $state<'why' | 'else' | ''>('');
  const next = $derived(query.data?.next);
  const lots = $derived((query.data?.machines ?? []).filter((m) => m.tides[0]?.waits === 'unsorted').length);
  const start = (a: Schemas['ActOnMachine']) => `/m/${a.machineId}/${a.act.screen}`;
  const tones: Record<Schemas['StageState'], string> = {
    waiting: 'text-tide',
    stopped: 'text-oxide',
    done: 'text-verdigris',
    here: '',
    begun: '',
    empty: 'text-soft',
  };

  useKeys([
    { key: 'Enter', words: 'Start what is next', run: () => next && go(start(next)) },
    { key: 'w', words: 'Why this?', run: () => (open = open === 'why' ? '' : 'why') },
    { key: 's', words: 'Something else', run: () => (open = open === 'else' ? '' : 'else') },
    { key: 't', words: 'Take a machine in', run: () => go('/take-in') },
  ]);
</script>

<svelte:head><title>Workshop · Haar</title></svelte:head>

<div class="mx-auto max-w-page px-4 sm:px-7">
  <TopBar at="workshop" />
  <main>
    <h1 class="sr-only">Workshop</h1>
    <Query {query} what="the workshop">
      {#snippet children(data)}
        {#if data.counts.inHand === 0 && data.counts.setAside === 0 && data.counts.handedOver === 0}
          <section class="mx-auto max-w-xl py-16 text-center">
            <h2 class="text-3xl font-bold">No machine yet</h2>
            <p class="mt-3">
              Take one in: its name is enough to begin with. Haar then says what can hurt you, what comes next, and why.
            </p>
            <p class="mt-6"><a class="btn-next" href="/take-in">Take a machine in</a></p>
            <p class="mt-4 flex flex-wrap justify-center gap-x-6">
              <a class="act" href="/take-in-lot">Take a lot in</a>
              <a class="act" href="/settings#documents">Take in a document</a>
            </p>
            <p class="mt-6 sill pt-4 text-sm text-soft">
              To look round first: <code class="font-mono">./haar demo</code> opens a made-up workshop in a folder of its
              own. It never touches this one.
            </p>
          </section>
        {:else}
          <section
            aria-label="Next at the bench"
            class="grid overflow-hidden rounded-lg lg:grid-cols-[minmax(0,1fr)_23.25rem]"
          >
            <div class="bg-paper px-5 py-4 sm:px-6">
              {#if data.next}
                <p class="text-sm text-soft">
                  Next at the bench{data.byPlan ? ` for ${data.byPlan.person}` : ''} ·
                  <strong class="text-ink">{data.next.machineName}</strong>
                </p>
                <h2
                  class="mt-0.5 text-title leading-[1.15] font-bold text-balance sm:text-saying {data.next.act.danger
                    ? 'text-oxide'
                    : ''}"
                >
                  {data.next.act.title}
                </h2>
                <p class="mt-1.5 max-w-read text-pretty">{data.next.act.why}</p>
                <div class="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
                  <a class="btn-next max-sm:w-full" href={start(data.next)}
                    >Start, about {minutes(data.next.act.minutes)}</a
                  >
                  {#if data.next.act.needs}<p class="text-sm text-soft">{data.next.act.needs}</p>{/if}
                  <div class="flex gap-5 sm:ml-auto">
                    <button
                      class="act"
                      aria-expanded={open === 'why'}
                      onclick={() => (open = open === 'why' ? '' : 'why')}>Why this? <Key k="W" /></button
                    >
                    <button
                      class="act"
                      aria-expanded={open === 'else'}
                      onclick={() => (open = open === 'else' ? '' : 'else')}>Something else <Key k="S" /></button
                    >
                  </div>
                </div>
                {#if open === 'why'}
                  <p class="mt-2 sill pt-2 text-sm">
                    {#if data.byPlan}By the plan it is {data.byPlan.person}’s turn, {dayWord(data.byPlan.at, now.value)}
                      {clock(data.byPlan.at)}: the first piece of work of a plan of all machines{plan.data
                        ? `, ${plan.data} pieces`
                        : ''}, in which everything is ready as soon as can be. No danger is open: one would go before
                      any plan. <a class="underline" href="/days">The plan</a>{:else}The rule: a danger first, then what
                      other work waits for, then the earliest stage, then the oldest. {data.next.act.danger
                        ? 'This is a danger.'
                        : data.next.act.wantedBy > 0
                          ? `${data.next.act.wantedBy} other pieces of work wait for this one, and no danger is open.`
                          : 'No danger is open and nothing waits for other work, so the earliest stage comes first.'}{/if}
                  </p>
                {:else if open === 'else' && data.byPlan}
                  <div class="mt-2 sill pt-2"><ElseList person={atTheBench() || data.byPlan.person} /></div>
                {:else if open === 'else'}
                  <ul class="mt-2 sill">
                    {#each data.others as o (o.machineId)}
                      <li>
                        <a
                          class="flex flex-wrap items-baseline justify-between gap-x-4 border-b border-sill py-2 hover:bg-rock"
                          href={start(o)}
                          ><span><strong>{o.act.title}</strong> <span class="text-soft">· {o.machineName}</span></span
                          ><span class="text-sm text-soft">{minutes(o.act.minutes)}</span></a
                        >
                      </li>
                    {/each}
                  </ul>
                {/if}
              {:else}
                <h2 class="text-2xl font-bold">Nothing needs a hand now</h2>
                <p class="mt-1.5">Everything listed is done, or waits for something that needs no hands.</p>
              {/if}
            </div>
            <div class="bg-tide-wash px-5 py-4 sm:px-6">
              <h2 class="text-sm font-bold text-tide">
                <a class="hover:underline" href="/waits">Going on without hands</a>
              </h2>
              <ul class="mt-1.5">
                {#each data.withoutHands as w (w.jobId ?? w.machineId)}
                  <li class="flex items-baseline justify-between gap-4 py-[3px] text-[0.9375rem]">
                    <a class="min-w-0 text-balance hover:underline" href="/m/{w.machineId}"
                      >{w.machineName}, {w.waitsFor}</a
                    ><span class="reading whitespace-nowrap text-tide"
                      >{w.until ? left(w.until, now.value) : 'open'}</span
                    >
                  </li>
                {:else}
                  <li class="text-sm">Nothing is soaking, drying, curing or in the post.</li>
                {/each}
              </ul>
            </div>
          </section>

          <div
            class="mt-3 grid grid-cols-[14.5rem_42rem_minmax(0,1fr)] items-end text-xs text-soft max-xl:grid-cols-[1fr_auto]"
          >
            <p>
              {data.counts.inHand - lots}
              {data.counts.setAside ? '' : data.counts.inHand - lots === 1 ? 'machine ' : 'machines '}in hand{lots
                ? `, ${lots} ${lots === 1 ? 'lot' : 'lots'} unsorted`
                : ''}{data.counts.setAside ? `, ${data.counts.setAside} set aside` : ''}{#if data.counts.handedOver}, <a
                  class="underline"
                  href={gone ? '/' : '/?show=handed-over'}
                  >{gone ? 'show those in hand' : `${data.counts.handedOver} handed over`}</a
                >{/if}
            </p>
            <p class="grid grid-cols-11 text-center max-xl:hidden" aria-hidden="true">
              {#each stages as s (s.stage)}<span class="whitespace-nowrap">{s.short}</span>{/each}
            </p>
            <p class="pl-6 max-xl:hidden">Where its tide stands</p>
          </div>
          <ul class="mt-1 border-t border-sill">
            {#each data.machines as m (m.id)}
              <li
                class="relative grid items-center gap-x-0 border-b border-sill py-[5px] hover:bg-rock/60 xl:grid-cols-[14.5rem_42rem_minmax(0,1fr)]"
              >
                <div class="min-w-0">
                  <a
                    href="/m/{m.id}"
                    class="block truncate text-lg leading-tight font-bold after:absolute after:inset-0">{m.name}</a
                  >
                  <p class="truncate text-xs text-soft">{[m.year, m.kind].filter(Boolean).join(' · ')}</p>
                </div>
                <div class="max-xl:order-last max-xl:mt-1.5">
                  <Tideline tides={m.tides} name={m.name} now={now.value} />
                </div>
                <div class="min-w-0 max-xl:mt-1 xl:pl-6">
                  <p class="line-clamp-2 leading-snug font-bold {tones[m.tone]}">{m.headline}</p>
                  <p class="truncate text-sm text-soft">{m.detail}</p>
                </div>
              </li>
            {/each}
          </ul>
          {#if data.pages > 1}
            <nav aria-label="Pages" class="flex items-center justify-center gap-6 py-4">
              {#if data.page > 1}<a class="act" href="/?page={data.page - 1}">Earlier</a>{/if}
              <span>{data.page} of {data.pages}</span>
              {#if data.page < data.pages}<a class="act" href="/?page={data.page + 1}">Later</a>{/if}
            </nav>
          {/if}
          <section {@attach keepRoom} aria-label="The day" class="fixed inset-x-0 bottom-0 z-10 bg-fog px-4 sm:px-7">
            <div class="mx-auto flex max-w-page items-center gap-x-4 border-t-2 border-ink py-2.5">
              {#if data.workshop.daysToEvent != null && data.workshop.eventName}
                <a class="min-w-0 truncate font-bold hover:underline" href="/the-day">
                  {data.workshop.daysToEvent > 1
                    ? `${data.workshop.daysToEvent} days to`
                    : data.workshop.daysToEvent === 1
                      ? 'Tomorrow:'
                      : data.workshop.daysToEvent === 0
                        ? 'Today:'
                        : 'Past:'} “{data.workshop.eventName}”
                </a>
                <p class="text-sm text-soft max-sm:hidden">
                  {minutes(data.counts.handsMinutesLeft)} of hands-on work listed{#if data.workshop.daysToEvent > 0}, {minutes(
                      Math.ceil(data.counts.handsMinutesLeft / data.workshop.daysToEvent),
                    )} a day{/if}{#if data.counts.stopped}; {data.counts.stopped} stopped before power{/if}
                </p>
              {:else}
                <p class="text-sm text-soft">
                  {minutes(data.counts.handsMinutesLeft)} of hands-on work listed.
                  <a class="underline" href="/settings">Name a day</a> that everything has to be ready for.
                </p>
              {/if}
              <a class="act ml-auto whitespace-nowrap text-brass-ink" href="/take-in">Take a machine in <Key k="T" /></a
              >
            </div>
          </section>
        {/if}
      {/snippet}
    </Query>
  </main>
</div>
