<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { minutes, money, moment, number } from '$lib/format';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Field from '$lib/ui/Field.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({ queryKey: ['costs', id], queryFn: () => ask(api.GET('/api/machines/{id}/costs', { params: { path: { id } } })) }));
  const form = new Sending();
  let what = $state('');
  let amount = $state('');
  let time = $state('');
  async function add() {
    const m = number(time, 'the minutes');
    await act(api.POST('/api/machines/{id}/costs', { params: { path: { id } }, body: { what, amount: number(amount, 'the amount'), minutes: m == null ? null : Math.round(m) } }));
    what = amount = time = '';
  }
</script>

<svelte:head><title>Money and hours · {head.machine.name}</title></svelte:head>
<Query {query} what="what it cost">
  {#snippet children(data)}
    <h1 class="text-[1.75rem] leading-tight font-bold">{money(data.sum.total, data.sum.currency)} and {minutes(data.sum.minutes)} so far{data.sum.paid == null ? ', without its price, which is not known' : ''}.</h1>
    <p class="mt-1 text-soft">{minutes(head.standing.handsMinutesLeft)} of hands-on work still listed.</p>
    <form id="cost" class="mt-5 grid gap-4 sm:grid-cols-[1fr_9rem_9rem]" onsubmit={(e) => { e.preventDefault(); void form.send(add); }}>
      <div class="sm:col-span-3"><ProblemNote problem={form.problem} /></div>
      <Field label="What for" error={form.field('what')}>{#snippet children(f)}<input class="input" required maxlength="200" bind:value={what} {...f} />{/snippet}</Field>
      <Field label="Money, {data.sum.currency}" error={form.field('amount')}>{#snippet children(f)}<input class="input reading" inputmode="decimal" bind:value={amount} {...f} />{/snippet}</Field>
      <Field label="Minutes" error={form.field('minutes')}>{#snippet children(f)}<input class="input reading" inputmode="numeric" bind:value={time} {...f} />{/snippet}</Field>
    </form>
    <table class="mt-6 w-full">
      <caption class="sr-only">Money and time spent</caption>
      <thead class="text-left text-sm text-soft"><tr><th class="py-1 font-normal">What for</th><th class="font-normal max-sm:hidden">When</th><th class="text-right font-normal">{data.sum.currency}</th><th class="text-right font-normal">Time</th><th><span class="sr-only">Acts</span></th></tr></thead>
      <tbody>
        <tr class="border-t border-sill"><td class="py-1.5">The machine itself</td><td class="max-sm:hidden">{moment(head.machine.arrivedAt)}</td><td class="reading text-right">{data.sum.paid == null ? '?' : data.sum.paid.toFixed(2)}</td><td></td><td></td></tr>
        {#each data.entries as e (e.id)}
          <tr class="border-t border-sill"><td class="py-1.5">{e.what}</td><td class="max-sm:hidden">{moment(e.at)}</td><td class="reading text-right">{e.amount == null ? '' : e.amount.toFixed(2)}</td><td class="reading text-right">{e.minutes == null ? '' : minutes(e.minutes)}</td><td class="text-right"><button class="act min-h-8 pl-3" aria-label="Take away: {e.what}" onclick={() => void form.send(() => act(api.DELETE('/api/machines/{id}/costs/{costId}', { params: { path: { id, costId: e.id } } })))}>Take away</button></td></tr>
        {/each}
      </tbody>
    </table>
    <BenchEdge>{#snippet next()}<button class="btn-next" form="cost" disabled={form.busy}>Count it</button>{/snippet}{#snippet needs()}Money, minutes, or both.{/snippet}</BenchEdge>
  {/snippet}
</Query>
