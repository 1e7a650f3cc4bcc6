<script lang="ts">
  import Choice from '$lib/ui/Choice.svelte';
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import Key from '$lib/ui/Key.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import { go } from '../router';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  let silence = $state<Schemas['Silence']>();
  const query = createQuery(() => ({
    queryKey: ['nothingon', id, silence],
    queryFn: () =>
      ask(api.GET('/api/machines/{id}/rebuild/nothing-on', { params: { path: { id }, query: { silence } } })),
  }));
  const form = new Sending();
  let found = $state('');
  const first = $derived(query.data?.checks[0]);
  const words: Record<Schemas['Silence'], string> = {
    nothingAtAll: 'Nothing at all',
    fansOnly: 'Fans turn, no more',
    beepsOnly: 'It beeps',
    noPicture: 'Runs, no picture',
  };
  const looked = (check: Schemas['SeatingCheck'], right: boolean) =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/rebuild/nothing-on/{check}', {
          params: { path: { id, check: check.id } },
          body: { right },
        }),
      );
      if (!right) found = check.title;
    });
  useKeys([
    { key: 'r', words: 'Looked at, and right', run: () => first && void looked(first, true) },
    { key: 'i', words: 'That was it', run: () => first && void looked(first, false) },
  ]);
</script>

<svelte:head><title>Nothing on? · {head.machine.name}</title></svelte:head>

<Query {query} what="what was touched">
  {#snippet children(data)}
    {#if found}
      <h1 class="text-title leading-tight font-bold text-verdigris">That was it. {found}.</h1>
      <p class="mt-1">It is in the log. Take first power again from the step where it was silent.</p>
    {:else}
      <h1 class="max-w-read text-title leading-tight font-bold">{data.verdict.sentence}</h1>
      <p class="mt-1 max-w-read text-soft">{first ? first.why : data.verdict.wouldChange[0]}</p>
    {/if}
    <div class="mt-3 grid max-w-read gap-2">
      <ProblemNote problem={form.problem} />
      {#if head.cautions.includes('pictureTube')}<CautionNote
          id="pictureTube"
        />{:else if head.cautions.includes('mainsSupply')}<CautionNote id="mainsSupply" />{/if}
    </div>
    <Choice
      label="What it does instead"
      class="mt-4"
      value={data.silence}
      options={words}
      onchange={(v) => (silence = v)}
    />
    {#if data.checks.length}
      <h2 class="mt-6 text-sm font-semibold text-soft">
        From this machine’s own record, most likely for the minutes it takes first{data.cleared.length
          ? `; ${data.cleared.length} looked at and right`
          : ''}
      </h2>
      <ol class="mt-1 border-t border-sill">
        {#each data.checks as c, i (c.id)}
          <li class="grid items-center gap-x-4 border-b border-sill py-2 sm:grid-cols-[4.5rem_minmax(0,1fr)_auto]">
            <p class="reading text-2xl leading-none {i === 0 ? '' : 'text-soft'}">
              {Math.round(c.share * 100)}<span class="text-base font-normal"> %</span>
            </p>
            <p>
              <span class={i === 0 ? 'text-lg font-bold' : 'font-semibold'}>{c.title}</span><span
                class="block text-sm text-soft">{c.why} About {c.minutes} min.</span
              >
            </p>
            <p class="flex gap-5">
              <button class="act text-ink" aria-label="Right: {c.title}" onclick={() => void looked(c, true)}
                >It is right</button
              ><button class="act" aria-label="That was it: {c.title}" onclick={() => void looked(c, false)}
                >That was it</button
              >
            </p>
          </li>
        {/each}
      </ol>
    {/if}
    <BenchEdge>
      {#snippet next()}{#if first && !found}<button
            class="btn-next"
            disabled={form.busy}
            onclick={() => void looked(first, true)}>Looked at, and right</button
          >{:else}<button class="btn-next" onclick={() => go(`/m/${id}/power`)}>First power</button>{/if}{/snippet}
      {#snippet needs()}{first && !found ? first.title : ''}{/snippet}
      {#snippet acts()}{#if first && !found}<button class="act" onclick={() => void looked(first, false)}
            >That was it <Key k="I" /></button
          >{/if}{/snippet}
    </BenchEdge>
  {/snippet}
</Query>
