<!-- @component What is cleaned: the mildest thing that works, rung by rung, and dry before it meets power. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { lower, moment, number, plain } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Key from '$lib/ui/Key.svelte';
  import Mark, { type MarkOf } from '$lib/ui/Mark.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import ItemForm from './ItemForm.svelte';
  import TryForm from './TryForm.svelte';
  import { rungWords } from './words';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['cleaning', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/cleaning', { params: { path: { id } } })),
  }));
  let picked = $state(searchParams.get('item') as string | null);
  let sheet = $state<'add' | 'change' | 'try' | 'weigh' | 'tested' | ''>('');
  let grams = $state('');
  let tested = $state('');
  const form = new Sending();
  const items = $derived(query.data?.items ?? []);
  const row = $derived(items.find((r) => r.item.id === picked) ?? items.find((r) => open(r)) ?? items[0]);
  const open = (r: Schemas['CleanedRow']) => !r.item.sheet.doneAt || r.wet;
  const path = (r: Schemas['CleanedRow']) => ({ params: { path: { id, itemId: r.item.id } } });
  const mark = (r: Schemas['CleanedRow']): [MarkOf, string] =>
    r.wet
      ? ['waiting', 'drying']
      : !open(r)
        ? ['done', 'done']
        : r.ladder.next
          ? ['if', 'to be cleaned']
          : ['sound', 'enough'];
  /** What a cleaner left has to come off: while it is wet, or before anything else may go on. */
  const unrinsed = $derived(
    !!row && ((row.wet && row.item.sheet.by === 'unrinsed') || (row.item.facts.on.length > 0 && !row.ladder.next)),
  );

  const rinse = () => form.send(() => act(api.POST('/api/machines/{id}/cleaning/{itemId}/rinse', path(row!))));
  const finish = () => form.send(() => act(api.POST('/api/machines/{id}/cleaning/{itemId}/finish', path(row!))));
  const dry = () =>
    form.decide((overruleReason) =>
      act(
        api.POST('/api/machines/{id}/cleaning/{itemId}/dry', {
          ...path(row!),
          body: { scaleGrams: 1, testedBy: tested, overruleReason },
        }),
      ),
    );
  const weigh = () =>
    form.send(async () => {
      const g = number(grams, 'the weight');
      await act(api.POST('/api/machines/{id}/cleaning/{itemId}/weigh', { ...path(row!), body: { grams: g ?? 0 } }));
      grams = '';
      sheet = '';
    });
  function show(what: typeof sheet) {
    form.forget();
    sheet = what;
  }
  useKeys([
    { key: 'a', words: 'Put something on the list', run: () => show('add') },
    { key: 't', words: 'Keep a pass', run: () => row && show('try') },
    { key: 'e', words: 'Change this one', run: () => row && show('change') },
  ]);
</script>

<svelte:head><title>Cleaning · {head.machine.name}</title></svelte:head>

<Query {query} what="what is cleaned">
  {#if !row}
    <div class="max-w-xl py-8">
      <h1 class="text-title font-bold">Nothing is on the list yet</h1>
      <p class="mt-2">
        Put down what is to be cleaned: a shell, the key caps, a bracket, a board. Haar begins with the mildest thing
        that has a real chance, says when to go one harder and when to stop, and keeps whatever got wet away from power
        until it is dry.
      </p>
    </div>
    <BenchEdge
      >{#snippet next()}<button class="btn-next" onclick={() => show('add')}>Put something on the list</button
        >{/snippet}</BenchEdge
    >
  {:else}
    <div class="grid gap-x-7 gap-y-5 lg:grid-cols-[20rem_minmax(0,1fr)]">
      <ul class="border-t border-sill max-lg:order-last" aria-label="What is cleaned">
        {#each items as r (r.item.id)}
          {@const [m, word] = mark(r)}
          <li>
            <button
              class="flex min-h-11 w-full items-center gap-3 border-b border-sill px-1 text-left {r === row
                ? 'bg-rock'
                : 'hover:bg-rock/60'}"
              aria-current={r === row ? 'true' : undefined}
              onclick={() => (picked = r.item.id)}
              ><Mark of={m} {word} /><span class="font-semibold">{r.item.name}</span><span
                class="ml-auto text-sm text-soft"
                >{r.item.facts.trials.length ? `${plain(r.ladder.leftShare * 100, 2)} % left` : ''}</span
              ></button
            >
          </li>
        {/each}
      </ul>
      <div class="min-w-0">
        <p class="text-sm text-soft">{row.item.name}</p>
        {#if row.wet && row.drying}
          <Verdict
            verdict={row.mayDry?.verdict ?? row.drying.verdict}
            words={{ yes: 'Dry', no: 'Wet', unknown: 'Not known' }}
            big
            heading={1}
            overruled={row.mayDry?.overruledBecause}
          />
          <dl class="mt-4 flex flex-wrap gap-x-8 gap-y-3">
            <div class="flex flex-col-reverse">
              <dt class="text-xs text-soft">at the least</dt>
              <dd class="reading text-2xl">
                {row.drying.hours == null ? 'not there' : `${plain(row.drying.hours)} h`}
              </dd>
            </div>
            {#if row.dryFrom}<div class="flex flex-col-reverse">
                <dt class="text-xs text-soft">over at</dt>
                <dd class="reading text-2xl">{moment(row.dryFrom)}</dd>
              </div>{/if}
            {#each row.item.sheet.weighings.slice(-2) as w (w.at)}<div class="flex flex-col-reverse">
                <dt class="text-xs text-soft">weighed {moment(w.at)}</dt>
                <dd class="reading text-2xl">{plain(w.grams)} g</dd>
              </div>{/each}
          </dl>
          <p class="mt-3 text-sm">Water stays longest {row.drying.traps.join(', ')}.</p>
        {:else}
          <Verdict
            verdict={row.item.sheet.doneAt ? { ...row.ladder.verdict, sentence: 'Done.' } : row.ladder.verdict}
            words={{ yes: 'Next', yesIf: 'Next, after a spot test', no: 'Stop' }}
            bad={row.ladder.next || !row.ladder.verdict.mayBeOverruled ? 'no' : 'yes'}
            big
            heading={1}
          />
          {#if row.ladder.before.length && row.ladder.next}
            <h2 class="mt-4 font-bold">Before it gets wet</h2>
            <ul class="list-disc pl-5">
              {#each row.ladder.before as b (b)}<li>{b}</li>{/each}
            </ul>
          {/if}
        {/if}
        <h2 class="mt-6 font-bold">The ladder, mildest first</h2>
        <ol class="border-t border-sill">
          {#each row.ladder.rungs as r (r.method)}
            {@const tried = row.item.facts.trials.filter((t) => t.method === r.method)}
            <li
              class="grid grid-cols-[1.5rem_minmax(0,1fr)] items-baseline gap-x-3 border-b border-sill py-1.5 sm:grid-cols-[1.5rem_minmax(0,1fr)_11rem] {r.state ===
              'next'
                ? 'bg-paper'
                : ''}"
            >
              <span class="reading text-soft">{r.strength}</span>
              <span
                class={r.state === 'next'
                  ? 'font-bold'
                  : r.state === 'out' || r.state === 'noChance'
                    ? 'text-soft'
                    : ''}
                >{r.name}{#if r.why}<span class="block text-sm">{r.why}</span>{/if}</span
              >
              <span
                class="text-sm max-sm:col-start-2 sm:text-right {r.state === 'out' ? 'font-semibold text-oxide' : ''}"
                >{tried.length
                  ? tried.map((t) => `${plain(t.removedShare * 100, 2)} % off${t.damage ? ', damage' : ''}`).join('; ')
                  : rungWords[r.state]}</span
              >
            </li>
          {/each}
        </ol>
        {#if !sheet}<ProblemNote {form} />{/if}
      </div>
    </div>
    <BenchEdge>
      {#snippet next()}
        {#if unrinsed}<button class="btn-next" disabled={form.busy} onclick={rinse}>Rinsed with clean water</button>
        {:else if row.wet && row.mayDry?.verdict.outcome === 'yes'}<button
            class="btn-next"
            disabled={form.busy}
            onclick={dry}>It is dry</button
          >
        {:else if row.wet}<button class="btn-next" onclick={() => show('weigh')}>Weigh it</button>
        {:else if !open(row)}<button class="btn-next" onclick={() => show('add')}>Put something on the list</button>
        {:else if row.ladder.next}<button class="btn-next" onclick={() => show('try')}>Keep how it went</button>
        {:else}<button class="btn-next" disabled={form.busy} onclick={finish}
            >{row.item.facts.trials.length ? 'Clean enough' : 'Leave it as it is'}</button
          >{/if}
      {/snippet}
      {#snippet needs()}{row.wet ? '' : row.needs}{row.ladder.then && !row.wet
          ? ` Leaves ${lower(row.ladder.then)}.`
          : ''}{/snippet}
      {#snippet acts()}
        {#if row.wet && row.mayDry?.verdict.outcome !== 'yes'}<button
            class="act"
            disabled={form.busy}
            onclick={() => (row.takesMains ? show('tested') : void dry())}>It is dry</button
          >{/if}
        {#if !row.wet && row.ladder.next && open(row)}<button class="act" disabled={form.busy} onclick={finish}
            >{row.item.facts.trials.length ? 'Clean enough' : 'Leave it as it is'}</button
          >{/if}
        {#if row.item.facts.on.length && !unrinsed}<button class="act" disabled={form.busy} onclick={rinse}
            >Rinsed with clean water</button
          >{/if}
        {#if row.wet}<button class="act" onclick={() => show('try')}>Another pass <Key k="T" /></button>{/if}
        <button class="act" onclick={() => show('change')}>Change <Key k="E" /></button>
        <button class="act" onclick={() => show('add')}>Add <Key k="A" /></button>
      {/snippet}
    </BenchEdge>
  {/if}
</Query>

<Sheet bind:current={sheet} name="add" title="What is to be cleaned"
  ><ItemForm
    {id}
    currency={head.currency}
    ondone={(made) => {
      sheet = '';
      if (made) picked = made;
    }}
  /></Sheet
>
<Sheet bind:current={sheet} name="change" title={row?.item.name ?? ''}
  >{#if row}<ItemForm {id} {row} currency={head.currency} ondone={() => (sheet = '')} />{/if}</Sheet
>
<Sheet bind:current={sheet} name="try" title="How did it go?" about={row?.item.name}
  >{#if row}<TryForm {id} {row} ondone={() => (sheet = '')} />{/if}</Sheet
>
<Sheet
  bind:current={sheet}
  name="weigh"
  title="What does it weigh?"
  about="All of it, on the same scale, an hour after the last time."
>
  <form
    class="grid max-w-60 gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void weigh();
    }}
  >
    <ProblemNote problem={form.problem} />
    <NumberField label="Weight, g" error={form.field('grams')} bind:value={grams} size="text-xl" required />
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep the weight</button>
  </form>
</Sheet>
<Sheet
  bind:current={sheet}
  name="tested"
  title="Does it take the mains?"
  about="If it does not, say so under Change. If it does, somebody trained for mains tests its insulation first."
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void dry().then((done) => {
        if (done) [sheet, tested] = ['', ''];
      });
    }}
  >
    <ProblemNote {form} />
    <TextField label="Who tested it, and what it read" bind:value={tested} required minlength={3} maxlength={200} />
    <button class="btn-next justify-self-start" disabled={form.busy}>It is tested and dry</button>
  </form>
</Sheet>
