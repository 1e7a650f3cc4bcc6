<script lang="ts">
  import SuggestField from '$lib/ui/SuggestField.svelte';
  import { createQuery } from '@tanstack/svelte-query';
  import { api, basedOn, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { currencySign, number, plain } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { lockWords } from '$lib/words';
  import { go } from '../router';
  import LotBoxForm, { blankBox, editOf } from './LotBoxForm.svelte';
  import { photoUrl } from './photos';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['lot', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/lot', { params: { path: { id } } })),
  }));
  const form = new Sending();
  let sheet = $state<'box' | 'budget' | 'sort' | ''>('');
  let box = $state<Schemas['LotBox']>();
  let budget = $state({
    money: '',
    hours: '',
    aim: 'mostFinished' as Schemas['TriageAim'],
    prices: [] as { kind: string; fits: string; low: string; likely: string; high: string }[],
  });
  const plan = $derived(query.data?.plan);
  const fate = (boxId: string) => plan?.boxes.find((b) => b.id === boxId);
  const sorted = $derived(!!query.data?.lot.sortedAt);
  const fateWords = { restore: 'finish', donor: 'donor', aside: 'aside' } as const;
  const marks = { restore: 'sound', donor: 'if', aside: 'unknown' } as const;
  const order = { restore: 0, donor: 1, aside: 2 } as const;
  const rows = $derived(
    [...(query.data?.boxes ?? [])].sort(
      (a, b) =>
        order[fate(a.box.id)?.fate ?? 'aside'] - order[fate(b.box.id)?.fate ?? 'aside'] || a.box.number - b.box.number,
    ),
  );
  const range = (s: { low: number; likely: number; high: number }) => `${plain(s.low)} to ${plain(s.high)}`;

  function openBudget() {
    const l = query.data!.lot;
    budget = {
      money: String(l.budgetMoney),
      hours: String(l.budgetHours),
      aim: l.aim,
      prices: l.prices.map((p) => ({
        kind: p.kind,
        fits: p.fits,
        low: String(p.money.low),
        likely: String(p.money.likely),
        high: String(p.money.high),
      })),
    };
    form.forget();
    sheet = 'budget';
  }
  async function saveBudget() {
    const n = (text: string, what: string) => number(text, what) ?? 0;
    await act(
      api.PUT('/api/machines/{id}/lot', {
        params: { path: { id } },
        headers: basedOn(query.data!.version),
        body: {
          budgetMoney: n(budget.money, 'the money'),
          budgetHours: n(budget.hours, 'the hours'),
          aim: budget.aim,
          prices: budget.prices
            .filter((p) => p.kind.trim())
            .map((p) => ({
              kind: p.kind,
              fits: p.fits,
              money: { low: n(p.low, p.kind), likely: n(p.likely, p.kind), high: n(p.high, p.kind) },
            })),
        },
      }),
    );
    sheet = '';
  }
  async function saveBox(e: Schemas['LotBoxEdit']) {
    if (box)
      await act(
        api.PUT('/api/machines/{id}/lot/boxes/{boxId}', {
          params: { path: { id, boxId: box.id } },
          headers: basedOn(box.version),
          body: e,
        }),
      );
    else await act(api.POST('/api/machines/{id}/lot/boxes', { params: { path: { id } }, body: e }));
    sheet = '';
  }
  const lock = (b: Schemas['LotBox'], to: Schemas['BoxLock']) =>
    form.send(() =>
      act(
        api.POST('/api/machines/{id}/lot/boxes/{boxId}/lock', {
          params: { path: { id, boxId: b.id } },
          body: { lock: to },
        }),
      ),
    );
  const sort = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/lot/sort', {
          params: { path: { id } },
          headers: basedOn(query.data!.version),
        }),
      );
      go('/');
    });
  const add = () => {
    box = undefined;
    sheet = 'box';
  };
  useKeys([
    { key: 'b', words: 'Another box', run: () => !sorted && add() },
    { key: 'm', words: 'Budget and prices', run: () => query.data && !sorted && openBudget() },
  ]);
</script>

<svelte:head><title>The boxes · {head.machine.name}</title></svelte:head>

<Query {query} what="the lot">
  {#snippet children(data)}
    {#if !data.boxes.length}
      <div class="mx-auto max-w-xl py-8 text-center">
        <h1 class="text-title font-bold">Open every box before you decide on any</h1>
        <p class="mt-2">
          For each: what it is, what is missing or broken, what is good. Then Haar works out which few to finish, which
          give what to whom, and what is bought.
        </p>
      </div>
    {:else if sorted}
      <h1 class="text-title font-bold">Sorted. Its boxes are machines and donors now.</h1>
    {:else if data.problem}
      <h1 class="text-title leading-tight font-bold text-oxide">{data.problem}</h1>
    {:else if plan}
      <div class="grid gap-x-8 gap-y-3 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <Verdict
          verdict={plan.verdict}
          words={{ yes: 'Within the budget', yesIf: 'Likely within the budget', no: 'None' }}
          big
          figures={false}
          heading={1}
        />
        <dl class="grid content-start gap-y-3">
          {#each [{ word: `${currencySign(data.currency)}, of ${plain(data.lot.budgetMoney)}`, s: plan.money, most: data.lot.budgetMoney }, { word: `hours, of ${plain(data.lot.budgetHours)}`, s: plan.hours, most: data.lot.budgetHours }] as f (f.word)}
            {@const top = Math.max(f.most, f.s.high, 1) * 1.08}
            <div class="flex flex-col-reverse">
              <dt class="text-sm text-soft">
                {f.word}; {range(f.s)}
                <svg
                  viewBox="0 0 300 16"
                  class="mt-1 block h-4 w-full"
                  role="img"
                  aria-label="Likely {plain(f.s.likely)}, {range(f.s)}, budget {plain(f.most)}"
                  preserveAspectRatio="none"
                  ><path d="M0 8H300" class="stroke-sill" stroke-width="2" /><rect
                    x={(f.s.low / top) * 300}
                    y="4"
                    width={Math.max(2, ((f.s.high - f.s.low) / top) * 300)}
                    height="8"
                    class="fill-verdigris-wash stroke-verdigris"
                  /><rect x={(f.s.likely / top) * 300 - 2} y="1" width="4" height="14" class="fill-verdigris" /><path
                    d="M{(f.most / top) * 300} 0V16"
                    class="stroke-oxide"
                    stroke-width="2.500"
                  /></svg
                >
              </dt>
              <dd class="reading text-saying leading-none">{plain(f.s.likely)}</dd>
            </div>
          {/each}
        </dl>
      </div>
      {#if plan.runnerUp}<p class="mt-2 max-w-read text-soft">{plan.runnerUp}</p>{/if}
    {/if}
    {#if !sheet}<div class="mt-2"><ProblemNote problem={form.problem} /></div>{/if}
    {#if data.boxes.length}
      <ul class="mt-4 border-t border-sill">
        {#each rows as { box: b, photoHash } (b.id)}
          {@const p = fate(b.id)}
          <li
            class="grid items-start gap-x-5 gap-y-2 border-b border-sill py-3 sm:grid-cols-[5.5rem_minmax(0,1fr)_13rem]"
          >
            {#if photoHash}<img
                class="aspect-4/3 w-22 rounded object-cover max-sm:hidden"
                src={photoUrl(photoHash, 'thumb')}
                alt="Box {b.number}: {b.name}"
                loading="lazy"
              />{:else}<span
                class="grid aspect-4/3 w-22 place-items-center rounded bg-rock text-2xl font-bold text-soft max-sm:hidden"
                >{b.number}</span
              >{/if}
            <div class="min-w-0">
              <h2 class="flex flex-wrap items-center gap-x-3 text-lg leading-snug font-bold">
                {#if p}<Mark of={marks[p.fate]} size={24} word={fateWords[p.fate]} />{/if}<span
                  ><span class="reading text-soft">{b.number}</span> {b.name}</span
                >{#if p}<span
                    class="text-base font-semibold {p.fate === 'restore' ? 'text-verdigris' : 'text-brass-ink'}"
                    >{fateWords[p.fate]}{b.lock !== 'free' ? ', locked' : ''}</span
                  >{/if}
              </h2>
              <p>{p?.why ?? b.note}</p>
              <p class="text-sm text-soft">
                {[
                  b.note,
                  b.parts.filter((x) => x.state === 'missing' || x.state === 'damaged').length
                    ? `wants ${b.parts
                        .filter((x) => x.state === 'missing' || x.state === 'damaged')
                        .map((x) => x.kind)
                        .join(', ')}`
                    : '',
                  b.parts.filter((x) => x.state === 'good').length
                    ? `has ${b.parts
                        .filter((x) => x.state === 'good')
                        .map((x) => x.kind)
                        .join(', ')}`
                    : '',
                  b.parts.some((x) => x.state === 'notKnown')
                    ? `not tried: ${b.parts
                        .filter((x) => x.state === 'notKnown')
                        .map((x) => x.kind)
                        .join(', ')}`
                    : '',
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </p>
              {#if !sorted}<p class="flex gap-5">
                  <button
                    class="act"
                    aria-label="Change box {b.number}"
                    onclick={() => {
                      box = b;
                      sheet = 'box';
                    }}>Change</button
                  >
                </p>{:else if b.becameId}<a class="act" href="/m/{b.becameId}">To it</a>{/if}
            </div>
            <div>
              {#if p?.fate === 'restore'}<p class="flex items-baseline gap-4 leading-tight">
                  <span
                    ><span class="reading text-2xl">{plain(p.money.likely)}</span>
                    <span class="text-sm">{currencySign(data.currency)}</span></span
                  ><span
                    ><span class="reading text-2xl">{plain(p.hours.likely)}</span> <span class="text-sm">h</span></span
                  >
                </p>{/if}
              <p class="text-sm text-soft">
                {b.complete ? `a complete one ${plain(b.complete)}` : 'price of a complete one not known'}
              </p>
              {#if !sorted}<SelectField
                  label="What becomes of box {b.number}"
                  hidden
                  small
                  class="mt-1"
                  value={b.lock}
                  options={lockWords}
                  onchange={(v) => void lock(b, v)}
                />{/if}
            </div>
          </li>
        {/each}
      </ul>
    {/if}
    <BenchEdge>
      {#snippet next()}{#if sorted}<button class="btn-next" onclick={() => go('/')}>To the workshop</button
          >{:else if plan?.boxes.length && data.boxes.length > 1}<button
            class="btn-next"
            onclick={() => {
              form.forget();
              sheet = 'sort';
            }}>Sort it like this</button
          >{:else}<button class="btn-next" onclick={add}>{data.boxes.length ? 'Another box' : 'The first box'}</button
          >{/if}{/snippet}
      {#snippet needs()}{plan && !sorted
          ? `${plan.finished} to finish, ${plan.boxes.filter((b) => b.fate === 'donor').length} donors.`
          : ''}{/snippet}
      {#snippet acts()}{#if !sorted}<button class="act" onclick={openBudget}>Budget and prices <Key k="M" /></button
          >{#if data.boxes.length}<button class="act" onclick={add}>Another box <Key k="B" /></button
            >{/if}{/if}{/snippet}
    </BenchEdge>

    <Sheet bind:current={sheet} name="box" title={box ? `Box ${box.number}` : 'What is in it?'}>
      {#key box?.id}<LotBoxForm
          lotId={id}
          from={box ? editOf(box) : blankBox()}
          kinds={data.partKinds}
          currency={data.currency}
          onsave={saveBox}
        />{/key}
      {#if box}<button
          class="act mt-2 text-oxide"
          onclick={() =>
            void form.send(async () => {
              await act(
                api.DELETE('/api/machines/{id}/lot/boxes/{boxId}', { params: { path: { id, boxId: box!.id } } }),
              );
              sheet = '';
            })}>Take it off the lot</button
        >{/if}
    </Sheet>
    <Sheet
      bind:current={sheet}
      name="budget"
      title="Budget and prices"
      about="A part that has no price here cannot be bought; it comes from a donor or not at all."
    >
      <form
        class="grid gap-4"
        onsubmit={(e) => {
          e.preventDefault();
          void form.send(saveBudget);
        }}
      >
        <ProblemNote problem={form.problem} />
        <div class="grid gap-4 sm:grid-cols-3">
          <NumberField
            label="Money, {currencySign(data.currency)}"
            error={form.field('budgetMoney')}
            bind:value={budget.money}
            required
          />
          <NumberField label="Hours" error={form.field('budgetHours')} bind:value={budget.hours} required />
          <SelectField
            label="Aim"
            bind:value={budget.aim}
            options={[
              ['mostFinished', 'Most finished'],
              ['mostWorth', 'Most worth'],
            ]}
          />
        </div>
        <fieldset class="grid gap-2">
          <legend class="mb-1 text-sm font-semibold">What a part costs: low, likely, high</legend>
          {#if form.field('prices')}<p class="text-sm font-semibold text-oxide">{form.field('prices')}</p>{/if}
          {#each budget.prices as p, i (i)}
            <div class="grid grid-cols-[minmax(0,1fr)_4.5rem_3.5rem_3.5rem_3.5rem_auto] gap-1.5">
              <SuggestField
                label="Part {i + 1}"
                hidden
                suggestions={data.partKinds}
                maxlength={60}
                bind:value={p.kind}
              />
              <input
                class="input px-2"
                aria-label="Part {i + 1} fits"
                placeholder="fits"
                maxlength={40}
                bind:value={p.fits}
              />
              {#each ['low', 'likely', 'high'] as const as w (w)}<input
                  class="input reading px-2"
                  aria-label="Part {i + 1}, {w}"
                  inputmode="decimal"
                  required
                  bind:value={p[w]}
                />{/each}
              <button
                type="button"
                class="act min-w-9 justify-center"
                aria-label="Take part {i + 1} off the list"
                onclick={() => (budget.prices = budget.prices.filter((_, j) => j !== i))}>×</button
              >
            </div>
          {/each}
          <button
            type="button"
            class="btn justify-self-start"
            onclick={() => (budget.prices = [...budget.prices, { kind: '', fits: '', low: '', likely: '', high: '' }])}
            >Another price</button
          >
        </fieldset>

        <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
      </form>
    </Sheet>
    <Sheet bind:current={sheet} name="sort" title="Sort it like this?" about={plan?.verdict.sentence ?? ''}>
      <ProblemNote problem={form.problem} />
      <p>
        {plan?.finished}
        {plan?.finished === 1 ? 'machine goes' : 'machines go'} on the workshop’s list with the work that the parts imply;
        the rest become donors, and their good parts stand in the store with where they came from. Undo puts the boxes back.
      </p>
      <button class="btn-next mt-4" disabled={form.busy} onclick={() => void sort()}>Sort it</button>
    </Sheet>
  {/snippet}
</Query>
