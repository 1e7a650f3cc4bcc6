<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import type { Component } from 'svelte';
  import { api, askOrKept, type Schemas } from '$lib/api/client';
  import { useKeys } from '$lib/keys.svelte';
  import { now } from '$lib/now.svelte';
  import { firstScreen, nameOf, recapPolicyWords, stageOf, stages, type Stage } from '$lib/words';
  import { money } from '$lib/format';
  import { openPalette } from '$lib/ui/open';
  import Query from '$lib/ui/Query.svelte';
  import Tideline from '$lib/ui/Tideline.svelte';
  import { go, route } from '../router';

  type Screen = Component<{ id: string; head: Schemas['MachineHead']; stage: Stage }>;
  const work = () => import('../Planning/StageWork.svelte');
  const screens: Record<string, () => Promise<{ default: Screen }>> = {
    arrive: () => import('./Arrive.svelte'),
    costs: () => import('../Costs/Costs.svelte'),
    log: () => import('../Planning/Log.svelte'),
    before: () => import('../Stripdown/Before.svelte'),
    howdeep: () => import('../Stripdown/HowDeep.svelte'),
    where: () => import('../Planning/Where.svelte'),
    shipped: () => import('./Shipped.svelte'),
    cleaning: () => import('../Cleaning/Cleaning.svelte'),
    lot: () => import('./Lot.svelte'),
    survey: () => import('../Survey/Survey.svelte'),
    stripdown: () => import('../Stripdown/Recorder.svelte'),
    rebuild: () => import('../Stripdown/Rebuild.svelte'),
    fasteners: () => import('../Stripdown/Fasteners.svelte'),
    nothingon: () => import('../Stripdown/NoPower.svelte'),
    power: () => import('../Survey/Power.svelte'),
    capacitors: () => import('../Boards/Board.svelte'),
    battery: () => import('../Batteries/Battery.svelte'),
    prove: () => import('../Proving/Prove.svelte'),
    handover: () => import('../Handover/Handover.svelte'),
  };

  const id = $derived(route.params.id ?? '');
  const query = createQuery(() => ({
    queryKey: ['machine', id],
    queryFn: () => askOrKept(`machine/${id}`, api.GET('/api/machines/{id}', { params: { path: { id } } })),
    refetchInterval: 60_000,
  }));
  // The list of places was a screen of its own once; links to it are still about.
  const named = $derived(route.params.screen ?? nameOf(query.data?.standing.next?.screen ?? 'arrive'));
  const screen = $derived(named === 'checklist' ? 'survey' : named);
  const place = $derived(screen === 'lot' ? stageOf('arrive') : stageOf(screen));
  const isLot = $derived(!!query.data?.machine.lot);
  // A lot is sorted before any of it is looked at: it has one screen of its own, and what every arrival has.
  const shownScreens = $derived(
    isLot && place.stage === 'arrive'
      ? [{ screen: 'lot', word: 'The boxes' }, ...place.screens.filter((s) => s.screen !== 'shipped')]
      : place.screens,
  );
  const slim = $derived(screen === 'stripdown');
  const loading = $derived((screens[screen] ?? work)());
  const href = (s: Stage) => `/m/${id}/${firstScreen(s)}`;

  function step(by: number) {
    const i = stages.findIndex((s) => s.stage === place.stage) + by;
    if (stages[i]) go(href(stages[i].stage));
  }
  useKeys([
    { key: ']', words: 'The next stage', run: () => step(1) },
    { key: '[', words: 'The stage before', run: () => step(-1) },
  ]);
</script>

<div class="mx-auto max-w-page px-4 sm:px-7">
  <Query {query} what="the machine">
    {#snippet children(head)}
      <header
        class="grid items-start gap-x-8 pt-3 md:grid-cols-[13rem_minmax(0,1fr)_9rem] xl:grid-cols-[14.5rem_minmax(0,1fr)_11rem]"
      >
        <div class="min-w-0 max-md:flex max-md:flex-wrap max-md:items-baseline max-md:gap-x-3">
          <p class="text-sm max-md:w-full">
            <a class="inline-flex items-center text-soft hover:text-ink max-md:min-h-11 max-md:pr-6" href="/"
              >‹ Workshop</a
            >
          </p>
          <p class="text-xl leading-tight font-bold text-balance">{head.machine.name}</p>
          <p class="text-sm text-soft">{[head.machine.yearFrom, head.machine.kind].filter(Boolean).join(' · ')}</p>
        </div>
        <div class="max-md:mt-1.5 {slim ? 'max-md:hidden' : ''}">
          <Tideline tides={head.standing.tides} name={head.machine.name} {href} at={place.stage} now={now.value} />
        </div>
        <div class="text-right text-sm text-soft max-md:hidden">
          {#if head.stop}<p class="font-bold text-oxide">{head.stop}</p>{/if}
          {#if head.money.stopLoss != null}<p>
              <a
                class="hover:underline {head.money.verdict.outcome === 'no' ? 'font-bold text-oxide' : ''}"
                href="/m/{id}/costs"
                >{money(head.money.spent, head.currency)} of {money(head.money.stopLoss, head.currency)}</a
              >
            </p>{/if}
          {#if !head.machine.lot}<p class="font-semibold text-ink">
              Recap: {recapPolicyWords[head.machine.recapSchool].toLowerCase()}
            </p>{/if}
          <button
            class="mt-0.5 inline-flex min-h-8 items-center gap-2 hover:text-ink"
            onclick={openPalette}
            aria-label="Find or do anything">Find <kbd class="key">/</kbd></button
          >
        </div>
      </header>
      <nav
        aria-label="Screens of {place.word}"
        class="no-print mt-1 mb-3 flex gap-6 overflow-x-auto border-b border-sill text-sm"
      >
        {#each shownScreens as s (s.screen)}
          <a
            href="/m/{id}/{s.screen}"
            aria-current={s.screen === screen ? 'page' : undefined}
            class="-mb-px flex min-h-10 items-center border-b-[3px] whitespace-nowrap {s.screen === screen
              ? 'border-ink font-bold'
              : 'border-transparent text-soft hover:text-ink'}">{s.word}</a
          >
        {/each}
      </nav>
      <main>
        {#await loading}
          <p class="py-16 text-center text-soft" role="status">One moment …</p>
        {:then loaded}
          {@const Shown = loaded.default}
          {#key `${id}/${screen}`}<Shown {id} {head} stage={place.stage} />{/key}
        {:catch}
          <p class="py-16 text-center" role="alert">
            This screen could not be loaded. <button class="underline" onclick={() => location.reload()}
              >Load the page again</button
            >
          </p>
        {/await}
      </main>
    {/snippet}
  </Query>
</div>
