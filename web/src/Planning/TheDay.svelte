<!-- @component Will it be ready for the day: the chance from a thousand runs, which machine is at risk, what would help. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask } from '$lib/api/client';
  import { day as dayName } from '$lib/format';
  import { now } from '$lib/now.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import Query from '$lib/ui/Query.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import { surface, stageShape } from '$lib/ui/tideline-shape';
  import PlanBar from './PlanBar.svelte';
  import { dayWord } from './words';

  const query = createQuery(() => ({
    queryKey: ['the-day'],
    queryFn: () => ask(api.GET('/api/plan/day', { params: { query: { help: false } } })),
    staleTime: 60_000,
  }));
  // The chance comes at once; what would help is tried out while one reads it.
  const help = createQuery(() => ({
    queryKey: ['the-day', 'help'],
    queryFn: () => ask(api.GET('/api/plan/day', { params: { query: { help: true } } })),
    enabled: !!query.data?.chance,
    staleTime: 60_000,
  }));
  /** A thousand runs tell no more than this. */
  const percent = (c: number) =>
    c > 0.995 ? 'over 99 %' : c > 0 && c < 0.005 ? 'under 1 %' : `${Math.round(c * 100)} %`;
  const said = (c: number) =>
    c >= 0.9
      ? 'Most likely ready for the day'
      : c >= 0.6
        ? 'Rather likely ready for the day'
        : c >= 0.25
          ? 'At risk for the day'
          : 'Hardly ready for the day as it stands';
  const id = $props.id();
</script>

<svelte:head><title>The day · Haar</title></svelte:head>

<div class="mx-auto max-w-page px-4 sm:px-7">
  <TopBar at="plan" />
  <main>
    <PlanBar at="the-day" />
    <Query {query} what="the day">
      {#snippet children(d)}
        {#if !d.chance}
          <section class="mx-auto max-w-xl py-12 text-center">
            <h1 class="text-3xl font-bold">{d.eventDay ? 'Nothing is planned for it' : 'No day is named'}</h1>
            <p class="mt-3">
              {d.eventDay
                ? 'With people, their hours and work to do, Haar runs the plan a thousand times and says how likely the day is kept.'
                : 'Name the day that everything has to be ready for, or give a machine a day of its own.'}
            </p>
            <p class="mt-6">
              <a class="btn-next" href={d.eventDay ? '/people' : '/settings'}
                >{d.eventDay ? 'People and hours' : 'Name the day'}</a
              >
            </p>
          </section>
        {:else}
          {@const stuck = d.unplanned.length > 0}
          <p class="text-sm text-soft">
            {d.eventName ? `“${d.eventName}”, ` : ''}{d.eventDay ? dayName(d.eventDay) : ''}{d.daysLeft != null
              ? `, in ${d.daysLeft} ${d.daysLeft === 1 ? 'day' : 'days'}`
              : ''}
          </p>
          <h1 class="text-title leading-tight font-bold sm:text-saying">
            {stuck
              ? `${d.unplanned[0]!.machine} will not be ready: ${d.unplanned[0]!.title}`
              : said(d.chance.now.chance)}
          </h1>
          {#if stuck}<p class="mt-1">{d.unplanned[0]!.why} The chance of all the rest:</p>{/if}
          <dl class="mt-4 flex flex-wrap gap-x-10 gap-y-3">
            <div class="flex flex-col-reverse">
              <dt class="text-xs text-soft">that all is ready by the day</dt>
              <dd class="reading text-5xl">{percent(d.chance.now.chance)}</dd>
            </div>
          </dl>
          <div class="mt-6 grid gap-x-10 gap-y-6 lg:grid-cols-2">
            <section aria-label="Machines by risk">
              <h2 class="font-bold">Most at risk first</h2>
              <ul class="border-t border-ink">
                {#each d.machines as m, i (m.machineId)}
                  {@const b = stageShape(0, 72, 30)}
                  <li>
                    <a
                      class="grid grid-cols-[72px_6.5rem_minmax(0,1fr)] items-center gap-x-3 border-b border-sill py-1.5 hover:bg-rock/60"
                      href="/m/{m.machineId}/where"
                    >
                      <svg width="72" height="32" viewBox="0 0 72 32" aria-hidden="true">
                        <clipPath id="{id}-{i}"><path d={b.water} /></clipPath>
                        <rect
                          clip-path="url(#{id}-{i})"
                          x="0"
                          y={surface(m.chance, 30)}
                          width="72"
                          height="32"
                          class={m.chance >= 0.9 ? 'fill-verdigris' : m.chance >= 0.5 ? 'fill-brass' : 'fill-oxide'}
                        />
                        <path d={b.line} fill="none" class="stroke-ink" stroke-width="1.8" />
                      </svg>
                      <span class="reading text-xl">{percent(m.chance)}</span>
                      <span class="min-w-0"
                        ><strong>{m.machine}</strong><span class="block text-sm text-soft"
                          >{m.readyAt
                            ? `most often ready ${dayWord(m.readyAt, now.value)}`
                            : 'not ready in most runs'}</span
                        ></span
                      >
                    </a>
                  </li>
                {/each}
              </ul>
            </section>
            <section aria-label="What would help">
              <h2 class="font-bold">What would help most for the least</h2>
              <ol class="border-t border-ink">
                {#each (help.data?.chance?.rescues ?? []).filter((r) => r.gain > 0.005).slice(0, 3) as r (r.name)}
                  <li class="grid grid-cols-[6.5rem_minmax(0,1fr)] items-baseline gap-x-3 border-b border-sill py-2">
                    <span class="reading text-xl">{percent(r.chance)}</span>
                    <span
                      ><strong>{r.name}</strong><span class="block text-sm text-soft"
                        >{Math.round(r.gain * 100)} points more</span
                      ></span
                    >
                  </li>
                {:else}<li class="border-b border-sill py-3">
                    {d.chance.now.chance >= 0.9
                      ? 'Nothing is needed.'
                      : 'No single thing that was tried helps by itself.'}
                  </li>{/each}
              </ol>
              <p class="mt-3 text-sm text-soft">
                The plan in its order, a thousand times: lengths between best and worst, with factors common to a person
                and to a kind of work; the same draws for each rescue.
              </p>
            </section>
          </div>
          {#if d.said.length}<Fold class="mt-5" title="What the plan supposes"
              ><ul class="text-sm">
                {#each d.said as s (s)}<li class="border-b border-sill py-1.5">{s}</li>{/each}
              </ul></Fold
            >{/if}
          <BenchEdge>
            {#snippet next()}<a class="btn-next" href="/tonight">Tonight</a>{/snippet}
            {#snippet acts()}<a class="act" href="/people">Hours and missed evenings</a><a class="act" href="/days"
                >Days</a
              >{/snippet}
          </BenchEdge>
        {/if}
      {/snippet}
    </Query>
  </main>
</div>
