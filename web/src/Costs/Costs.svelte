<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, basedOn, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { currencySign, minutes, moment, money, number, typed } from '$lib/format';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import MoneyLine from './MoneyLine.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['costs', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/costs', { params: { path: { id } } })),
  }));
  const form = new Sending();
  let what = $state('');
  let amount = $state('');
  let time = $state('');
  let expecting = $state(false);
  let exp = $state({ low: '', likely: '', high: '', cLow: '', cLikely: '', cHigh: '', stop: '' });
  const t = (v: number | null | undefined) => (v == null ? '' : String(v));
  function openExpectation(e: Schemas['Expectation']) {
    exp = {
      low: t(e.toFinish?.low),
      likely: t(e.toFinish?.likely),
      high: t(e.toFinish?.high),
      cLow: t(e.complete?.low),
      cLikely: t(e.complete?.likely),
      cHigh: t(e.complete?.high),
      stop: t(e.stopLoss),
    };
    form.forget();
    expecting = true;
  }
  async function expect() {
    const spread = (a: string, b: string, c: string, what: string) => {
      const [low, likely, high] = [number(a, what), number(b, what), number(c, what)];
      if (low == null && likely == null && high == null) return null;
      if (likely == null) throw new Error(`Give the likely figure of ${what}.`);
      return { low: low ?? likely, likely, high: high ?? likely };
    };
    await act(
      api.PUT('/api/machines/{id}/costs/expectation', {
        params: { path: { id } },
        headers: basedOn(query.data!.version),
        body: {
          toFinish: spread(exp.low, exp.likely, exp.high, 'finishing'),
          complete: spread(exp.cLow, exp.cLikely, exp.cHigh, 'a complete one'),
          stopLoss: number(exp.stop, 'the stop-loss'),
        },
      }),
    );
    expecting = false;
  }
  async function add() {
    const m = number(time, 'the minutes');
    await act(
      api.POST('/api/machines/{id}/costs', {
        params: { path: { id } },
        body: { what, amount: number(amount, 'the amount'), minutes: m == null ? null : Math.round(m) },
      }),
    );
    what = amount = time = '';
  }
</script>

<svelte:head><title>Money and hours · {head.machine.name}</title></svelte:head>
<Query {query} what="what it cost">
  {#snippet children(data)}
    <Verdict
      verdict={data.goOn.verdict}
      words={{ yes: 'Go on', yesIf: 'Go on, with an eye on it', no: 'Stop', unknown: 'Not known' }}
      big
      heading={1}
      ><p class="mt-2">
        <button class="btn" onclick={() => openExpectation(data.expectation)}
          >{data.goOn.stopLoss == null ? 'Say what it may cost' : 'Change what is expected'}</button
        >
      </p></Verdict
    >
    <h2 class="mt-6 text-xl font-bold">
      {money(data.sum.total, data.sum.currency)} and {minutes(data.sum.minutes)} so far{data.sum.paid == null
        ? ', without its price, which is not known'
        : ''}.
    </h2>
    <p class="mt-1 text-soft">{minutes(head.standing.handsMinutesLeft)} of hands-on work still listed.</p>
    {#if typed(amount)}<div class="mt-4"><MoneyLine {head} next={Math.max(0, typed(amount) || 0)} /></div>{/if}
    <form
      id="cost"
      class="mt-5 grid gap-4 sm:grid-cols-[1fr_9rem_9rem]"
      onsubmit={(e) => {
        e.preventDefault();
        void form.send(add);
      }}
    >
      <div class="sm:col-span-3"><ProblemNote problem={form.problem} /></div>
      <TextField label="What for" error={form.field('what')} bind:value={what} required maxlength={200} />
      <NumberField label="Money, {currencySign(data.sum.currency)}" error={form.field('amount')} bind:value={amount} />
      <NumberField label="Minutes" error={form.field('minutes')} bind:value={time} whole />
    </form>
    <table class="mt-6 w-full">
      <caption class="sr-only">Money and time spent</caption>
      <thead class="text-left text-sm text-soft"
        ><tr
          ><th class="py-1 font-normal">What for</th><th class="font-normal max-sm:hidden">When</th><th
            class="text-right font-normal">{currencySign(data.sum.currency)}</th
          ><th class="text-right font-normal">Time</th><th><span class="sr-only">Acts</span></th></tr
        ></thead
      >
      <tbody>
        <tr class="border-t border-sill"
          ><td class="py-1.5">The machine itself</td><td class="max-sm:hidden">{moment(head.machine.arrivedAt)}</td><td
            class="reading text-right">{data.sum.paid == null ? '?' : data.sum.paid.toFixed(2)}</td
          ><td></td><td></td></tr
        >
        {#each data.entries as e (e.id)}
          <tr class="border-t border-sill"
            ><td class="py-1.5">{e.what}</td><td class="max-sm:hidden">{moment(e.at)}</td><td class="reading text-right"
              >{e.amount == null ? '' : e.amount.toFixed(2)}</td
            ><td class="reading text-right">{e.minutes == null ? '' : minutes(e.minutes)}</td><td class="text-right"
              ><button
                class="act min-h-8 pl-3"
                aria-label="Take away: {e.what}"
                onclick={() =>
                  void form.send(() =>
                    act(api.DELETE('/api/machines/{id}/costs/{costId}', { params: { path: { id, costId: e.id } } })),
                  )}>Take away</button
              ></td
            ></tr
          >
        {/each}
      </tbody>
    </table>
    <Sheet
      bind:open={expecting}
      title="What it may cost"
      about="Said on the first day, it is the yardstick on every later one. Low, likely, high; leave out what nobody knows."
    >
      <form
        class="grid gap-4"
        onsubmit={(e) => {
          e.preventDefault();
          void form.send(expect);
        }}
      >
        <ProblemNote problem={form.problem} />
        {#each [{ word: 'To finish it', keys: ['low', 'likely', 'high'] as const, field: 'expectation.toFinish' }, { word: 'A complete, tested one', keys: ['cLow', 'cLikely', 'cHigh'] as const, field: 'expectation.complete' }] as s (s.word)}
          <fieldset>
            <legend class="text-sm font-semibold">{s.word}, {currencySign(data.sum.currency)}</legend>
            <div class="grid grid-cols-3 gap-2">
              {#each s.keys as k, i (k)}<input
                  class="input reading"
                  inputmode="decimal"
                  aria-label="{s.word}, {['low', 'likely', 'high'][i]}"
                  placeholder={['low', 'likely', 'high'][i]}
                  bind:value={exp[k]}
                />{/each}
            </div>
            {#if form.field(s.field)}<p class="text-sm font-semibold text-oxide">{form.field(s.field)}</p>{/if}
          </fieldset>
        {/each}
        <NumberField
          label="Stop-loss, {currencySign(data.sum.currency)}"
          hint="Empty: the likely price of a complete one."
          error={form.field('expectation.stopLoss')}
          bind:value={exp.stop}
          size="max-w-40"
        />
        <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
      </form>
    </Sheet>
    <BenchEdge
      >{#snippet next()}<button class="btn-next" form="cost" disabled={form.busy}>Count it</button
        >{/snippet}{#snippet needs()}Money, minutes, or both.{/snippet}</BenchEdge
    >
  {/snippet}
</Query>
